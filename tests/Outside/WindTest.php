<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Telemetry\Wind;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Against synthetic circles: a wind that is known is found again, with noise on every reading. */
final class WindTest extends TestCase
{
    /** @return list<array{float, float, float}> */
    private static function circle(
        float $wind,
        float $from,
        float $air,
        float $noise,
        Randomizer $random,
        float $turn = 360.0,
    ): array {
        $samples = [];
        $even = fn (): float => $random->getInt(0, 999_999) / 1_000_000;
        $gauss = fn (float $of): float => $of * sqrt(-2 * log(1 - $even())) * cos(2 * M_PI * $even());
        for ($i = 0; $i < 60; $i++) {
            $heading = deg2rad(($i / 60) * $turn);
            $east = $air * sin($heading) - $wind * sin(deg2rad($from)) + $gauss($noise);
            $north = $air * cos($heading) - $wind * cos(deg2rad($from)) + $gauss($noise);
            $samples[] = [hypot($east, $north), fmod(rad2deg(atan2($east, $north)) + 360, 360), $air + $gauss($noise)];
        }

        return $samples;
    }

    public function test_without_noise_it_is_exact(): void
    {
        $found = Wind::fit(self::circle(5.0, 240.0, 14.0, 0.0, new Randomizer(new Mt19937(1)))) ?? self::fail();

        self::assertEqualsWithDelta([5.0, 240.0, 0.0], [$found->speed, $found->from, $found->spread], 1e-6);
    }

    public function test_with_noise_its_bias_and_spread_are_small(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $off = [];
        foreach (range(1, 200) as $try) {
            $found = Wind::fit(self::circle(5.0, 240.0, 14.0, 0.5, $random)) ?? self::fail();
            $off[] = hypot(
                $found->speed * sin(deg2rad($found->from)) - 5 * sin(deg2rad(240)),
                $found->speed * cos(deg2rad($found->from)) - 5 * cos(deg2rad(240)),
            );
        }
        $speeds = array_sum($off) / count($off);

        self::assertLessThan(
            0.2,
            $speeds,
            'half a metre a second on every reading: the mean error of a full circle stays below 0.2 m/s',
        );
        self::assertLessThan(0.6, max($off), 'and none is off by more than 0.6');
    }

    public function test_straight_on_nothing_is_said(): void
    {
        $random = new Randomizer(new Mt19937(3));

        self::assertNull(Wind::fit(self::circle(5.0, 240.0, 14.0, 0.3, $random, 40.0)));
        self::assertNull(Wind::fit([[10.0, 20.0, 10.0]]));
        self::assertNotNull(Wind::fit(self::circle(5.0, 240.0, 14.0, 0.3, $random, 270.0)));
    }
}
