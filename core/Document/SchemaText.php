<?php

namespace DuskSwitch\Core\Document;

use stdClass;

/** Prints a schema as JSON: on one line what fits there. */
final class SchemaText
{
    private const WIDTH = 120;

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    /** @param  array<string, mixed>  $schema */
    public static function of(array $schema): string
    {
        return self::block($schema, 0, 0)."\n";
    }

    /** @param  int  $used  columns that stand before it on its line */
    private static function block(mixed $value, int $depth, int $used): string
    {
        $line = self::line($value);
        if (! is_array($value) || $value === [] || ($depth > 0 && mb_strlen($line) + $used < self::WIDTH)) {
            return $line;
        }
        $isList = array_is_list($value);
        $indent = str_repeat('  ', $depth + 1);
        $lines = [];
        foreach ($value as $key => $item) {
            $before = $indent.($isList ? '' : json_encode((string) $key, self::FLAGS).': ');
            $lines[] = $before.self::block($item, $depth + 1, mb_strlen($before));
        }
        [$open, $close] = $isList ? ['[', ']'] : ['{', '}'];

        return "{$open}\n".implode(",\n", $lines)."\n".str_repeat('  ', $depth).$close;
    }

    private static function line(mixed $value): string
    {
        if (! is_array($value)) {
            return json_encode($value instanceof stdClass ? (object) [] : $value, self::FLAGS);
        }
        $items = [];
        foreach ($value as $key => $item) {
            $items[] = (array_is_list($value) ? '' : json_encode((string) $key, self::FLAGS).': ').self::line($item);
        }

        return array_is_list($value) ? '['.implode(', ', $items).']' : '{ '.implode(', ', $items).' }';
    }
}
