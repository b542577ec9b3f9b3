<?php

namespace DuskSwitch\Core\Analysis;

/** From when to when something holds. */
final class Spans
{
    /**
     * Each span ends at the row in which it holds no more; the last may end with the flight.
     *
     * @param  list<float>  $times  seconds
     * @param  list<bool>  $holds  row by row
     * @return list<array{from: float, to: float}>
     */
    public static function of(array $times, array $holds): array
    {
        $spans = [];
        $since = null;
        foreach ($times as $row => $time) {
            if ($holds[$row]) {
                $since ??= $time;
            } elseif ($since !== null) {
                $spans[] = ['from' => $since, 'to' => $time];
                $since = null;
            }
        }

        return $since === null ? $spans : [...$spans, ['from' => $since, 'to' => $times[count($times) - 1]]];
    }
}
