<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;
use Illuminate\Database\Eloquent\Collection;

/** Flights as the interface reads them, in the pilot's units. */
final readonly class LogbookJson
{
    /** What is told of each flight: its name, what kind of number it is, and whether it is a speed up or down. */
    private const FACTS = [
        'highest' => ['Highest', Dimension::Length, false],
        'farthest' => ['Farthest', Dimension::Length, false],
        'fastest' => ['Fastest', Dimension::Speed, false],
        'climb' => ['Best climb', Dimension::Speed, true],
        'sink' => ['Worst sink', Dimension::Speed, true],
        'current' => ['Mean current', Dimension::Current, false],
        'used' => ['Used', Dimension::Charge, false],
        'cellLowest' => ['Lowest cell', Dimension::Voltage, false],
        'linkLowest' => ['Lowest link', Dimension::Percent, false],
        'sag' => ['Sag of a cell', Dimension::Voltage, false],
        'wind' => ['Wind', Dimension::Speed, false],
    ];

    private UnitSystem $system;

    public function __construct()
    {
        $this->system = Pilot::here()->units;
    }

    /**
     * @param  Collection<int, Flight>  $flights
     * @return array<string, mixed>
     */
    public function list(Collection $flights): array
    {
        $columns = [];
        foreach (self::FACTS as $id => [$name, $dimension, $upright]) {
            $columns[] = ['id' => $id, 'name' => $name, 'unit' => $this->system->unit($dimension, $upright)->shown()];
        }

        return ['columns' => $columns, 'flights' => $flights->map($this->row(...))->values()->all()];
    }

    /** @return array<string, mixed> */
    public function row(Flight $flight): array
    {
        return [
            'id' => $flight->id,
            'flownAt' => $flight->flown_at?->toIso8601ZuluString(),
            'aircraft' => $flight->aircraft_id,
            'aircraftName' => $flight->aircraft_name,
            'revision' => $flight->revision,
            'seconds' => $flight->seconds,
            'site' => $flight->site,
            'pilot' => $flight->pilot,
            'pack' => $flight->pack_id,
            'packLabel' => $flight->pack?->label,
            'charged' => $flight->charged,
            'weather' => $flight->weather,
            'note' => $flight->note,
            'recording' => $flight->recording_id,
            'marks' => $flight->marks,
            'facts' => (object) $this->facts($flight->facts),
        ];
    }

    /**
     * @param  array<string, float|int|null>  $facts  in base units
     * @return array<string, float|null> as the pilot reads them
     */
    private function facts(array $facts): array
    {
        $read = [];
        foreach (self::FACTS as $id => [, $dimension, $upright]) {
            $value = $facts[$id] ?? null;
            $unit = $this->system->unit($dimension, $upright);
            $read[$id] = $value === null ? null : round($unit->fromBase((float) $value), $this->places($unit));
        }

        return $read;
    }

    private function places(Unit $unit): int
    {
        return $unit === Unit::Metre ? 0 : $unit->places();
    }
}
