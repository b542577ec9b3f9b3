<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Derive\CellAverage;
use DuskSwitch\Core\Telemetry\Derive\Relative;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** The lines of a flight over time: what the transmitter had, and in a rehearsal what truly was. */
final readonly class FlightTraces
{
    public function __construct(private Recording $flight, private Program $program, private Values $values) {}

    /**
     * @param  list<Sample>  $samples  with derived values
     * @return list<FlightTrace> height, airspeed, cell and link, as far as anything is known of them
     */
    public function traces(array $samples): array
    {
        $rows = [
            ['Height', TrackColumn::Height, Dimension::Length, $this->height()],
            ['Air', TrackColumn::Airspeed, Dimension::Speed, $this->measuring(Measurand::Airspeed)],
            ['Cell', TrackColumn::Cell, Dimension::Voltage, $this->cell()],
            ['Link', null, Dimension::Percent, $this->values->find('link-quality')],
        ];
        $traces = [];
        foreach ($rows as [$name, $column, $dimension, $value]) {
            $true = $column === null ? null : $this->flight->track->column($column);
            if ($true !== null || $value !== null) {
                $received = fn (Sample $one): ?float => $value === null ? null : $one->values[$value->id] ?? null;
                $traces[] = new FlightTrace($name, $dimension, $value, array_map($received, $samples), $true);
            }
        }

        return $traces;
    }

    /** A height over the field: a barometer's, else one that is reset there. */
    private function height(): ?Value
    {
        return $this->measuring(Measurand::Height) ?? $this->calculated(new Relative(), Dimension::Length);
    }

    /** The voltage of a cell: sent, else the average. */
    private function cell(): ?Value
    {
        return $this->measuring(Measurand::Cell) ?? $this->calculated(new CellAverage(), Dimension::Voltage);
    }

    private function measuring(Measurand $measurand): ?Value
    {
        foreach ($this->values->all as $value) {
            if ($value->measures === $measurand) {
                return $value;
            }
        }

        return null;
    }

    private function calculated(Relative|CellAverage $does, Dimension $dimension): ?Value
    {
        foreach ($this->program->sense->values as $derived) {
            $value = $this->values->find($derived->id);
            if ($derived->does->id() === $does->id() && $value?->dimension === $dimension) {
                return $value;
            }
        }

        return null;
    }
}
