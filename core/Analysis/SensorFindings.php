<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\Figure;

/** What a flight tells of its own sensors: rows that can't be so, and how late one comes after another. */
final class SensorFindings
{
    /** @return list<Finding> */
    public static function of(FlightAnalysis $analysis): array
    {
        $start = $analysis->series->log->start;
        $found = [];
        foreach ($analysis->series->jumps() as $what => $rows) {
            if ($rows !== []) {
                $count = count($rows) === 1 ? 'One row' : count($rows).' rows';
                $found[] = new Finding(
                    'jumps',
                    'Sensors',
                    true,
                    "{$count} of ".($what === 'height' ? 'height' : 'position').' left out.',
                    'It jumped farther than anything flies, and back in the next row.',
                    round($analysis->series->times()[$rows[0]] - $start, 1),
                );
            }
        }
        foreach ($analysis->lags as $what => $lag) {
            if (abs($lag->seconds) >= 0.2) {
                $late = Figure::of(abs($lag->seconds), 1).' s '.($lag->seconds > 0 ? 'later' : 'earlier');
                $found[] = new Finding('lag', 'Lag', true, ucfirst($what).": the second comes {$late}", '', null);
            }
        }

        return $found;
    }
}
