<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\AirborneTime;
use DuskSwitch\Core\Analysis\Calibration;
use DuskSwitch\Core\Analysis\DrawnField;
use DuskSwitch\Core\Analysis\FieldLimits;
use DuskSwitch\Core\Analysis\FieldVerdict;
use DuskSwitch\Core\Analysis\Finding;
use DuskSwitch\Core\Analysis\Findings;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlightSeries;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\LaidOver;
use DuskSwitch\Core\Analysis\LinkFit;
use DuskSwitch\Core\Analysis\MeasuredWords;
use DuskSwitch\Core\Analysis\Runway;
use DuskSwitch\Core\Analysis\SearchArea;
use DuskSwitch\Core\Analysis\SpeedRun;
use DuskSwitch\Core\Analysis\Spread;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\Thinning;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Analyses on flights that were made by hand, so that every number can be worked out beside them (common practice). */
final class AnalysisByHandTest extends TestCase
{
    /**
     * A flight a row each half second, from what it does at a time.
     *
     * @param  array<string, \Closure(float): (float|null)>  $columns
     */
    private static function flight(float $seconds, array $columns): FlightSeries
    {
        $times = array_map(fn (int $row): float => $row / 2, range(0, (int) (2 * $seconds)));

        return new FlightSeries(
            LoggedFlight::of($times, array_map(fn (\Closure $of): array => array_map($of, $times), $columns)),
        );
    }

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

    public function test_a_burst_is_no_flight_and_a_motor_test_is_none_either(): void
    {
        $spans = fn (float $seconds, float $speed, ?float $amperes = null): array => AirborneTime::of(
            self::flight(90, [
                'speed' => fn (float $t): ?float => $amperes !== null
                    ? null
                    : ($t >= 20.0 && $t < 20.0 + $seconds
                        ? $speed
                        : 0.0),
                'amperes' => fn (float $t): ?float => $amperes === null
                    ? null
                    : ($t >= 20.0 && $t < 20.0 + $seconds
                        ? $amperes
                        : 0.3),
            ]),
        )->spans;

        self::assertSame([], $spans(2.0, 9.0), 'a second and a half of speed: somebody carried it');
        self::assertCount(1, $spans(2.5, 9.0));
        self::assertSame([], $spans(30.0, 3.9), 'a walk to the strip');
        self::assertCount(1, $spans(30.0, 4.1));
        self::assertSame([], $spans(6.0, 0.0, 25.0), 'a motor test');
        self::assertCount(1, $spans(20.0, 0.0, 25.0));
    }

    public function test_what_drives_is_not_in_the_air(): void
    {
        $badger = FlownWith::of(
            ProgramDecoder::decode(Given::text(['version' => 2, 'family' => 'ground-vehicle', 'name' => 'Dachs'])),
            Given::catalogue(),
        );
        self::assertTrue($badger->drives);
        // A crawler at 1.2 m/s in circles, with a rest of forty seconds; then it is carried home.
        $log = fn (float $rest): LoggedFlight => self::flight(200, [
            'speed' => fn (float $t): float => $t < 10 || ($t > 60 && $t < 60 + $rest) || $t > 160 ? 0.0 : 1.2,
            'course' => fn (float $t): float => fmod(20 * $t, 360.0),
            'height' => fn (float $t): float => 2.0 * sin($t / 9),
            'latitude' => fn (float $t): float => 54.0 + 1e-5 * sin($t / 3),
            'longitude' => fn (float $t): float => 9.0 + 1e-5 * cos($t / 3),
        ])->log;
        $drive = FlightAnalysis::of($log(40.0), $badger);
        self::assertSame([[10.0, 160.5]], $drive->air->spans);
        self::assertCount(2, FlightAnalysis::of($log(70.0), $badger)->air->spans, 'a longer rest parts two drives');
        self::assertSame([], FlightAnalysis::of($log(40.0), new FlownWith())->air->spans, 'as a flight it is none');
        self::assertSame(['Standing', 'Driving', 'Standing'], array_column($drive->events(), 'says'));
        $says = array_column((new Findings($drive, $badger, UnitSystem::Metric))->all(), 'says', 'title');
        self::assertSame('2:31', $says['Driven']);
        self::assertArrayNotHasKey('Wind', $says);
        self::assertArrayNotHasKey('Circles', $says);
        self::assertSame(
            'Laid over each other from start; both were under way as long.',
            (new LaidOver($drive, $drive, UnitSystem::Metric))->json()['says'],
        );
        $parked = FlightAnalysis::of(self::flight(60, ['speed' => fn (): float => 0.0])->log, $badger);
        self::assertStringContainsString(
            'when it drove',
            (new Findings($parked, $badger, UnitSystem::Metric))->all()[0]->says,
        );
        self::assertTrue($badger->unscaled()->drives);
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

    public function test_two_flights_take_off_together(): void
    {
        $flown = fn (float $start, float $takeOff, float $seconds): FlightAnalysis => FlightAnalysis::of(
            LoggedFlight::of(
                $times = array_map(
                    fn (int $row): float => $start + $row / 2,
                    range(0, (int) (2 * ($takeOff + $seconds + 10))),
                ),
                [
                    'height' => array_map(
                        fn (float $t): float => $t - $start <= $takeOff || $t - $start > $takeOff + $seconds
                            ? 0.0
                            : 50.0,
                        $times,
                    ),
                ],
            ),
        );
        [$short, $long] = [$flown(0.0, 10.0, 60.0), $flown(700.0, 25.0, 100.0)];

        // The longer waited fifteen seconds more before it took off, and flies forty more.
        $over = (new LaidOver($short, $long, UnitSystem::Imperial))->json();
        self::assertEqualsWithDelta([-15.0, 120.0], [$over['times'][0], max($over['times'])], 0.01);
        self::assertSame('Laid over each other from take-off; the other was 0:40 longer in the air.', $over['says']);
        self::assertSame(['Height', 'ft'], [$over['traces'][0]['name'], $over['traces'][0]['unit']]);
        $rises = array_search(
            164.0,
            array_map(fn (?float $one): float => round((float) $one), $over['traces'][0]['data']),
            true,
        );
        self::assertEqualsWithDelta(10.5, $over['times'][$rises], 0.01);
        self::assertEqualsWithDelta(120.0, $over['seconds'], 0.01);

        $back = (new LaidOver($long, $short, UnitSystem::Metric))->json();
        self::assertStringEndsWith('0:40 shorter in the air.', $back['says']);
        self::assertEqualsWithDelta([15.0, 135.0], [$back['times'][0], $back['seconds']], 0.01);
        $never = (new LaidOver($short, $flown(0.0, 5.0, 0.0), UnitSystem::Metric))->json();
        self::assertStringStartsWith('No take-off was found in one of them', $never['says']);
        self::assertSame(0.0, $never['times'][0]);
        self::assertStringEndsWith(
            'in the air as long.',
            (new LaidOver($long, $long, UnitSystem::Metric))->json()['says'],
        );
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
