<?php

namespace DuskSwitch\Tests;

/** How much is tried: a witness of seconds in an ordinary run, the whole under `./dusk test --long`. */
final class Long
{
    public static function is(): bool
    {
        return getenv('DUSK_LONG') === '1';
    }

    /**
     * Of a matrix one in so many; all under --long.
     *
     * @template T
     *
     * @param  iterable<string, T>  $all
     * @return iterable<string, T>
     */
    public static function oneIn(int $many, iterable $all): iterable
    {
        $place = 0;
        foreach ($all as $name => $one) {
            if (self::is() || $place++ % $many === 0) {
                yield $name => $one;
            }
        }
    }
}
