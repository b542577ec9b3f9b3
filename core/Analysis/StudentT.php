<?php

namespace DuskSwitch\Core\Analysis;

/** Student's t distribution. */
final class StudentT
{
    private const ROUNDS = 300;

    private const ENOUGH = 1e-14;

    /**
     * The chance of a value as far from 0, either way: the regularised incomplete beta function at f/(f + t²)
     * (Abramowitz and Stegun, Handbook of Mathematical Functions, 26.7.1).
     *
     * @param  float  $freedom  above 0
     */
    public static function beyond(float $t, float $freedom): float
    {
        return self::beta($freedom / ($freedom + $t ** 2), $freedom / 2, 0.5);
    }

    /** The regularised incomplete beta function, by its continued fraction (the same, 26.5.8). */
    private static function beta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        // The fraction converges quickly on this side only.
        if ($x > ($a + 1) / ($a + $b + 2)) {
            return 1.0 - self::beta(1.0 - $x, $b, $a);
        }
        $front = exp($a * log($x) + $b * log(1.0 - $x) - self::logBeta($a, $b)) / $a;
        [$c, $d] = [1.0, 1.0 / (1.0 - (($a + $b) * $x) / ($a + 1))];
        $fraction = $d;
        for ($m = 1; $m < self::ROUNDS; $m++) {
            $even = ($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1.0 / (1.0 + $even * $d);
            $c = 1.0 + $even / $c;
            $fraction *= $c * $d;
            $odd = (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1.0 / (1.0 + $odd * $d);
            $c = 1.0 + $odd / $c;
            $fraction *= $c * $d;
            if (abs($c * $d - 1.0) < self::ENOUGH) {
                break;
            }
        }

        return $front * $fraction;
    }

    private static function logBeta(float $a, float $b): float
    {
        return self::logGamma($a) + self::logGamma($b) - self::logGamma($a + $b);
    }

    /** Stirling's series, from 10 on; below by Γ(x + 1) = x Γ(x) (the same, 6.1.41 and 6.1.15). */
    private static function logGamma(float $x): float
    {
        $below = 0.0;
        for (; $x < 10.0; $x += 1.0) {
            $below += log($x);
        }

        return ($x - 0.5) * log($x) -
            $x +
            0.5 * log(2 * M_PI) +
            1 / (12 * $x) -
            1 / (360 * $x ** 3) +
            1 / (1260 * $x ** 5) -
            1 / (1680 * $x ** 7) -
            $below;
    }
}
