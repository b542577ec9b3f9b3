<?php

namespace DuskSwitch\Core\Format;

/**
 * Prints a document as canonical text: a line for each thing that one would compare (a function, an output,
 * a point list), so that differences read well. The same document always gives the same bytes.
 */
final class CanonicalText
{
    private const FLAGS =
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;

    /** @param  array<string, mixed>  $document */
    public static function of(array $document): string
    {
        $lines = [];
        foreach ($document as $key => $value) {
            $lines[] = '  '.json_encode((string) $key, self::FLAGS).': '.self::block($value);
        }

        return "{\n".implode(",\n", $lines)."\n}\n";
    }

    private static function block(mixed $value): string
    {
        if (! is_array($value) || $value === []) {
            return self::inline($value);
        }
        $lines = [];
        foreach ($value as $key => $item) {
            $lines[] =
                '    '.
                (array_is_list($value) ? '' : json_encode((string) $key, self::FLAGS).': ').
                self::inline($item);
        }
        [$open, $close] = array_is_list($value) ? ['[', ']'] : ['{', '}'];

        return "{$open}\n".implode(",\n", $lines)."\n  {$close}";
    }

    private static function inline(mixed $value): string
    {
        if (! is_array($value)) {
            return json_encode($value, self::FLAGS);
        }
        $items = [];
        if (array_is_list($value)) {
            foreach ($value as $item) {
                $items[] = is_array($item) ? self::inline($item) : json_encode($item, self::FLAGS);
            }

            return '['.implode(', ', $items).']';
        }
        foreach ($value as $key => $item) {
            $text = is_array($item) ? self::inline($item) : json_encode($item, self::FLAGS);
            $items[] = json_encode((string) $key, self::FLAGS).': '.$text;
        }

        return '{'.implode(', ', $items).'}';
    }
}
