<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;

/** A flight's track as rows, for the tests. */
final class Flown
{
    /** @return list<array<string, float>> each row of the track; what isn't known is missing */
    public static function rows(Recording $flight): array
    {
        $rows = [];
        foreach (array_keys($flight->samples) as $row) {
            $rows[$row] = [];
            foreach (TrackColumn::cases() as $column) {
                $value = $flight->track->at($row, $column);
                if ($value !== null) {
                    $rows[$row][$column->value] = $value;
                }
            }
        }

        return $rows;
    }
}
