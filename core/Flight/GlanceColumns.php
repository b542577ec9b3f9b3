<?php

namespace DuskSwitch\Core\Flight;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\GlanceCell;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;

/** What bars and arrows of glance pages show, row by row of a flight; numbers are the values themselves. */
final readonly class GlanceColumns
{
    public function __construct(private Program $program, private Values $values) {}

    /**
     * @param  list<Sample>  $samples  with calculated values
     * @return list<float|null>|null the share of a bar, 0 to 1, or the degrees to the right in which home lies, 0 to
     * 360; null in rows where it isn't known, and null at all for a number
     */
    public function of(GlanceCell $cell, array $samples): ?array
    {
        return match ($cell->look) {
            GlanceLook::Number => null,
            GlanceLook::Bar => $this->shares($cell->value, $samples),
            GlanceLook::Arrow => $this->homewards($cell->value, $samples),
        };
    }

    /**
     * @param  list<Sample>  $samples
     * @return list<float|null>
     */
    private function shares(string $id, array $samples): array
    {
        $range = $this->values->find($id)?->range;

        return array_map(function (Sample $one) use ($id, $range): ?float {
            $is = $one->values[$id] ?? null;

            return $is === null || $range === null || $range->high <= $range->low
                ? null
                : round(max(0.0, min(1.0, ($is - $range->low) / ($range->high - $range->low))), 3);
        }, $samples);
    }

    /**
     * Home lies opposite to the bearing from home; the nose points where the course goes.
     *
     * @param  list<Sample>  $samples
     * @return list<float|null>
     */
    private function homewards(string $bearing, array $samples): array
    {
        $course = $this->course($bearing);

        return array_map(function (Sample $one) use ($bearing, $course): ?float {
            $from = $one->values[$bearing] ?? null;
            $nose = $course === null ? null : $one->values[$course] ?? null;

            return $from === null || $nose === null ? null : round(fmod($from + 180.0 - $nose + 720.0, 360.0), 1);
        }, $samples);
    }

    /** The course of the sensor whose position the bearing is made of. */
    private function course(string $bearing): ?string
    {
        foreach ($this->program->sense->values as $one) {
            $sensor = $one->id === $bearing ? $this->values->find($one->of[0] ?? '')?->sensor : null;
            if ($sensor !== null) {
                return $this->values->measuring($sensor, Measurand::Course)?->id;
            }
        }

        return null;
    }
}
