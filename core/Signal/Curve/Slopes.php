<?php

namespace DuskSwitch\Core\Signal\Curve;

/** The slopes at the points of a monotone cubic; sources as in {@see Smooth}. */
final class Slopes
{
    /**
     * @param  list<float>  $x  strictly rising, at least two
     * @param  list<float>  $y  as many
     * @return list<float> as many
     */
    public static function through(array $x, array $y): array
    {
        $n = count($x);
        $h = $rise = [];
        for ($i = 0; $i < $n - 1; $i++) {
            $h[] = $x[$i + 1] - $x[$i];
            $rise[] = ($y[$i + 1] - $y[$i]) / $h[$i];
        }
        if ($n === 2) {
            return [$rise[0], $rise[0]];
        }
        $slopes = [self::end($h[0], $h[1], $rise[0], $rise[1])];
        for ($i = 1; $i < $n - 1; $i++) {
            $slopes[] = self::inner($h[$i - 1], $h[$i], $rise[$i - 1], $rise[$i]);
        }
        [$lastRise, $riseBefore] = array_reverse($rise);
        [$lastWidth, $widthBefore] = array_reverse($h);
        $slopes[] = self::end($lastWidth, $widthBefore, $lastRise, $riseBefore);

        return $slopes;
    }

    /** Weighted harmonic mean of the neighbours; flat at a turn. */
    private static function inner(float $h0, float $h1, float $rise0, float $rise1): float
    {
        if ($rise0 * $rise1 <= 0) {
            return 0.0;
        }
        $w0 = 2 * $h1 + $h0;
        $w1 = $h1 + 2 * $h0;

        return ($w0 + $w1) / ($w0 / $rise0 + $w1 / $rise1);
    }

    /** One-sided three-point slope, held back so that the first piece stays monotone. */
    private static function end(float $h0, float $h1, float $rise0, float $rise1): float
    {
        $slope = ((2 * $h0 + $h1) * $rise0 - $h0 * $rise1) / ($h0 + $h1);
        if ($slope * $rise0 <= 0) {
            return 0.0;
        }
        if ($rise0 * $rise1 <= 0 && abs($slope) > 3 * abs($rise0)) {
            return 3 * $rise0;
        }

        return $slope;
    }
}
