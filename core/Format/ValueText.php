<?php

namespace DuskSwitch\Core\Format;

/** Values of a document as a message shows them: short, and never a surprise. */
final class ValueText
{
    /** Any value. */
    public static function value(mixed $value): string
    {
        return match (true) {
            is_string($value) => (string) json_encode(mb_strimwidth($value, 0, 40, '…'), JSON_UNESCAPED_UNICODE),
            is_int($value), is_float($value) => self::number($value),
            is_bool($value) => $value ? 'true' : 'false',
            $value === null => 'null',
            is_array($value) => 'a list',
            default => 'an object',
        };
    }

    /** A number without a superfluous fraction. */
    public static function number(int|float $number): string
    {
        return is_finite((float) $number) ? (string) json_encode($number + 0) : 'an infinite number';
    }
}
