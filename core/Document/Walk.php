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
     * @return iterable<T>
     */
    public static function each(Part $part, string $kind): iterable
    {
        foreach (get_object_vars($part) as $value) {
            yield from self::inside($value, $kind);
        }
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
        $changed = [];
        foreach (get_object_vars($part) as $field => $value) {
            $is = self::changed($value, $kind, $change);
            if ($is !== $value) {
                $changed[$field] = $is;
            }
        }

        return $changed === [] ? $part : Copy::of($part, $changed);
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $kind
     * @return iterable<T>
     */
    private static function inside(mixed $value, string $kind): iterable
    {
        if ($value instanceof $kind) {
            yield $value;
        } elseif ($value instanceof Part) {
            yield from self::each($value, $kind);
        } elseif (is_array($value)) {
            foreach ($value as $one) {
                yield from self::inside($one, $kind);
            }
        }
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $kind
     * @param  callable(T): T  $change
     */
    private static function changed(mixed $value, string $kind, callable $change): mixed
    {
        return match (true) {
            $value instanceof $kind => $change($value),
            $value instanceof Part => self::map($value, $kind, $change),
            is_array($value) => array_map(fn (mixed $one): mixed => self::changed($one, $kind, $change), $value),
            default => $value,
        };
    }
}
