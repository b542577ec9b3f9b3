<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\SensorScales;
use DuskSwitch\Core\Telemetry\Values;

/**
 * What was written down with one program's scales, as another program would have it: a calibration that was set after a
 * flight counts for it too.
 */
final readonly class Rescaled
{
    /** @var array<string, float> by value */
    private array $now;

    /** @param  FlownWith  $with  as it was when it was written down */
    public function __construct(Program $program, private FlownWith $with)
    {
        $this->now = SensorScales::of($program);
    }

    /** By what a value that was written down is multiplied. */
    public function by(string $value): float
    {
        return ($this->now[$value] ?? 1.0) / ($this->with->scales[$value] ?? 1.0);
    }

    /** @return list<float|null> used capacity, mAh: by the scale of the first value that tells it, or its current */
    public function used(FlightSeries $series, Values $values): array
    {
        foreach ([Measurand::Used, Measurand::Amperes] as $measures) {
            foreach ($values->all as $value) {
                if ($value->measures === $measures && ! $value->derived) {
                    return $this->column($value->id, $series->used());
                }
            }
        }

        return $series->used();
    }

    /**
     * A column of a value.
     *
     * @param  list<float|null>  $column
     * @return list<float|null>
     */
    public function column(string $value, array $column): array
    {
        $by = $this->by($value);

        return $by === 1.0
            ? $column
            : array_map(fn (?float $one): ?float => $one === null ? null : $one * $by, $column);
    }
}
