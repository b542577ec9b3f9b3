<?php

namespace DuskSwitch\Core\Signal\Part;

/** Words for the code of a circuit. */
final class Code
{
    /** A number that reads back as the very same. */
    public static function number(float|int $number): string
    {
        $text = var_export($number, true);

        return $number < 0 ? "({$text})" : $text;
    }

    /** `$what` times a number; nothing to do for 1. */
    public static function times(string $what, float $by): string
    {
        return $by === 1.0 ? $what : "{$what} * ".self::number($by);
    }

    /** `$what`, a plain variable or slot, times the number for its side of zero. */
    public static function sided(string $what, float $low, float $high): string
    {
        return $low === $high
            ? self::times($what, $high)
            : "{$what} * ({$what} >= 0 ? ".self::number($high).' : '.self::number($low).')';
    }

    /** Statements that hold a variable inside two ends, and then run `$where` if it was outside. */
    public static function hold(string $variable, float $low, float $high, string $where = ''): string
    {
        [$low, $high] = [self::number($low), self::number($high)];

        return "if ({$variable} > {$high}) { {$variable} = {$high}; {$where} } elseif ({$variable} < {$low}) { {$variable} = {$low}; {$where} }\n";
    }

    /** The slot as code reads and writes it. */
    public static function slot(int $slot): string
    {
        return "\$v[{$slot}]";
    }
}
