<?php

namespace DuskSwitch\Core\Flight;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;

/**
 * The aircraft moment by moment: where it was, how it moved, how its pack stood. A rehearsal knows it as it truly was;
 * of a recorded flight only what its sensors sent is known, and the rest is null.
 */
final readonly class Track
{
    /**
     * @param  array<value-of<TrackColumn>, list<float|null>>  $columns  as long as there are samples; what nothing tells
     *              of in the whole flight is missing
     */
    public function __construct(private array $columns) {}

    /** @param  list<array<value-of<TrackColumn>, float|bool|null>>  $rows */
    public static function ofRows(array $rows): self
    {
        $columns = [];
        foreach (TrackColumn::cases() as $column) {
            $key = $column->value;
            $data = array_map(fn (array $row): ?float => isset($row[$key]) ? (float) $row[$key] : null, $rows);
            if (array_filter($data, is_float(...)) !== []) {
                $columns[$key] = $data;
            }
        }

        return new self($columns);
    }

    /**
     * What telemetry tells of the aircraft; home is the first position that was sent.
     *
     * @param  list<Sample>  $samples
     * @param  int  $cells  of the pack
     */
    public static function ofTelemetry(array $samples, Values $values, int $cells): self
    {
        $ids = [];
        foreach ($values->all as $value) {
            $ids[$value->measures->value ?? ''] ??= $value->id;
        }
        $rows = [];
        $home = $ground = null;
        foreach ($samples as $sample) {
            $sent = fn (Measurand $what): ?float => $sample->values[$ids[$what->value] ?? ''] ?? null;
            $place = [$sent(Measurand::Latitude), $sent(Measurand::Longitude)];
            $home ??= in_array(null, $place, true) ? null : $place;
            $ground ??= $sent(Measurand::Altitude);
            [$metres, $bearing] =
                $home === null || in_array(null, $place, true) ? [null, 0.0] : Geodesic::inverse(...$home, ...$place);
            $altitude = $sent(Measurand::Altitude);
            $volts = $sent(Measurand::Volts);
            $quality = $sample->values['link-quality'] ?? null;
            $rows[] = [
                'east' => $metres === null ? null : $metres * sin(deg2rad($bearing)),
                'north' => $metres === null ? null : $metres * cos(deg2rad($bearing)),
                'height' => $sent(Measurand::Height) ?? ($altitude === null ? null : $altitude - $ground),
                'speed' => $sent(Measurand::Speed),
                'airspeed' => $sent(Measurand::Airspeed),
                'climb' => $sent(Measurand::Climb),
                'heading' => $sent(Measurand::Course),
                'used' => $sent(Measurand::Used),
                'cell' => $sent(Measurand::Cell) ?? ($volts === null ? null : $volts / max(1, $cells)),
                'amperes' => $sent(Measurand::Amperes),
                'linked' => $quality === null ? null : $quality > 0.0,
            ];
        }

        return self::ofRows($rows);
    }

    /** True where something tells of it, at least now and then. */
    public function knows(TrackColumn ...$columns): bool
    {
        return array_filter($columns, fn (TrackColumn $one): bool => ! isset($this->columns[$one->value])) === [];
    }

    /** @return list<float|null>|null row by row; null where nothing ever tells */
    public function column(TrackColumn $column): ?array
    {
        return $this->columns[$column->value] ?? null;
    }

    /** What is known in a row, or null. */
    public function at(int $row, TrackColumn $column): ?float
    {
        return $this->columns[$column->value][$row] ?? null;
    }
}
