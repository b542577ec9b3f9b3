<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Telemetry\GpsFix;
use DuskSwitch\Core\Telemetry\Values;

/** What the simulated GPS of a rehearsed flight said, second by second. */
final class Gps
{
    /** Seconds of the day at which a rehearsal begins: noon. */
    private const NOON = 43_200.0;

    /**
     * @return list<GpsFix> one a second
     *
     * @throws Refused where the chain has no GPS
     */
    public static function fixes(Recording $flight, Program $program, Values $values): array
    {
        $with = array_values(
            array_filter(
                $program->sense->chain,
                fn (InstalledSensor $one): bool => $values->measuring($one->id, Measurand::Satellites) !== null,
            ),
        );
        if ($with === []) {
            throw Refused::because(
                'sense.chain',
                'there is no GPS among the sensors: nothing says where it is; add one in Sensors',
            );
        }
        $id = $with[0]->id;
        $fixes = [];
        $next = 0.0;
        foreach ($flight->samples as $sample) {
            if ($sample->time >= $next - 1e-9) {
                $next = floor($sample->time + 1e-9) + 1.0;
                $value = fn (Measurand $of): ?float => $sample->values[$values->measuring($id, $of)->id ?? ''] ?? null;
                $satellites = $value(Measurand::Satellites);
                $fixes[] = new GpsFix(
                    self::NOON + $sample->time,
                    $value(Measurand::Latitude),
                    $value(Measurand::Longitude),
                    $value(Measurand::Altitude),
                    $satellites === null ? null : (int) $satellites,
                    $value(Measurand::Speed),
                    $value(Measurand::Course),
                );
            }
        }

        return $fixes;
    }
}
