<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\CurrentScale;
use DuskSwitch\Core\Telemetry\SensorScales;

/**
 * What was written down with one program's scales, as another program would have it: a calibration that was set after a
 * flight counts for it too.
 */
final readonly class Rescaled
{
    /** @var array<string, float> by value */
    private array $now;

    /** The scale of its current sensor. */
    private float $current;

    /** @param  FlownWith  $with  as it was when it was written down */
    public function __construct(Program $program, Catalogue $catalogue, private FlownWith $with)
    {
        $this->now = SensorScales::of($program);
        $this->current = CurrentScale::of($program, $catalogue)?->now() ?? 1.0;
    }

    /** By what a value that was written down is multiplied. */
    public function by(string $value): float
    {
        return ($this->now[$value] ?? 1.0) / ($this->with->scales[$value] ?? 1.0);
    }

    /** @return list<float|null> used capacity, mAh */
    public function used(FlightSeries $series): array
    {
        return self::times($this->current / $this->with->currentScale, $series->used());
    }

    /**
     * A column of a value.
     *
     * @param  list<float|null>  $column
     * @return list<float|null>
     */
    public function column(string $value, array $column): array
    {
        return self::times($this->by($value), $column);
    }

    /**
     * @param  list<float|null>  $column
     * @return list<float|null>
     */
    private static function times(float $by, array $column): array
    {
        return $by === 1.0
            ? $column
            : array_map(fn (?float $one): ?float => $one === null ? null : $one * $by, $column);
    }
}
