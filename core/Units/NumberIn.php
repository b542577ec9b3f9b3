<?php

namespace DuskSwitch\Core\Units;

/** The number that a text from outside holds: one that can be reckoned with, or none. */
final class NumberIn
{
    /** Beyond this nothing was measured, and sums of it may leave what a machine can count (our own choice). */
    public const MOST = 1e18;

    /**
     * The number in a text; null for what is none, for one without an end ("1e999") and for one beyond {@see
     * self::MOST}.
     *
     * @param  mixed  $text  text, or a number as JSON has it
     */
    public static function text(mixed $text): ?float
    {
        return is_numeric($text) ? self::sane((float) $text) : null;
    }

    /** A number that can be reckoned with, or null. */
    public static function sane(float $number): ?float
    {
        return abs($number) <= self::MOST ? $number : null;
    }
}
