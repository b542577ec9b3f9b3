<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Units\UnitSystem;

/** Where one takes off and lands: a line between its two ends. */
final readonly class Runway
{
    /** @param  array{array{float, float}, array{float, float}}  $ends  latitude and longitude of each */
    public function __construct(public array $ends) {}

    /**
     * Of what was kept; null where there is none.
     *
     * @param  list<array{float, float}>  $ends
     */
    public static function of(array $ends): ?self
    {
        return isset($ends[0], $ends[1]) ? new self([$ends[0], $ends[1]]) : null;
    }

    /** Metres from end to end. */
    public function length(): float
    {
        return Geodesic::inverse(...$this->ends[0], ...$this->ends[1])[0];
    }

    /** Degrees from true north, 0 to 360, from its first end to its second. */
    public function course(): float
    {
        return fmod(Geodesic::inverse(...$this->ends[0], ...$this->ends[1])[1] + 360.0, 360.0);
    }

    /**
     * How much of a wind blows across it.
     *
     * @param  float  $speed  m/s
     * @param  float  $from  degrees from true north that it comes from
     * @return float m/s, whichever side it comes from
     */
    public function across(float $speed, float $from): float
    {
        return abs($speed * sin(deg2rad($from - $this->course())));
    }

    /**
     * The course on which one lands against a wind.
     *
     * @param  float  $from  degrees from true north that it comes from
     * @return float degrees from true north
     */
    public function against(float $from): float
    {
        return cos(deg2rad($from - $this->course())) >= 0.0 ? $this->course() : fmod($this->course() + 180.0, 360.0);
    }

    /** "120 m, 68° and 248°". */
    public function says(UnitSystem $units): string
    {
        $course = (int) round($this->course()) % 360;

        return (new MeasuredWords($units))->metres($this->length()).", {$course}° and ".(($course + 180) % 360).'°';
    }

    /** @return list<array{float, float}> its ends in metres east and north of a place */
    public function around(float $latitude, float $longitude): array
    {
        return array_map(
            fn (array $end): array => Geodesic::local($latitude, $longitude, ...$end),
            $this->ends,
        );
    }
}
