<?php

namespace DuskSwitch\Core\Analysis;

/**
 * The circle through points by least squares: first by the linear form (I. Kåsa, IEEE Transactions on Instrumentation
 * and Measurement 25, 1976), then with the true distances by Gauss and Newton.
 */
final readonly class CircleFit
{
    private const ROUNDS = 50;

    private const ENOUGH = 1e-10;

    /** @param  float  $spread  root mean square of the distances from it */
    private function __construct(public float $x, public float $y, public float $radius, public float $spread) {}

    /**
     * Null where the points lie on no circle: fewer than three, or on a line.
     *
     * @param  list<array{float, float}>  $points
     */
    public static function of(array $points): ?self
    {
        $linear = LeastSquares::fit(
            array_map(fn (array $one): array => [2 * $one[0], 2 * $one[1], 1.0], $points),
            array_map(fn (array $one): float => $one[0] ** 2 + $one[1] ** 2, $points),
        );
        if ($linear === null) {
            return null;
        }
        [$x, $y, $c] = $linear->values;
        $radius = sqrt(max(0.0, $c + $x ** 2 + $y ** 2));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $rows = $right = [];
            foreach ($points as $point) {
                $away = max(1e-12, hypot($point[0] - $x, $point[1] - $y));
                $rows[] = [($x - $point[0]) / $away, ($y - $point[1]) / $away, -1.0];
                $right[] = $radius - $away;
            }
            $step = LeastSquares::fit($rows, $right);
            if ($step === null) {
                break;
            }
            [$x, $y, $radius] = [$x + $step->values[0], $y + $step->values[1], $radius + $step->values[2]];
            if (max(0.0, ...array_map(abs(...), $step->values)) < self::ENOUGH) {
                break;
            }
        }
        $left = array_sum(
            array_map(fn (array $one): float => (hypot($one[0] - $x, $one[1] - $y) - $radius) ** 2, $points),
        );

        return new self($x, $y, abs($radius), sqrt($left / count($points)));
    }
}
