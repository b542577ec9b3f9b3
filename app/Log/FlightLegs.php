<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\App\Logbook\LogbookJson;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlightFacts;

/** The facts of a flight between two marks each, as the interface reads them. */
final class FlightLegs
{
    /**
     * @param  list<array{at: float, says: string}>  $marks  seconds of the flight's own
     * @return list<array{says: string, from: float, to: float, facts: array<string, float|null>}> nothing without marks
     */
    public static function of(FlightAnalysis $analysis, array $marks): array
    {
        if ($marks === []) {
            return [];
        }
        usort($marks, fn (array $a, array $b): int => $a['at'] <=> $b['at']);
        $start = $analysis->series->log->start;
        $words = new LogbookJson();
        $legs = [];
        $from = ['at' => 0.0, 'says' => 'From the beginning'];
        foreach ([...$marks, ['at' => $analysis->series->log->seconds(), 'says' => '']] as $mark) {
            if ($mark['at'] > $from['at']) {
                $facts = FlightFacts::of($analysis->series, $start + $from['at'], $start + $mark['at']);
                $legs[] = [
                    'says' => $from['says'],
                    'from' => round($from['at'], 1),
                    'to' => round($mark['at'], 1),
                    'facts' => $words->facts($facts->kept()),
                ];
            }
            $from = $mark;
        }

        return $legs;
    }
}
