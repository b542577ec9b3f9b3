<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\UnitSystem;

/** A flight laid over another, so that both take off at the same moment. */
final readonly class LaidOver
{
    private float $shift;

    private bool $byTakeOff;

    /**
     * @param  FlightAnalysis  $under  whose time counts
     * @param  FlightAnalysis  $over  that is laid over it
     */
    public function __construct(private FlightAnalysis $under, private FlightAnalysis $over, private UnitSystem $system)
    {
        [$one, $other] = [self::takeOff($under), self::takeOff($over)];
        $this->byTakeOff = $one !== null && $other !== null;
        $this->shift = $one !== null && $other !== null ? $one - $other : 0.0;
    }

    /**
     * What is drawn over the other flight.
     *
     * @return array{times: list<float>, seconds: float, traces: list<array<string, mixed>>, says: string} times in seconds of
     *     the flight below, from its first row on; how long both last together; columns in the pilot's units
     */
    public function json(): array
    {
        $lines = (new RecordedView($this->over, $this->system))->lines();
        $times = array_map(fn (float $one): float => round($one + $this->shift, 2), $lines['times']);

        return [
            'times' => $times,
            'seconds' => round(max($this->under->series->log->seconds(), $times === [] ? 0.0 : max($times)), 1),
            'traces' => $lines['traces'],
            'says' => $this->says(),
        ];
    }

    private function says(): string
    {
        [$start, $while] = $this->under->drives ? ['start', 'under way'] : ['take-off', 'in the air'];
        if (! $this->byTakeOff) {
            return "No {$start} was found in one of them: laid over each other from their first rows.";
        }
        $longer = $this->over->air->seconds() - $this->under->air->seconds();

        return match (true) {
            abs($longer) < 0.5 => "Laid over each other from {$start}; both were {$while} as long.",
            default => "Laid over each other from {$start}; the other was ".
                (new MeasuredWords($this->system))->minutes(abs($longer)).
                ($longer > 0 ? ' longer' : ' shorter').
                " {$while}.",
        };
    }

    /** Seconds from the flight's first row to its take-off; null where none was found. */
    private static function takeOff(FlightAnalysis $of): ?float
    {
        $at = $of->air->takeOff();

        return $at === null ? null : $at - $of->series->log->start;
    }
}
