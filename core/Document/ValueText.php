<?php

namespace DuskSwitch\Core\Document;

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

    /** That a number isn't between two others. */
    public static function outside(int|float $value, float $least, float $most): string
    {
        return 'must be from '.self::number($least).' to '.self::number($most).', not '.self::number($value);
    }

    /** What is wrong with a text of at most so many characters; null where nothing is. */
    public static function unfit(string $value, int $most, bool $mayBeEmpty): ?string
    {
        return match (true) {
            ! $mayBeEmpty && trim($value) === '' => 'must not be empty',
            mb_strlen($value) > $most => 'is '.mb_strlen($value)." characters long; at most {$most} are possible",
            preg_match('/[\x00-\x08\x0b-\x1f\x7f]/', $value) === 1 => 'has a character that can\'t be shown; take it out',
            default => null,
        };
    }

    /**
     * That a value is none of those that may stand there.
     *
     * @param  array<int|string>  $choices
     */
    public static function noneOf(array $choices, mixed $value): string
    {
        return 'must be one of '.implode(', ', $choices).', not '.self::value($value);
    }
}
