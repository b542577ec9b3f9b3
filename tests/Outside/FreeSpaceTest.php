<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Link\FreeSpace;
use DuskSwitch\Core\Link\LinkBudget;
use PHPUnit\Framework\TestCase;

/** Against Recommendation ITU-R P.525: the worked form in practical units, and the exact 20 log (4πd/λ) behind it. */
final class FreeSpaceTest extends TestCase
{
    public function test_the_practical_form_is_the_exact_one(): void
    {
        foreach ([[2400.0, 0.4], [868.0, 12.0], [5800.0, 0.6], [433.0, 1.0]] as [$megahertz, $kilometres]) {
            $wavelength = 299.792458 / $megahertz;
            $exact = 20 * log10((4 * M_PI * $kilometres * 1000) / $wavelength);
            self::assertEqualsWithDelta(
                $exact,
                FreeSpace::loss($megahertz, $kilometres),
                0.06,
                'P.525 rounds the constant 32.45 to 32.4',
            );
        }
    }

    public function test_twice_as_far_is_6_db_and_a_decade_of_power_10_db(): void
    {
        self::assertEqualsWithDelta(6.0206, FreeSpace::loss(2400, 2) - FreeSpace::loss(2400, 1), 1e-4);
        // Raising transmit power from 10 mW to 100 mW is +10 dB (common practice).
        self::assertEqualsWithDelta(10.0, FreeSpace::gain(10, 100), 1e-12);
        self::assertEqualsWithDelta(20.0, FreeSpace::gain(5, 500), 1e-12);
        self::assertEqualsWithDelta(-3.0103, FreeSpace::gain(100, 50), 1e-4);
        self::assertEqualsWithDelta(3.162, FreeSpace::reach(10.0), 1e-3);
    }

    public function test_a_link_budget_is_power_less_loss(): void
    {
        $budget = new LinkBudget(10.0, 2400.0);

        // 10 mW is 10 dBm; P.525 loses 32.4 + 67.604 - 7.959 = 92.045 dB at 2400 MHz over 0.4 km.
        self::assertEqualsWithDelta(10 - 92.045, $budget->level(400.0), 1e-3);
        self::assertEqualsWithDelta(0.0, $budget->margin($budget->reach()), 1e-9, 'at its reach nothing is left');
        self::assertEqualsWithDelta(
            10 ** 0.5,
            (new LinkBudget(100.0, 2400.0))->reach() / $budget->reach(),
            1e-9,
            '10 dB more reach 3.16 times as far',
        );
    }

    public function test_raised_power_makes_up_for_half_of_a_broken_antenna(): void
    {
        // A broken antenna was enough to take off, not to fly; 10 mW to 100 mW brought it home (common practice).
        $broken = new LinkBudget(10.0, lost: LinkBudget::BROKEN);

        self::assertGreaterThan(0, $broken->margin(30.0));
        self::assertLessThan(0, $broken->margin(400.0));
        self::assertGreaterThan(0, (new LinkBudget(100.0, lost: LinkBudget::BROKEN))->margin(400.0));
    }
}
