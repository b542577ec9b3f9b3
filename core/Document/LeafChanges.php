<?php

namespace DuskSwitch\Core\Document;

use stdClass;

/**
 * What is otherwise between two values of a document, by their keys: "feeds 2 delay: 0.1 → 0.4". For what nobody has
 * better words for.
 */
final class LeafChanges
{
    private const PLAIN = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /**
     * @param  mixed  $old  as {@see Form::write()} gives it; null where there was nothing
     * @return list<string> none where both are the same
     */
    public static function between(mixed $old, mixed $new, string $at = ''): array
    {
        [$before, $after] = [self::content($old), self::content($new)];
        if ($before === null || $after === null || array_is_list($before) !== array_is_list($after)) {
            return json_encode($old) === json_encode($new)
                ? []
                : [trim("{$at}: ".self::say($old).' → '.self::say($new), ': ')];
        }
        $said = [];
        foreach (array_keys($before + $after) as $key) {
            $word = is_int($key) ? (string) ($key + 1) : self::words($key);
            $inside = self::between($before[$key] ?? null, $after[$key] ?? null, trim("{$at} {$word}"));
            array_push($said, ...$inside);
        }

        return $said;
    }

    /** @return array<mixed>|null what stands in it; null where it's one value */
    private static function content(mixed $value): ?array
    {
        return $value instanceof stdClass ? get_object_vars($value) : (is_array($value) ? $value : null);
    }

    private static function words(string $key): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', $key));
    }

    private static function say(mixed $value): string
    {
        return match (true) {
            $value === null => 'none',
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => ValueText::value($value),
            default => mb_strimwidth((string) json_encode($value, self::PLAIN), 0, 60, '…'),
        };
    }
}
