<?php

namespace DuskSwitch\Tests\Core;

use LogicException;

/**
 * Pages of text that were read through and are kept, a file a subject, with a heading each: whatever changes on them is
 * seen. With DUSK_ACCEPT=1 they are written again: read the difference before it's committed.
 */
final class KeptPages
{
    private const FOLDER = __DIR__.'/pages';

    /** The page of that heading as it's kept; the given one is written first where that was asked for. */
    public static function page(string $file, string $heading, string $text): string
    {
        $pages = self::pages($file);
        if (getenv('DUSK_ACCEPT') === '1') {
            $pages[$heading] = rtrim($text);
            $written = '';
            foreach ($pages as $title => $page) {
                $written .= "== {$title}\n{$page}\n\n";
            }
            file_put_contents(self::FOLDER."/{$file}.txt", $written);
        }

        return ($pages[$heading] ?? throw new LogicException("\"{$heading}\" isn't among the kept pages"))."\n";
    }

    /** @return array<string, string> by heading */
    private static function pages(string $file): array
    {
        $path = self::FOLDER."/{$file}.txt";
        $pages = [];
        foreach (array_slice(explode("\n== ", "\n".(is_file($path) ? file_get_contents($path) : '')), 1) as $page) {
            [$heading, $text] = explode("\n", $page, 2) + [1 => ''];
            $pages[$heading] = rtrim($text);
        }

        return $pages;
    }

    /**
     * Plain values as lines, one for each leaf: "feeds.0.weight: 0.5".
     *
     * @param  iterable<int|string, mixed>  $values
     */
    public static function lines(iterable $values, string $before = ''): string
    {
        $lines = '';
        foreach ($values as $key => $value) {
            $lines .= match (true) {
                is_iterable($value) || $value instanceof \stdClass => self::lines((array) $value, "{$before}{$key}."),
                is_string($value) => "{$before}{$key}: {$value}\n",
                default => "{$before}{$key}: ".json_encode($value)."\n",
            };
        }

        return $lines;
    }
}
