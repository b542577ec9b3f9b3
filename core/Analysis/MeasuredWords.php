<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Figure;
use DuskSwitch\Core\Units\UnitSystem;

/** Lengths, speeds and times in sentences, in the pilot's units. */
final readonly class MeasuredWords
{
    public function __construct(private UnitSystem $system) {}

    /** A length: "120 m". */
    public function metres(float $base): string
    {
        $unit = $this->system->unit(Dimension::Length);

        return Figure::of($unit->fromBase($base), 0).' '.$unit->shown();
    }

    /** A speed along the ground or through the air: "14.4 km/h". */
    public function speed(float $base): string
    {
        $unit = $this->system->unit(Dimension::Speed);

        return Figure::of($unit->fromBase($base), 1).' '.$unit->shown();
    }

    /** A time in minutes and seconds: "3:05". */
    public function minutes(float $seconds): string
    {
        return sprintf('%d:%02d', intdiv((int) round($seconds), 60), (int) round($seconds) % 60);
    }
}
