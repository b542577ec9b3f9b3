<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\AirborneTime;
use DuskSwitch\Core\Analysis\Calibration;
use DuskSwitch\Core\Analysis\Finding;
use DuskSwitch\Core\Analysis\Findings;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\LinkFit;
use DuskSwitch\Core\Analysis\SearchArea;
use DuskSwitch\Core\Analysis\SpeedRun;
use DuskSwitch\Core\Analysis\Spread;
use DuskSwitch\Core\Format\Thinning;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** Analyses on flights that were made by hand, so that every number can be worked out beside them (common practice). */
final class AnalysisByHandTest extends TestCase
{
    use FlownByHand;

    public function test_no_spike_is_lost_where_a_long_flight_is_thinned(): void
    {
        $times = array_map(fn (int $row): float => $row / 10, range(0, 9999));
        $column = array_map(
            fn (int $row): ?float => $row === 4321 ? 99.0 : ($row === 7654 ? -99.0 : ($row % 5 === 0 ? null : 1.0)),
            range(0, 9999),
        );
        $thin = Thinning::of($times, 100);

        self::assertCount(200, $thin->times($times));
        self::assertSame(
            [99.0, -99.0],
            [max(array_filter($thin->column($column))), min(array_filter($thin->column($column)))],
        );
        self::assertNotContains(null, $thin->column($column), 'what is there counts before what is missing');
        $at = array_search(99.0, $thin->column($column), true);
        self::assertEqualsWithDelta(432.1, $thin->times($times)[$at], 10.0, 'on its own pixel');
        self::assertSame($times, Thinning::of($times, 5000)->times($times), 'what is short enough stays');
        self::assertSame([0.0, 9.9], array_slice($thin->places($times), 0, 2), 'a place keeps its own rows');
    }

    public function test_a_speed_run_takes_the_wind_out(): void
    {
        // North at 40 m/s with 5 m/s of wind from behind, back at 30 against it.
        $run = self::flight(60, [
            'speed' => fn (float $t): float => $t < 5 || $t > 50 ? 0.0 : ($t < 25 ? 40.0 : 30.0),
            'course' => fn (float $t): float => $t < 25 ? 0.0 : 180.0,
        ]);
        $speed = SpeedRun::of($run, AirborneTime::of($run));

        self::assertSame([40.0, 35.0, 5.0], [$speed?->second, $speed?->bothWays, $speed?->wind]);
        $oneWay = self::flight(60, [
            'speed' => fn (float $t): float => $t < 5 ? 0.0 : 40.0,
            'course' => fn (float $t): float => 90.0,
        ]);
        self::assertNull(SpeedRun::of($oneWay, AirborneTime::of($oneWay))?->bothWays, 'no way back');
    }

    public function test_a_single_row_that_can_not_be_is_left_out_and_told(): void
    {
        $flown = fn (float $spike, float $east, bool $stays): FlightAnalysis => FlightAnalysis::of(
            LoggedFlight::of($times = array_map(floatval(...), range(0, 60)), [
                'height' => array_map(
                    fn (float $t): float => $t < 10 || $t > 50
                        ? 0.0
                        : ($t === 30.0 || ($stays && $t > 30.0)
                            ? $spike
                            : 50.0),
                    $times,
                ),
                'latitude' => array_map(fn (): float => 54.0, $times),
                'longitude' => array_map(
                    fn (float $t): float => Geodesic::offset(54.0, 9.0, $t === 40.0 ? $east : $t, 0.0)[1],
                    $times,
                ),
            ]),
        );
        $one = $flown(604.0, 9000.0, false);
        self::assertSame([30.0, 50.0], [(float) $one->series->jumps()['height'][0], $one->facts->highest]);
        self::assertNull($one->series->height()[30]);
        self::assertNull($one->series->east()[40]);
        self::assertEqualsWithDelta(
            55.0,
            max(Spread::there($one->series->east())),
            0.1,
            'home is the middle of its first ten',
        );
        self::assertLessThan(100.0, $one->facts->farthest);
        $says = array_map(
            fn (Finding $is): string => "{$is->says} {$is->at}",
            array_values(
                array_filter(
                    (new Findings($one, new FlownWith(), UnitSystem::Metric))->all(),
                    fn (Finding $is): bool => $is->id === 'jumps',
                ),
            ),
        );
        self::assertSame(['One row of height left out. 30', 'One row of position left out. 40'], $says);

        // What stays up there went there; what a fast one does in a second is no fault.
        self::assertSame(['height' => [], 'place' => []], $flown(604.0, 40.0, true)->series->jumps());
        self::assertSame(['height' => [], 'place' => []], $flown(169.0, 339.0, false)->series->jumps());
        self::assertSame(['height' => [30], 'place' => [40]], $flown(171.0, 345.0, false)->series->jumps());
    }

    public function test_a_link_that_was_never_far_tells_no_range(): void
    {
        $fit = fn (float $metres): ?LinkFit => LinkFit::of(
            self::flight(100, [
                'latitude' => fn (float $t): float => Geodesic::offset(
                    54.0,
                    9.0,
                    0.0,
                    $t < 8 ? 0.0 : ($metres * $t) / 100,
                )[0],
                'longitude' => fn (): float => 9.0,
                'link-level' => fn (float $t): float => -30.0 - 20.0 * log10(max(1.0, ($metres * $t) / 100)),
            ]),
        );
        self::assertNull($fit(58.0));
        self::assertEqualsWithDelta(2.0, $fit(64.0)?->slope, 0.1);
    }

    public function test_a_scale_is_told_from_two_flights_on_and_trusted_from_three(): void
    {
        $flight = fn (float $reported, float $charged, ?float $current = null): array => compact(
            'reported',
            'charged',
            'current',
        );

        self::assertNull(Calibration::of([$flight(1000, 1050)]));
        self::assertNull(Calibration::of([$flight(1000, 1050), $flight(20, 30)]), 'twenty mAh say little');
        $two = Calibration::of([$flight(1000, 1030), $flight(500, 515)]);
        self::assertEqualsWithDelta(1.03, $two?->scale, 1e-12);
        self::assertFalse($two?->trusts());
        self::assertTrue(Calibration::of([$flight(1000, 1030), $flight(500, 515), $flight(700, 714)])?->trusts());
        self::assertFalse(
            Calibration::of([$flight(1000, 1060), $flight(500, 530), $flight(700, 742)])?->trusts(),
            'six per cent off',
        );
        $off = Calibration::of([$flight(1000, 1250), $flight(500, 625), $flight(700, 875)]) ?? self::fail();
        self::assertSame(
            [false, true, false],
            [$off->trusts(), $off->trusts(1.25), $off->trusts(1.4)],
            'with its scale set',
        );
        self::assertSame([true, false, false], [$off->wants(1.0), $off->wants(1.25), $off->wants(1.254)]);
        // (900·990 + 800·880) / (900² + 800²) = 1.1 at low power, 0.95 at high.
        $apart = Calibration::of([
            $flight(900, 990, 4.0),
            $flight(800, 880, 5.0),
            $flight(900, 855, 20.0),
            $flight(800, 760, 21.0),
        ]);
        self::assertEqualsWithDelta([1.1, 0.95], [$apart?->low, $apart?->high], 1e-12);
    }

    public function test_a_stone_is_searched_ahead_of_its_last_fix_and_a_glider_all_around(): void
    {
        [$metres, $east] = [45.0, 8.0];
        $flight = self::flight(60, [
            'latitude' => fn (float $t): ?float => $t > 50 ? null : Geodesic::offset($metres, $east, 0.0, 12.0 * $t)[0],
            'longitude' => fn (float $t): ?float => $t > 50 ? null : $east,
            'speed' => fn (float $t): float => 12.0,
            'course' => fn (float $t): float => 0.0,
            'height' => fn (float $t): float => $t < 3 ? 0.0 : 80.0,
            'link-quality' => fn (float $t): float => $t > 52 ? 0.0 : 90.0,
        ]);
        $stone = SearchArea::of($flight, 0.0, 0.0, null);
        self::assertSame([50.0, 2.0, 80.0], [$stone?->at, $stone?->unheard, $stone?->height]);
        // 12 m/s for 2 s unheard and 1 s until the motor stands, then √(2·80/9.80665) = 4.04 s of falling, 48.5 m of
        // which the air leaves half on average: 60.2 m north.
        $ahead = Geodesic::local($stone->latitude, $stone->longitude, $stone->middleLatitude, $stone->middleLongitude);
        self::assertEqualsWithDelta([0.0, 60.2], $ahead, 1.0);
        // Evenly 0 to 48.5 m of fall and 0 to 24 m of motor: the middle half of that sum lies within 48.5 / 4.
        self::assertEqualsWithDelta(12.1, $stone->rings[0]['metres'], 1.5);
        $blown = SearchArea::of($flight, 6.0, 270.0, null);
        $to = Geodesic::local($blown->latitude, $blown->longitude, $blown->middleLatitude, $blown->middleLongitude);
        self::assertEqualsWithDelta(12.1, $to[0], 1.0, '6 m/s for 4.04 s, of which half takes it along');
        $slow = fn (float $speed): float => SearchArea::of(
            self::flight(60, [
                'latitude' => fn (float $t): float => 45.0,
                'longitude' => fn (float $t): float => 8.0,
                'speed' => fn (float $t): float => $speed,
                'course' => fn (float $t): float => 0.0,
                'height' => fn (float $t): float => 0.0,
            ]),
            0.0,
            0.0,
            null,
        )->rings[0]['metres'];
        self::assertEqualsWithDelta(2.5, $slow(0.0), 0.5, 'what stands lies within the error of its fix');
        $glider = SearchArea::of($flight, 5.0, 270.0, 0.8);
        self::assertGreaterThan(5 * $stone->rings[0]['metres'], $glider?->rings[0]['metres']);
        self::assertGreaterThan($glider->longitude, $glider->middleLongitude, 'the wind blows it east');
        self::assertLessThan($glider->rings[2]['metres'], $glider->rings[0]['metres']);
    }
}
