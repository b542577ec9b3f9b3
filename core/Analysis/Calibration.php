<?php

namespace DuskSwitch\Core\Analysis;

/**
 * How far a current sensor's used capacity is from what the charger put back, over several flights (common practice:
 * at high and at low power, as the error differs).
 */
final readonly class Calibration
{
    /** Flights from which a scale is told, and share by which single flights may differ for an alarm to be trusted. */
    private const FEWEST = 2;

    private const TRUSTED_FLIGHTS = 3;

    private const TRUSTED = 0.05;

    /** Share by which a scale may be off without being worth a change: chargers are no better. */
    private const SAME = 0.005;

    /** mAh below which a flight says little. */
    private const LEAST = 50.0;

    /**
     * @param  float  $scale  charged mAh for each that the sensor sent
     * @param  float  $spread  standard deviation of the scales of single flights
     * @param  float|null  $low  the scale of flights with less current than the middle, where there are enough
     * @param  float|null  $high  the scale of those with more
     */
    private function __construct(
        public int $flights,
        public float $scale,
        public float $spread,
        public ?float $low,
        public ?float $high,
    ) {}

    /**
     * Null where there aren't enough flights.
     *
     * @param  list<array{reported: float, charged: float, current: float|null}>  $flights  mAh as the sensor sent it,
     *     before any scale; mAh that the charger put back; mean amperes
     */
    public static function of(array $flights): ?self
    {
        $flights = array_values(
            array_filter($flights, fn (array $one): bool => $one['reported'] >= self::LEAST && $one['charged'] >= self::LEAST),
        );
        if (count($flights) < self::FEWEST) {
            return null;
        }
        $ratios = array_map(fn (array $one): float => $one['charged'] / $one['reported'], $flights);
        $scale = self::scale($flights);
        $spread = Spread::deviation($ratios);
        $currents = Spread::there(array_column($flights, 'current'));
        $middle = count($currents) < 4 ? null : Spread::median($currents);
        $part = function (bool $above) use ($flights, $middle): ?float {
            $those = array_values(array_filter(
                $flights,
                fn (array $one): bool => $middle !== null && $one['current'] !== null && ($one['current'] > $middle) === $above,
            ));

            return count($those) < 2 ? null : self::scale($those);
        };

        return new self(
            count($flights),
            $scale,
            $spread,
            $part(false),
            $part(true),
        );
    }

    /**
     * True where a capacity alarm can be flown by.
     *
     * @param  float  $now  by what the transmitter multiplies what the sensor sends
     */
    public function trusts(float $now = 1.0): bool
    {
        return $this->flights >= self::TRUSTED_FLIGHTS &&
            abs($this->scale / $now - 1.0) <= self::TRUSTED &&
            $this->spread / $now <= self::TRUSTED;
    }

    /**
     * True where another scale is worth setting.
     *
     * @param  float  $now  by what the transmitter multiplies what the sensor sends
     */
    public function wants(float $now): bool
    {
        return abs($this->scale / $now - 1.0) > self::SAME;
    }

    /**
     * By least squares through zero: what is large counts more, as its error is smaller beside it.
     *
     * @param  list<array{reported: float, charged: float, current: float|null}>  $flights
     */
    private static function scale(array $flights): float
    {
        $above = array_sum(array_map(fn (array $one): float => $one['reported'] * $one['charged'], $flights));
        $below = array_sum(array_map(fn (array $one): float => $one['reported'] ** 2, $flights));

        return $above / $below;
    }
}
