<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\LogSource;

/** A recording in a file. Text of two bytes a letter, as some spreadsheets write it, is read like any other. */
final class LogFile implements LogSource
{
    /** Bytes that are read at most: a season of logs. */
    public const MOST = 1_000_000_000;

    /** Lines after which it is looked how far it was read. */
    private const EVERY = 500;

    private int $at = 0;

    /** How text of two bytes a letter begins. */
    private const WIDE = ["\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    /**
     * @param  string  $path  where it lies
     * @param  string  $name  what it is called
     *
     * @throws Refused where it isn't there, can't be read or is larger than anything that is a recording
     */
    public function __construct(private readonly string $path, private readonly string $name)
    {
        if (! is_file($path)) {
            throw Refused::because('', 'there is no such file');
        }
        if (! is_readable($path)) {
            throw Refused::because('', 'this file can\'t be read');
        }
        if ($this->bytes() > self::MOST) {
            throw Refused::because(
                '',
                'it has '.round($this->bytes() / 1e9, 1).' GB, and a recording has 1 GB at most: split it',
            );
        }
    }

    public function name(): string
    {
        return $this->name;
    }

    public function bytes(): int
    {
        return (int) filesize($this->path);
    }

    public function head(int $bytes): string
    {
        $file = $this->open();
        $head = (string) stream_get_contents($file, $bytes);
        fclose($file);

        return $head;
    }

    public function lines(): iterable
    {
        $file = $this->open();
        try {
            $number = 0;
            $isOn = false;
            while (($line = fgets($file, self::LONGEST + 1)) !== false) {
                // The rest of a line that is too long is passed over.
                $wasOn = $isOn;
                if ($number % self::EVERY === 0) {
                    $this->at = (int) ftell($file);
                }
                $isOn = ! str_ends_with($line, "\n") && strlen($line) >= self::LONGEST;
                if (! $wasOn) {
                    yield from self::parts($line, $number);
                }
            }
        } finally {
            fclose($file);
        }
    }

    /** Bytes that were read, about; 0 where it isn't read line by line. */
    public function at(): int
    {
        return $this->at;
    }

    public function uri(): string
    {
        return $this->path;
    }

    /**
     * One line, or several where they end as old machines end them.
     *
     * @return iterable<int, string>
     */
    private static function parts(string $line, int &$number): iterable
    {
        $line = rtrim($line, "\r\n");
        if (! str_contains($line, "\r")) {
            yield ++$number => $line;

            return;
        }
        foreach (explode("\r", $line) as $part) {
            yield ++$number => $part;
        }
    }

    /** @return resource */
    private function open()
    {
        $file = @fopen($this->path, 'r');
        if ($file === false) {
            throw Refused::because('', 'this file can\'t be read');
        }
        $wide = self::WIDE[(string) fread($file, 2)] ?? null;
        rewind($file);
        if ($wide !== null) {
            stream_filter_append($file, "convert.iconv.{$wide}.UTF-8", STREAM_FILTER_READ);
        }

        return $file;
    }
}
