<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\Core\Fault\Refused;

/** What the commands have alike. */
final class CommandLine
{
    /** The exit code for input that can't be taken. */
    public const BAD_INPUT = 2;

    /** A number of an option; null where it isn't given. */
    public static function optional(string $text, string $option, float $least, float $most): ?float
    {
        return $text === '' ? null : self::number($text, $option, $least, $most);
    }

    /** A number of an option that must be there. */
    public static function number(string $text, string $option, float $least, float $most): float
    {
        if (! is_numeric($text) || (float) $text < $least || (float) $text > $most) {
            throw Refused::because($option, "must be a number from {$least} to {$most}, not \"{$text}\"");
        }

        return (float) $text;
    }

    /** Tells what is wrong with a file; returns the exit code. */
    public static function refused(Refused $refused, string $file): int
    {
        foreach ($refused->faults as $fault) {
            fwrite(STDERR, "{$file}: {$fault}\n");
        }

        return self::BAD_INPUT;
    }

    /** A value as a line of JSON. */
    public static function json(mixed $value): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
    }
}
