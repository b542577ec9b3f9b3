<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Figure;
use DuskSwitch\Core\Units\UnitSystem;

/** Lengths, speeds and times in sentences, in the pilot's units. */
final readonly class MeasuredWords
{
    public function __construct(private UnitSystem $system) {}

    /** Metres, and feet, beyond which nobody counts them. */
    private const LONG = 10_000.0;

    /** A length: "120 m". */
    public function metres(float $base): string
    {
        $unit = $this->system->unit(Dimension::Length);

        return Figure::of($unit->fromBase($base), 0).' '.$unit->shown();
    }

    /** A way along the ground: "120 m", a long one "54.5 km". A mile is 1609.344 m, a nautical one 1852 m (BIPM). */
    public function distance(float $base): string
    {
        if (abs($this->system->unit(Dimension::Length)->fromBase($base)) < self::LONG) {
            return $this->metres($base);
        }
        [$long, $word] = match ($this->system) {
            UnitSystem::Metric => [1000.0, 'km'],
            UnitSystem::Imperial => [1609.344, 'mi'],
            UnitSystem::Nautical => [1852.0, 'NM'],
        };

        return Figure::of($base / $long, 1)." {$word}";
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
