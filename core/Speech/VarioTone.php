<?php

namespace DuskSwitch\Core\Speech;

/**
 * The variometer's tone: higher and quicker beeps in lift, a long low tone in sink, silence in between; the interface
 * plays it.
 */
final class VarioTone
{
    /** The silent band in m/s (from memory). */
    private const QUIET = [-1.5, 0.2];

    /** Beyond these climbs the tone says no more. */
    private const MOST = 6.0;

    private const LEAST = -5.0;

    /**
     * @param  float  $climb  m/s
     * @return array{hertz: int, beeps: float}|null beeps a second, 0 = a long tone; null = silence
     */
    public static function at(float $climb): ?array
    {
        if ($climb >= self::QUIET[0] && $climb <= self::QUIET[1]) {
            return null;
        }
        if ($climb > 0) {
            $share = (min($climb, self::MOST) - self::QUIET[1]) / (self::MOST - self::QUIET[1]);

            return ['hertz' => (int) round(650 + 750 * $share), 'beeps' => round(1.8 + 5.2 * $share, 1)];
        }
        $share = (self::QUIET[0] - max($climb, self::LEAST)) / (self::QUIET[0] - self::LEAST);

        return ['hertz' => (int) round(420 - 200 * $share), 'beeps' => 0.0];
    }
}
