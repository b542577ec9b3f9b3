<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;

/** What glance pages showed for nothing: values that never changed in a whole flight. */
final class GlanceRemarks
{
    /**
     * Remarks of a flight.
     *
     * @param  list<Sample>  $samples  with calculated values
     * @return list<Remark>
     */
    public static function of(Program $program, Values $values, array $samples): array
    {
        $remarks = [];
        foreach ($program->sense->pages as $page) {
            $still = [];
            foreach ($page->cells as $cell) {
                $name = $values->find($cell->value)?->name;
                if ($name !== null && self::isStill($cell->value, $samples)) {
                    $still[$name] = true;
                }
            }
            if ($still !== []) {
                $remarks[] = new Remark(
                    'Page',
                    PointLevel::Look,
                    "{$page->name} shows what never changed in this flight: ".implode(', ', array_keys($still)).'.',
                );
            }
        }

        return $remarks;
    }

    /** @param  list<Sample>  $samples */
    private static function isStill(string $id, array $samples): bool
    {
        $first = null;
        foreach ($samples as $sample) {
            $is = $sample->values[$id] ?? null;
            if ($is !== null && $first !== null && $is !== $first) {
                return false;
            }
            $first ??= $is;
        }

        return true;
    }
}
