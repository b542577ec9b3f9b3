<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Link\FreeSpace;
use PHPUnit\Framework\TestCase;

/** Against Recommendation ITU-R P.525: the worked form in practical units, and the exact 20 log (4πd/λ) behind it. */
final class FreeSpaceTest extends TestCase
{
    public function test_the_practical_form_is_the_exact_one(): void
    {
        foreach ([[2400.0, 0.4], [868.0, 12.0], [5800.0, 0.6], [433.0, 1.0]] as [$megahertz, $kilometres]) {
            $wavelength = 299.792458 / $megahertz;
            $exact = 20 * log10(4 * M_PI * $kilometres * 1000 / $wavelength);
            self::assertEqualsWithDelta($exact, FreeSpace::loss($megahertz, $kilometres), 0.06, 'P.525 rounds the constant 32.45 to 32.4');
        }
    }

    public function test_twice_as_far_is_6_db_and_a_decade_of_power_10_db(): void
    {
        self::assertEqualsWithDelta(6.0206, FreeSpace::loss(2400, 2) - FreeSpace::loss(2400, 1), 1e-4);
        // Raising transmit power from 10 mW to 100 mW is +10 dB (common practice).
        self::assertEqualsWithDelta(10.0, FreeSpace::gain(10, 100), 1e-12);
        self::assertEqualsWithDelta(3.162, FreeSpace::reach(10.0), 1e-3);
    }
}
