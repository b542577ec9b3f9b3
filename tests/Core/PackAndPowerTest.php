<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Link\FreeSpace;
use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Rehearsal\Battery;
use DuskSwitch\Core\Rehearsal\Body;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RadioLink;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Remark;
use PHPUnit\Framework\TestCase;

/** The same flight with another pack, one that isn't full, more power, less power. */
final class PackAndPowerTest extends TestCase
{
    private static function fly(string $demo, string $scenario, RehearsalSettings $setting): Recording
    {
        return (new Flight(
            Given::circuit(Given::demo($demo)),
            Given::catalogue(),
            Given::catalogue()->scenario($scenario) ?? self::fail(),
            $setting,
        ))->fly();
    }

    private static function at(Recording $flight, float $seconds, string $what): float
    {
        return (float) Flown::rows($flight)[(int) round($seconds / Flight::EVERY)][$what];
    }

    public function test_a_pack_that_is_half_full_begins_half_way_down_its_curve(): void
    {
        $full = new Battery(4, 1500.0);
        $half = new Battery(4, 1500.0, charge: 0.5);

        self::assertSame([4.18, 3.79], [$full->open(), $half->open()]);
        self::assertSame(
            [1500.0, 750.0, 0.0],
            [$full->held(), $half->held(), $half->used],
            'a sensor counts from nothing',
        );
        // 1 A for 2700 s is 750 mAh by hand.
        $half->draw(1.0, 2699.0);
        self::assertFalse($half->isEmpty());
        $half->draw(1.0, 2.0);
        self::assertTrue($half->isEmpty());
        $full->draw(1.0, 2700.0);
        self::assertEqualsWithDelta($full->used, 750.0, 1e-9);
        self::assertEqualsWithDelta(3.79, $full->open(), 1e-9, 'used by half and half full are the same');
    }

    public function test_used_capacity_knows_nothing_of_a_pack_that_was_not_full(): void
    {
        $circuit = Given::circuit(Given::demo('nightjar'));
        $full = self::fly('nightjar', 'hover-and-land', new RehearsalSettings(1));
        $half = self::fly('nightjar', 'hover-and-land', new RehearsalSettings(1, charge: 0.5));

        self::assertEqualsWithDelta(self::at($full, 120, 'used'), self::at($half, 120, 'used'), 1.0);
        self::assertGreaterThan(0.2, self::at($full, 120, 'cell') - self::at($half, 120, 'cell'));
        self::assertEqualsWithDelta(0.5, $full->pack?->left(100.0) - $half->pack?->left(100.0), 1e-9);
        $says = array_map(
            fn (Remark $one): string => $one->says,
            Rehearsal::listen($half, $circuit->program, $circuit->panel->transmitter, Given::catalogue())->verdict,
        );
        self::assertContains(
            'The pack was 50 % full at power-up. Used capacity counts from 0 there and knows nothing of it: only the '.
                'voltage tells.',
            $says,
        );
    }

    public function test_a_larger_pack_sags_less_and_lasts_longer(): void
    {
        $large = new Pack('large', 'Large', 4, 3000.0, 'any');
        [$kits, $other] = [
            self::fly('nightjar', 'hover-and-land', new RehearsalSettings(1)),
            self::fly('nightjar', 'hover-and-land', new RehearsalSettings(1, pack: $large)),
        ];

        self::assertSame(3000.0, $other->pack?->capacity);
        self::assertGreaterThan(min(array_column(Flown::rows($kits), 'cell')), min(array_column(Flown::rows($other), 'cell')));
    }

    public function test_ten_times_the_power_is_ten_decibels_and_three_times_as_far(): void
    {
        // 10 mW to 100 mW is 10 dB (common practice); free space falls with the square of the distance
        // (Recommendation ITU-R P.525).
        $body = new Body();
        $body->north = 400.0;
        $margin = fn (float $milliwatts): float => (new RadioLink(
            new RehearsalSettings(1, milliwatts: $milliwatts),
        ))->margin(0.0, $body);

        self::assertEqualsWithDelta(10.0, $margin(100.0) - $margin(10.0), 1e-9);
        self::assertEqualsWithDelta(10 * log10(2.5), $margin(25.0) - $margin(10.0), 1e-9);
        $far = (new LinkBudget(10.0))->reach();
        $body->north = $far * sqrt(10.0);
        self::assertEqualsWithDelta(0.0, $margin(100.0), 1e-6);
        self::assertEqualsWithDelta(
            10.0,
            FreeSpace::loss(2440.0, ($far * sqrt(10.0)) / 1000) - FreeSpace::loss(2440.0, $far / 1000),
            1e-9,
        );
    }

    public function test_with_more_power_from_the_start_a_broken_antenna_loses_less(): void
    {
        $lost = fn (float $milliwatts): int => count(
            array_filter(
                Flown::rows(
                    self::fly(
                        'nightjar',
                        'out-and-back',
                        new RehearsalSettings(1, mishaps: ['antenna' => 85.0], milliwatts: $milliwatts),
                    ),
                ),
                fn (array $row): bool => ! $row['linked'],
            ),
        );

        self::assertGreaterThan(0, $lost(10.0));
        self::assertSame(0, $lost(500.0));
    }
}
