<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Link\FreeSpace;
use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Log\LogQuantity;

/**
 * How the signal weakened with distance: level = level at one metre − 10 · slope · log10(metres). In free space the
 * slope is 2 (Recommendation ITU-R P.525: 20 dB for ten times the distance).
 */
final readonly class LinkFit
{
    /** Metres below which antennas see each other too well to tell (common practice). */
    private const NEAR = 5.0;

    private const FEWEST = 40;

    private const MOST = 6000;

    /** Times the farthest must be the nearest, for a slope to be told. */
    private const WIDE = 4.0;

    /** Metres that it must have been away: on a few of them no range is told. */
    private const FAR = 60.0;

    /** The slope of free space, and how far those of open fields lie from it (from memory). */
    private const FREE = 2.0;

    private const USUAL = 0.1;

    /** Metres that a fix is off, dB by which a level wavers, and seconds in which it fades (from memory). */
    private const FIX = 3.0;

    private const NOISE = 1.5;

    private const FADES = 5.0;

    /** dB below the line, and seconds of it, that are a null of an antenna (from memory). */
    private const NULL_DEPTH = 8.0;

    private const NULL_SECONDS = 1.0;

    /** Powers for which a range is told, in milliwatts: those that pilots can choose (common practice). */
    private const POWERS = [10.0, 25.0, 100.0, 250.0, 500.0, 1000.0];

    /**
     * @param  float  $slope  2 in free space
     * @param  float  $atAMetre  dBm
     * @param  float  $spread  dB, root mean square of what is left over
     * @param  float  $margin  dB over the receiver's sensitivity at the farthest, by the line
     * @param  float|null  $milliwatts  that were sent; null where nobody said
     * @param  list<array{milliwatts: float|null, metres: float, margin: float}>  $ranges  metres at which the link is
     *              gone, and dB that would be left at the farthest
     * @param  list<array{from: float, to: float, depth: float, metres: float, bearing: float|null}>  $nulls  where it was
     *              worse than the line, by dB
     */
    private function __construct(
        public float $slope,
        public float $atAMetre,
        public float $spread,
        public float $farthest,
        public float $margin,
        public ?float $milliwatts,
        public array $ranges,
        public array $nulls,
    ) {}

    /**
     * @param  float|null  $milliwatts  that were sent, where the flight doesn't say
     * @param  float  $sensitivity  dBm that the receiver still understands
     */
    public static function of(
        FlightSeries $flight,
        ?float $milliwatts = null,
        float $sensitivity = LinkBudget::SENSITIVITY,
    ): ?self {
        [$level, $distance] = [$flight->sent(LogQuantity::Level), $flight->distance()];
        $sent = Spread::there($flight->sent(LogQuantity::Milliwatts));
        $milliwatts = $sent === [] ? $milliwatts : 1000.0 * Spread::median($sent);
        $rows = $right = $at = [];
        // A long flight tells no more by all of its rows than by some thousands of them.
        $nth = intdiv(count($level), self::MOST) + 1;
        foreach ($level as $row => $is) {
            if (
                $row % $nth === 0 &&
                $is !== null &&
                $is < 0.0 &&
                isset($distance[$row]) &&
                $distance[$row] > self::NEAR
            ) {
                $rows[] = [1.0, -10 * log10($distance[$row])];
                $right[] = $is;
                $at[] = $row;
            }
        }
        $far = array_map(fn (int $row): float => (float) $distance[$row], $at);
        if ($far === [] || count($rows) < self::FEWEST || max($far) < max(self::FAR, self::WIDE * min($far))) {
            return null;
        }
        $fit = self::line($rows, $right, $far, $flight->times()[$at[count($at) - 1]] - $flight->times()[$at[0]]);
        if ($fit === null || $fit->values[1] < 0.5) {
            return null;
        }
        [$atAMetre, $slope] = $fit->values;
        $spread = sqrt(
            Spread::mean(
                array_map(
                    fn (array $row, float $is): float => ($is - $row[0] * $atAMetre - $row[1] * $slope) ** 2,
                    $rows,
                    $right,
                ),
            ),
        );
        $farthest = max($far);
        $margin = $atAMetre - 10 * $slope * log10($farthest) - $sensitivity;

        return new self(
            $slope,
            $atAMetre,
            $spread,
            $farthest,
            $margin,
            $milliwatts,
            self::ranges($slope, $farthest, $margin, $milliwatts),
            self::nulls($flight, $at, $slope, $atAMetre),
        );
    }

    /**
     * The line: what is near counts less, as a fix that is a few metres off changes its distance by much; and where the
     * flight tells little of the slope, it is near that of free space.
     *
     * @param  list<list<float>>  $rows
     * @param  list<float>  $right
     * @param  list<float>  $far  metres
     */
    private static function line(array $rows, array $right, array $far, float $seconds): ?LeastSquares
    {
        $weights = array_map(
            fn (float $metres): float => 1 / hypot(self::NOISE, (20 / M_LN10) * (self::FIX / $metres)),
            $far,
        );
        $weighted = fn (float $times): array => [
            array_map(
                fn (array $row, float $weight): array => [$row[0] * $weight * $times, $row[1] * $weight * $times],
                $rows,
                $weights,
            ),
            array_map(fn (float $is, float $weight): float => $is * $weight * $times, $right, $weights),
        ];
        $first = LeastSquares::fit(...$weighted(1.0));
        if ($first === null) {
            return null;
        }
        // Rows that follow each other quickly fade together: only those some seconds apart tell something new.
        $apart = max(1.0, min((float) count($rows), $seconds / self::FADES));
        [$scaled, $sums] = $weighted(1 / (max(0.05, $first->spread) * sqrt(count($rows) / $apart)));

        return LeastSquares::fit([...$scaled, [0.0, 1 / self::USUAL]], [...$sums, self::FREE / self::USUAL]);
    }

    /** @return list<array{milliwatts: float|null, metres: float, margin: float}> */
    private static function ranges(float $slope, float $farthest, float $margin, ?float $milliwatts): array
    {
        $ranges = [];
        $powers = $milliwatts === null ? [null] : array_unique([...self::POWERS, $milliwatts]);
        sort($powers);
        foreach ($powers as $power) {
            $left = $margin + ($power === null || $milliwatts === null ? 0.0 : FreeSpace::gain($milliwatts, $power));
            $ranges[] = [
                'milliwatts' => $power,
                'metres' => $farthest * 10 ** ($left / (10 * $slope)),
                'margin' => $left,
            ];
        }

        return $ranges;
    }

    /**
     * @param  list<int>  $at
     * @return list<array{from: float, to: float, depth: float, metres: float, bearing: float|null}>
     */
    private static function nulls(FlightSeries $flight, array $at, float $slope, float $atAMetre): array
    {
        [$times, $level, $distance] = [$flight->times(), $flight->sent(LogQuantity::Level), $flight->distance()];
        $nulls = [];
        $open = null;
        foreach ($at as $row) {
            $depth = $atAMetre - 10 * $slope * log10((float) $distance[$row]) - (float) $level[$row];
            if ($depth > self::NULL_DEPTH) {
                $open ??= [
                    'from' => $times[$row],
                    'to' => $times[$row],
                    'depth' => 0.0,
                    'metres' => 0.0,
                    'bearing' => null,
                ];
                $open['to'] = $times[$row];
                if ($depth > $open['depth']) {
                    $open = [
                        ...$open,
                        'depth' => $depth,
                        'metres' => (float) $distance[$row],
                        'bearing' => self::bearing($flight, $row),
                    ];
                }
            } elseif ($open !== null) {
                $nulls[] = $open;
                $open = null;
            }
        }
        $nulls = $open === null ? $nulls : [...$nulls, $open];

        return array_values(
            array_filter($nulls, fn (array $one): bool => $one['to'] - $one['from'] >= self::NULL_SECONDS),
        );
    }

    /** Degrees to the right of the nose in which home lay; null where nothing tells where the nose pointed. */
    private static function bearing(FlightSeries $flight, int $row): ?float
    {
        $course = $flight->course()[$row];
        [$east, $north] = [$flight->east()[$row], $flight->north()[$row]];

        return $course === null || $east === null || $north === null
            ? null
            : fmod(rad2deg(atan2(-$east, -$north)) - $course + 720.0, 360.0);
    }
}
