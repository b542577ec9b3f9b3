<?php

namespace DuskSwitch\Core\Space;

/** Where one of two functions is after the ring has shortened both. */
final class RingBounds
{
    /**
     * The value grows with its own, and shrinks as the other goes away from zero: its ends are found at ends.
     *
     * @param  non-empty-list<array{float, float}>  $own
     * @param  non-empty-list<array{float, float}>  $other
     * @return non-empty-list<array{float, float}>
     */
    public static function of(float $limit, array $own, array $other): array
    {
        [$low, $high] = [Spans::least($own), Spans::most($own)];
        [$least, $most] = [Spans::least($other), Spans::most($other)];
        $far = max(abs($least), abs($most));
        $near = $least <= 0.0 && $most >= 0.0 ? 0.0 : min(abs($least), abs($most));
        if (sqrt(max($low * $low, $high * $high) + $far * $far) <= $limit) {
            return $own;
        }
        $held = function (float $a, float $b) use ($limit): float {
            $length = sqrt($a * $a + $b * $b);

            return $length > $limit ? $a * ($limit / $length) : $a;
        };
        // Which of the two is squared first differs in the last digit.
        $dust = $low === $high && $least === $most ? 0.0 : 1e-12;

        return [[$held($low, $low >= 0.0 ? $far : $near) - $dust, $held($high, $high >= 0.0 ? $near : $far) + $dust]];
    }
}
