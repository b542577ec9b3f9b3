<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Log\LogQuantity;

/**
 * A pack by what it did under load: volts of a cell over amperes and used capacity. Without the second the discharge
 * hides in the resistance.
 */
final readonly class BatteryFit
{
    /** Rows that are needed, and amperes by which the load must vary, as a share of the highest. */
    private const FEWEST = 30;

    private const MOST = 6000;

    private const VARIES = 0.15;

    /** A discharge curve bends: so many powers of the used capacity are fitted, where there are rows enough. */
    private const POWERS = 3;

    /**
     * @param  float  $openCircuit  volts of a cell without load at the beginning
     * @param  float  $resistance  ohms of a cell
     * @param  float  $error  its standard error, in ohms
     * @param  float  $sag  volts of a cell that the highest load takes
     * @param  float  $spread  volts, root mean square of what is left over
     */
    private function __construct(
        public float $openCircuit,
        public float $resistance,
        public float $error,
        public float $sag,
        public float $spread,
    ) {}

    /** Null where the cells aren't known, or the load hardly varied. */
    public static function of(FlightSeries $flight): ?self
    {
        [$cell, $amperes, $used] = [$flight->cell(), $flight->sent(LogQuantity::Amperes), $flight->used()];
        $rows = $right = $loads = [];
        // A long flight tells no more by all of its rows than by some thousands of them.
        $nth = intdiv(count($cell), self::MOST) + 1;
        $most = 1.0;
        foreach ($cell as $row => $volts) {
            if ($row % $nth !== 0) {
                continue;
            }
            // Old values of a slow sensor beside new ones of a quick one tell nothing.
            $fresh = $row === 0 || $volts !== $cell[$row - 1] || $amperes[$row] !== $amperes[$row - 1];
            if ($volts !== null && $volts > 0.5 && isset($amperes[$row], $used[$row]) && $fresh) {
                $rows[] = [$amperes[$row], max(0.0, $used[$row])];
                $right[] = $volts;
                $loads[] = $amperes[$row];
                $most = max($most, $used[$row]);
            }
        }
        if ($loads === [] || count($rows) < self::FEWEST) {
            return null;
        }
        $high = max($loads);
        if ($high <= 0.0 || Spread::deviation($loads) < self::VARIES * $high) {
            return null;
        }
        $fit = null;
        for ($powers = count($rows) > 5 * self::FEWEST ? self::POWERS : 1; $powers >= 1 && $fit === null; $powers--) {
            $fit = LeastSquares::fit(
                array_map(
                    fn (array $row): array => [
                        1.0,
                        -$row[0],
                        ...array_map(fn (int $power): float => ($row[1] / $most) ** $power, range(1, $powers)),
                    ],
                    $rows,
                ),
                $right,
            );
        }
        if ($fit === null || $fit->values[1] <= 0.0) {
            return null;
        }

        return new self(
            $fit->values[0],
            $fit->values[1],
            $fit->errors[1],
            $fit->values[1] * $high,
            $fit->spread,
        );
    }
}
