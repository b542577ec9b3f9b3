<?php

namespace DuskSwitch\Core\Document;

/** Goes through a part and the parts inside it, by their fields: what a part gets one day is gone through too. */
final class Walk
{
    /**
     * All of a kind inside a part, in the order of its fields; what stands inside one of them isn't looked for.
     *
     * @template T of object
     *
     * @param  class-string<T>  $kind
     * @return list<T>
     */
    public static function each(Part $part, string $kind): array
    {
        $found = [];
        self::collect(get_object_vars($part), $kind, $found);

        return $found;
    }

    /**
     * The part with all of a kind changed; a part in which nothing changes stays the same one.
     *
     * @template P of Part
     * @template T of object
     *
     * @param  P  $part
     * @param  class-string<T>  $kind
     * @param  callable(T): T  $change
     * @return P
     */
    public static function map(Part $part, string $kind, callable $change): Part
    {
        $changed = self::changes(get_object_vars($part), $kind, $change);

        return $changed === [] ? $part : Copy::of($part, $changed);
    }

    /**
     * @template T of object
     *
     * @param  array<mixed>  $values
     * @param  class-string<T>  $kind
     * @param  list<T>  $found
     */
    private static function collect(array $values, string $kind, array &$found): void
    {
        foreach ($values as $value) {
            if (is_array($value)) {
                self::collect($value, $kind, $found);
            } elseif ($value instanceof $kind) {
                $found[] = $value;
            } elseif ($value instanceof Part) {
                self::collect(get_object_vars($value), $kind, $found);
            }
        }
    }

    /**
     * Those of the values that become others, by their keys.
     *
     * @template T of object
     *
     * @param  array<mixed>  $values
     * @param  class-string<T>  $kind
     * @param  callable(T): T  $change
     * @return array<mixed>
     */
    private static function changes(array $values, string $kind, callable $change): array
    {
        $changed = [];
        foreach ($values as $key => $value) {
            if (is_array($value)) {
                $inside = self::changes($value, $kind, $change);
                if ($inside !== []) {
                    $changed[$key] = array_replace($value, $inside);
                }
            } elseif (is_object($value)) {
                $is = match (true) {
                    $value instanceof $kind => $change($value),
                    $value instanceof Part => self::map($value, $kind, $change),
                    default => $value,
                };
                if ($is !== $value) {
                    $changed[$key] = $is;
                }
            }
        }

        return $changed;
    }
}
