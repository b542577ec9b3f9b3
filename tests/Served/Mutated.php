<?php

namespace DuskSwitch\Tests\Served;

use stdClass;

/** Changes one thing in a backup, at random: a value, a key, a line, a name. */
final class Mutated
{
    private const VALUES = [
        null,
        true,
        false,
        0,
        -1,
        1,
        3,
        1.5,
        1e9,
        2_000_000_001,
        '',
        'word',
        '../../x',
        "a\nb",
        '[]',
        '{}',
        'null',
        '2026-13-45',
        '9999-12-31 00:00:00',
        [],
        [1],
        ['a'],
        'éé',
        '00000000-0000-4000-8000-000000000000',
    ];

    /** @return string what was changed */
    public static function any(ForeignBackup $one): string
    {
        $names = array_values(
            array_filter(
                array_keys($one->files),
                fn (string $name): bool => ! str_starts_with($name, 'recordings/') && $one->files[$name] !== '',
            ),
        );
        // Most files are programs, which the decoders' own tests spoil: here every kind has its turn.
        $kinds = [];
        foreach ($names as $name) {
            $kinds[(string) preg_replace('#/[0-9a-f-]{36}|[0-9]+#', '', $name)][] = $name;
        }
        $kind = $kinds[array_rand($kinds)];
        $name = $kind[mt_rand(0, count($kind) - 1)];
        $lines = str_ends_with($name, '.jsonl') ? explode("\n", rtrim($one->files[$name])) : [$one->files[$name]];
        $line = mt_rand(0, count($lines) - 1);
        $value = json_decode($lines[$line]);
        $path = self::spoil($value, '');
        $lines[$line] = (string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION);
        $one->files[$name] = implode("\n", $lines)."\n";

        return "{$name}, line ".($line + 1).": {$path}";
    }

    private static function spoil(mixed &$value, string $path): string
    {
        $keys = array_keys((array) $value);
        if ((! ($value instanceof stdClass) && ! is_array($value)) || $keys === [] || mt_rand(0, 9) === 0) {
            // A value that is text of JSON is spoiled inside, too.
            $inner = is_string($value) && str_starts_with($value, '{') ? json_decode($value) : null;
            if ($inner !== null && mt_rand(0, 2) > 0) {
                $path = self::spoil($inner, "{$path}|");
                $value = (string) json_encode($inner, JSON_PRESERVE_ZERO_FRACTION);

                return $path;
            }
            $value = self::VALUES[mt_rand(0, count(self::VALUES) - 1)];

            return "{$path} = ".json_encode($value);
        }
        $key = $keys[mt_rand(0, count($keys) - 1)];
        if ($value instanceof stdClass) {
            if (mt_rand(0, 7) === 0) {
                unset($value->{$key});

                return "{$path}.{$key} is gone";
            }

            return self::spoil($value->{$key}, "{$path}.{$key}");
        }

        return self::spoil($value[$key], "{$path}[{$key}]");
    }
}
