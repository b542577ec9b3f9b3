<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\DrawnField;
use DuskSwitch\Core\Analysis\FieldLimits;
use DuskSwitch\Core\Analysis\FieldVerdict;
use DuskSwitch\Core\Analysis\MeasuredWords;
use DuskSwitch\Core\Analysis\Runway;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Outlines, heights, runways and ways, with numbers that can be worked out beside them (common practice). */
final class FieldByHandTest extends TestCase
{
    use FlownByHand;

    public function test_a_field_is_left_and_come_back_to(): void
    {
        $limits = new FieldLimits([[0.0, 0.0], [0.0, 1.0], [1.0, 1.0], [1.0, 0.0]], 100.0);
        self::assertSame(
            [true, false, false],
            [$limits->holds(0.5, 0.5), $limits->holds(1.5, 0.5), $limits->holds(0.5, -0.1)],
        );
        self::assertTrue((new FieldLimits([]))->holds(80.0, 3.0), 'without an outline everything is inside');
        $flight = self::flight(40, [
            'latitude' => fn (float $t): float => 0.5 + ($t > 10 && $t <= 22 ? 0.6 : 0.0),
            'longitude' => fn (float $t): float => 0.5,
            'height' => fn (float $t): float => $t > 30 ? 101.0 : 0.0,
        ]);
        self::assertSame([['from' => 10.5, 'to' => 22.5]], $limits->outside($flight));
        self::assertSame([['from' => 30.5, 'to' => 40.0]], $limits->above($flight));
    }

    public function test_a_runway_knows_its_courses_and_the_wind_across_it(): void
    {
        // 300 m east and 400 m north is 500 m long (3, 4, 5), on atan(3/4) = 36.87°.
        $drawn = DrawnField::of([54.0, 9.0], [[0.0, 0.0], [100.0, 0.0], [100.0, 50.0]], [[0.0, 0.0], [300.0, 400.0]]);
        $runway = Runway::of($drawn->runway) ?? self::fail();
        self::assertEqualsWithDelta(500.0, $runway->length(), 0.01);
        self::assertEqualsWithDelta(36.87, $runway->course(), 0.01);
        self::assertSame('500 m, 37° and 217°', $runway->says(UnitSystem::Metric));
        self::assertEqualsWithDelta([[0.0, 0.0], [300.0, 400.0]], $runway->around(54.0, 9.0), 0.01);

        // From 30° beside its course half of the wind blows across it (common practice); along it none does.
        self::assertEqualsWithDelta(3.0, $runway->across(6.0, $runway->course() + 30.0), 1e-9);
        self::assertEqualsWithDelta(3.0, $runway->across(6.0, $runway->course() - 150.0), 1e-9);
        self::assertEqualsWithDelta(0.0, $runway->across(6.0, $runway->course() + 180.0), 1e-9);
        self::assertEqualsWithDelta(36.87, $runway->against(350.0), 0.01);
        self::assertEqualsWithDelta(216.87, $runway->against(250.0), 0.01);
        self::assertNull(Runway::of([]));

        self::assertEqualsWithDelta([54.0, 9.0], $drawn->outline[0], 1e-12);
        self::assertEqualsWithDelta([100.0, 50.0], Geodesic::local(54.0, 9.0, ...$drawn->outline[2]), 0.01);
    }

    /** @return iterable<string, array{list<array{float, float}>, list<array{float, float}>, string}> */
    public static function halfDrawn(): iterable
    {
        yield 'two corners' => [[[0.0, 0.0], [5.0, 5.0]], [], 'three corners'];
        yield 'one end' => [[], [[0.0, 0.0]], 'two ends'];
        yield 'no length' => [[], [[7.0, 7.0], [7.5, 8.0]], 'the same place'];
    }

    /**
     * @param  list<array{float, float}>  $outline
     * @param  list<array{float, float}>  $runway
     */
    #[DataProvider('halfDrawn')]
    public function test_half_a_field_is_refused(array $outline, array $runway, string $why): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($why);
        DrawnField::of([0.0, 0.0], $outline, $runway);
    }

    public function test_a_long_way_is_said_in_its_own_unit(): void
    {
        $says = fn (float $metres): array => array_map(
            fn (UnitSystem $units): string => (new MeasuredWords($units))->distance($metres),
            UnitSystem::cases(),
        );
        self::assertSame(['9999 m', '6.2 mi', '5.4 NM'], $says(9999.0));
        self::assertSame(['10 km', '6.2 mi', '5.4 NM'], $says(10_000.0));
        self::assertSame(['1000 m', '3281 ft', '3281 ft'], $says(1000.0));
        self::assertSame('15000 m', (new MeasuredWords(UnitSystem::Metric))->metres(15_000.0), 'a height stays one');
    }

    public function test_a_limit_that_cannot_be_judged_is_said_and_one_that_was_kept_too(): void
    {
        $limits = new FieldLimits([[44.99, 7.99], [44.99, 8.01], [45.01, 8.01], [45.01, 7.99]], 100.0);
        $says = fn (array $columns): array => array_column(
            FieldVerdict::of('Meadow', $limits, self::flight(20, $columns), UnitSystem::Metric)->findings,
            'says',
        );
        $place = ['latitude' => fn (float $t): float => 45.0, 'longitude' => fn (float $t): float => 8.0];

        self::assertSame(
            [
                'Inside the outline of Meadow all the time.',
                "The height limit of Meadow isn't checked: no height was recorded.",
            ],
            $says($place),
        );
        self::assertSame(
            ["The outline of Meadow isn't checked: no place was recorded.", 'Below 100 m all the time.'],
            $says(['height' => fn (float $t): float => $t > 5 ? 99.0 : 0.0]),
        );
        self::assertSame(
            ["The outline of Meadow isn't checked: no place was recorded."],
            $says(['height' => fn (float $t): float => $t > 5 ? 120.0 : 0.0]),
            'too high is told as a limit that was left',
        );
        $away = $limits->away(45.0, 8.1);
        // A hundredth of a degree of longitude at 45° is 788.5 m; nine of them to the corner's meridian, 1.1 km to it.
        self::assertEqualsWithDelta(hypot(9 * 788.5, 1111.3), $away, 15.0);
        self::assertSame(0.0, $limits->away(45.0, 8.0));
        self::assertSame(0.0, (new FieldLimits([]))->away(45.0, 8.0));
    }
}
