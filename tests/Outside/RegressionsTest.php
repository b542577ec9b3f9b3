<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Analysis\CircleFit;
use DuskSwitch\Core\Analysis\Comparison;
use DuskSwitch\Core\Analysis\LeastSquares;
use DuskSwitch\Core\Analysis\SensorLag;
use DuskSwitch\Core\Analysis\StudentT;
use DuskSwitch\Core\Telemetry\Geodesic;
use PHPUnit\Framework\TestCase;

/** SciPy 1.10.1, NumPy and GeographicLib as second opinions: regressions.py makes what they found, by hand. */
final class RegressionsTest extends TestCase
{
    /** @return list<array<string, mixed>> */
    private static function cases(string $of): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/regressions.json'), true, flags: JSON_THROW_ON_ERROR)[$of];
    }

    public function test_least_squares_find_what_numpy_finds_with_its_errors(): void
    {
        foreach (self::cases('planes') as $case) {
            $fit = LeastSquares::fit($case['rows'], $case['right']);

            self::assertEqualsWithDelta($case['values'], $fit?->values, 1e-9);
            self::assertEqualsWithDelta($case['errors'], $fit?->errors, 1e-9);
        }
    }

    public function test_a_circle_is_where_scipy_has_it(): void
    {
        foreach (self::cases('circles') as $case) {
            $circle = CircleFit::of($case['points']);

            self::assertEqualsWithDelta($case['finds'], [$circle?->x, $circle?->y, $circle?->radius], 1e-6);
            self::assertEqualsWithDelta($case['spread'], $circle?->spread, 1e-8);
        }
    }

    public function test_the_chance_of_a_difference_is_welchs(): void
    {
        foreach (self::cases('groups') as $case) {
            self::assertEqualsWithDelta($case['chance'], Comparison::of($case['before'], $case['after'])?->chance, 1e-9);
        }
    }

    public function test_the_tails_of_students_distribution(): void
    {
        foreach (self::cases('tails') as [$t, $freedom, $chance]) {
            self::assertEqualsWithDelta($chance, StudentT::beyond($t, $freedom), 1e-11, "{$t} of {$freedom}");
        }
    }

    public function test_a_lag_is_as_long_as_it_was_made(): void
    {
        foreach (self::cases('lags') as $case) {
            $lag = SensorLag::between($case['times'], $case['first'], $case['second']);

            self::assertEqualsWithDelta($case['seconds'], $lag?->seconds, 0.05);
            self::assertGreaterThan(0.99, $lag?->correlation);
        }
    }

    public function test_metres_east_and_north_are_those_of_geographiclib(): void
    {
        foreach (self::cases('distances') as $case) {
            [$east, $north] = Geodesic::local(...$case['from'], ...$case['to']);

            self::assertEqualsWithDelta($case['metres'], Geodesic::inverse(...$case['from'], ...$case['to'])[0], 1e-4);
            // Flat on a few kilometres of a globe: within one in a thousand.
            self::assertEqualsWithDelta($case['east'], $east, 0.001 * $case['metres'] + 0.01);
            self::assertEqualsWithDelta($case['north'], $north, 0.001 * $case['metres'] + 0.01);
        }
    }

    public function test_what_has_no_answer_gets_none(): void
    {
        self::assertNull(LeastSquares::fit([[1.0, 2.0], [2.0, 4.0], [3.0, 6.0]], [1.0, 2.0, 3.0]), 'columns that are multiples');
        self::assertNull(LeastSquares::fit([[1.0, 2.0]], [1.0]), 'too few rows');
        self::assertNull(CircleFit::of([[0.0, 0.0], [1.0, 1.0], [2.0, 2.0]]), 'a line');
        self::assertNull(Comparison::of([1.0], []));
        self::assertNull(Comparison::of([1.0, 2.0], [3.0, 4.0])?->isReal(), 'too few flights to tell');
    }
}
