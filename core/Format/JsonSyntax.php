<?php

namespace DuskSwitch\Core\Format;

/** Finds where a text stops being JSON (RFC 8259); PHP's own decoder doesn't say. */
final class JsonSyntax
{
    private const TOKEN = '/\G[ '.
        '\t\r\n]*+(?:([{}\[\],:])|("(?:[^"\\\\\x00-\x1f]|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*+")|(-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?(?![\w.+-])|true\b|false\b|null\b))/';

    /** The byte at which the first fault stands, or null where the text is JSON. */
    public static function firstFault(string $text): ?int
    {
        $offset = 0;
        $open = [];
        $expect = 'value';
        while (true) {
            $found = preg_match(self::TOKEN, $text, $match, PREG_UNMATCHED_AS_NULL, $offset);
            $start = $offset + strspn($text, " \t\r\n", $offset);
            if ($found !== 1) {
                return $expect === 'end' && $start === strlen($text) ? null : $start;
            }
            $kind = $match[1] !== null ? $match[1] : ($match[2] !== null ? 'text' : 'word');
            $next = self::next($expect, $kind, $open);
            if ($next === null) {
                return $start;
            }
            $expect = $next;
            $offset += strlen($match[0]);
        }
    }

    /**
     * What may come after a token, or null where it may not stand.
     *
     * @param  list<string>  $open  the brackets that are open, changed as they open and close
     */
    private static function next(string $expect, string $kind, array &$open): ?string
    {
        $value = in_array($expect, ['value', 'value or ]'], true);
        if ($value && ($kind === '{' || $kind === '[')) {
            $open[] = $kind;

            return $kind === '{' ? 'key or }' : 'value or ]';
        }
        if ($value && ($kind === 'text' || $kind === 'word')) {
            return $open === [] ? 'end' : 'comma';
        }
        $inObject = end($open) === '{';
        if (
            ($kind === '}' && $inObject && in_array($expect, ['key or }', 'comma'], true)) ||
            ($kind === ']' && ! $inObject && $open !== [] && in_array($expect, ['value or ]', 'comma'], true))
        ) {
            array_pop($open);

            return $open === [] ? 'end' : 'comma';
        }

        return match (true) {
            $kind === 'text' && in_array($expect, ['key', 'key or }'], true) => 'colon',
            $kind === ':' && $expect === 'colon' => 'value',
            $kind === ',' && $expect === 'comma' => $inObject ? 'key' : 'value',
            default => null,
        };
    }
}
