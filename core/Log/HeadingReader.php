<?php

namespace DuskSwitch\Core\Log;

use DuskSwitch\Core\Units\Dimension;

/** Takes a heading apart: its words, its unit, and what they stand for. */
final class HeadingReader
{
    /** Less sure than this, a column is something else. */
    private const LEAST = 0.45;

    /** What a unit alone most likely heads. */
    private const BY_UNIT = [
        'voltage' => 'volts',
        'current' => 'amperes',
        'charge' => 'used',
        'power' => 'power',
        'rotation' => 'rotor',
        'temperature' => 'temperature',
        'level' => 'link-level',
    ];

    /** Words for what takes the pack's power. */
    private const DRIVE = ['motor', 'motors', 'engine', 'drive', 'main', 'antrieb', 'flight'];

    /** What a column is taken for by its heading, and by a unit that stands below it or in its cells. */
    public static function read(string $heading, ?string $unitBelow = null): LogColumn
    {
        [$ways, $unit] = self::parts($heading);
        $below = $unitBelow === null ? null : LogUnit::of(trim($unitBelow, " \t()[]"));
        $unit = $below ?? $unit;
        foreach (self::all($ways, $unit) as [$quantity, $sure]) {
            $wants = $quantity->dimension();
            $fits = $unit !== null && ($wants === $unit->dimension || self::mayBe($quantity, $unit->dimension));
            $sure = match (true) {
                $unit === null => $sure,
                $fits => min(1.0, $sure + 0.1),
                default => $sure * 0.3,
            };
            if ($sure >= self::LEAST) {
                return new LogColumn('', $heading, $quantity, $fits ? $unit : null, round(min(1.0, $sure), 2), $fits);
            }
        }

        return new LogColumn('', $heading, LogQuantity::Other, $unit, 0.0, $unit !== null);
    }

    /** True where a text would be a unit, or something that stands for "no unit". */
    public static function isUnit(string $text): bool
    {
        $text = trim($text, " \t()[]");

        return LogUnit::of($text) !== null ||
            preg_match(
                '#^(-+|hh:mm.*|yyyy.*|dd[./-]mm.*|n/?a|none|text|bool|count|g|raw|\d?d?mm[./]ss.*|sats?|iso.*|utc)$#i',
                $text,
            ) === 1;
    }

    /**
     * @param  list<list<string>>  $ways  in which its words can be read
     * @return list<array{LogQuantity, float}> the best first
     */
    private static function all(array $ways, ?LogUnit $unit): array
    {
        $words = $ways[0] ?? [];
        $guesses = [];
        foreach ($ways as $way) {
            foreach (HeadingWords::guesses($way) as [$quantity, $sure]) {
                $guesses[] = [$quantity, $way === $words || $words === [] ? $sure : $sure * 0.95];
            }
        }
        // A heading that is a unit and nothing else, "V", "mAh", or of what the pack drives: "Motor_A".
        if (
            $guesses === [] &&
            max([0, ...array_map(strlen(...), array_diff($words, self::DRIVE))]) <= 1 &&
            isset(self::BY_UNIT[$unit?->dimension->value])
        ) {
            $guesses[] = [LogQuantity::from(self::BY_UNIT[$unit->dimension->value]), 0.6];
        }
        // The same words may head a level in dBm and a quality in per cent; the unit tells.
        foreach ($guesses as [$quantity, $sure]) {
            if ($quantity === LogQuantity::Level && $unit?->dimension === Dimension::Percent) {
                $guesses[] = [LogQuantity::Quality, $sure];
            }
            if ($quantity === LogQuantity::Quality && $unit?->dimension === Dimension::Level) {
                $guesses[] = [LogQuantity::Level, $sure];
            }
            if ($quantity === LogQuantity::Clock && $unit?->dimension === Dimension::Time) {
                $guesses[] = [LogQuantity::Elapsed, $sure];
            }
            if ($quantity === LogQuantity::Speed && in_array($unit?->word, ['ft/min'], true)) {
                $guesses[] = [LogQuantity::Climb, $sure - 0.2];
            }
        }
        usort($guesses, fn (array $a, array $b): int => self::weight($b, $unit) <=> self::weight($a, $unit));

        return $guesses;
    }

    /** @param  array{LogQuantity, float}  $guess */
    private static function weight(array $guess, ?LogUnit $unit): float
    {
        [$quantity, $sure] = $guess;
        $fits =
            $unit !== null && ($quantity->dimension() === $unit->dimension || self::mayBe($quantity, $unit->dimension));

        return $sure + ($unit === null ? 0.0 : ($fits ? 0.3 : -0.6));
    }

    /** Sticks in per cent, used capacity in per cent of nothing: what a dimension may be besides. */
    private static function mayBe(LogQuantity $quantity, Dimension $dimension): bool
    {
        return ($quantity->isStick() && in_array($dimension, [Dimension::Percent, Dimension::Time], true)) ||
            ($quantity === LogQuantity::Position && $dimension === Dimension::Angle);
    }

    /**
     * @return array{list<list<string>>, LogUnit|null} ways to read its words, without the unit first; the unit
     */
    private static function parts(string $heading): array
    {
        $text = trim($heading, " \t\"'#;");
        $unit = null;
        // A unit in brackets, or after a comma or a stroke: "Alt (ft)", "Speed, km/h".
        if (preg_match('/[(\[{<]\s*([^()\[\]{}<>]+?)\s*[)\]}>]/u', $text, $found) === 1) {
            $unit = LogUnit::of($found[1]);
            $text = str_replace($found[0], ' ', $text);
            if ($unit === null) {
                $text .= ' '.$found[1];
            }
        } elseif (preg_match('#[,;|]\s*(\S+)$|\bin\s+(\S+)$#u', $text, $found) === 1) {
            $unit = LogUnit::of($found[2] ?? $found[1]);
            $text = $unit === null ? $text : substr($text, 0, -strlen($found[0]));
        }
        $bare = self::words($text);
        $words = $bare;
        $whole = self::words($text, false);
        // A unit as the last word: "speed kmh", "alt_ft", "Spannung V".
        $last = end($words);
        $tail =
            preg_match('#(?:^|[\s_.:-])([\p{L}%°µ]+/[\p{L}]+|[mckµ]?[VAW])$#u', $text, $found) === 1
                ? $found[1]
                : $last;
        if ($unit === null && is_string($tail) && ($words !== [$last] || LogUnit::of($tail) !== null)) {
            $unit = LogUnit::of($tail);
            if ($unit !== null) {
                $words = array_slice($words, 0, -count(self::words($tail)));
            }
        }

        // "GPSspeed" is one word to one writer and two to another; and a unit may be the name itself, "mAh".
        return [[$words, $bare, $whole], $unit];
    }

    /** @return list<string> in lower case, numbers and signs left out */
    private static function words(string $text, bool $camel = true): array
    {
        $text = str_replace(['mAh', 'dBm', '°'], ['mah', 'dbm', ' °'], $text);
        $apart = ! $camel
            ? $text
            : (string) preg_replace(
                ['/(?<=\p{Ll})(?=\p{Lu})/u', '/(?<=\p{Lu})(?=\p{Lu}\p{Ll})/u', '/(?<=\p{L})(?=\d)|(?<=\d)(?=\p{L})/u'],
                ' ',
                $text,
            );
        $words = preg_split('/[^\p{L}%°µ]+/u', mb_strtolower($apart), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return $words;
    }
}
