<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\GpsFix;

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
    public static function fixes(Recording $flight, Program $program): array
    {
        $with = array_values(
            array_filter(
                $program->sense->chain,
                fn ($one): bool => array_filter(
                    $flight->samples,
                    fn ($sample): bool => isset($sample->values["{$one->id}-satellites"]),
                ) !== [],
            ),
        );
        if ($with === []) {
            throw Refused::because(
                'sense.chain',
                'there is no GPS in the chain: nothing says where it is; add one in Chain',
            );
        }
        $id = $with[0]->id;
        $fixes = [];
        foreach ($flight->samples as $index => $sample) {
            if ($index % (int) round(1 / Recording::EVERY) === 0) {
                $value = fn (string $name): ?float => $sample->values["{$id}-{$name}"] ?? null;
                $satellites = $value('satellites');
                $fixes[] = new GpsFix(
                    self::NOON + $sample->time,
                    $value('latitude'),
                    $value('longitude'),
                    $value('altitude'),
                    $satellites === null ? null : (int) $satellites,
                    $value('speed'),
                    $value('course'),
                );
            }
        }

        return $fixes;
    }
}
