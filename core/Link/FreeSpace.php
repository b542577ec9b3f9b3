<?php

namespace DuskSwitch\Core\Link;

/** How a radio link weakens with distance and grows with power. */
final class FreeSpace
{
    /**
     * Free-space basic transmission loss in dB between isotropic antennas: Recommendation ITU-R P.525,
     * 32.4 + 20 log f + 20 log d.
     *
     * @param  float  $megahertz  above 0
     * @param  float  $kilometres  above 0
     */
    public static function loss(float $megahertz, float $kilometres): float
    {
        return 32.4 + 20 * log10($megahertz) + 20 * log10($kilometres);
    }

    /** dB gained by going from one power to another; 10 mW to 100 mW is 10 dB. */
    public static function gain(float $fromMilliwatts, float $toMilliwatts): float
    {
        return 10 * log10($toMilliwatts / $fromMilliwatts);
    }

    /** How many times further a link of the same quality reaches with so many dB more, in free space. */
    public static function reach(float $decibels): float
    {
        return 10 ** ($decibels / 20);
    }
}
