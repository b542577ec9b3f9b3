<?php

namespace DuskSwitch\Core\Signal;

/** Expo: softens (k > 0) or sharpens (k < 0) a stick around its middle and keeps its ends. */
final class Expo
{
    /**
     * For k ≥ 0 `(1−k)·x + k·x³`; for k < 0, with a = |k| and u = 1−|x|, `sign(x)·(1 − ((1−a)·u + a·u³))`.
     *
     * @param  float  $k  −1 to 1
     * @param  float  $x  −1 to 1
     */
    public static function at(float $k, float $x): float
    {
        if ($k >= 0) {
            return (1 - $k) * $x + $k * $x * $x * $x;
        }
        $u = 1 - abs($x);
        $y = 1 - ((1 + $k) * $u - $k * $u * $u * $u);

        return $x < 0 ? -$y : $y;
    }
}
