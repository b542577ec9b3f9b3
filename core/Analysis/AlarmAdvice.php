<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Telemetry\Sample;

/**
 * What an alarm would have done on several flights of its aircraft, and the level at which it would have left what the
 * pilot wants to have left.
 */
final readonly class AlarmAdvice
{
    /**
     * @param  string  $call  the alarm's id
     * @param  int  $place  of its level among those that it looks at
     * @param  list<array{times: int, beforeLanding: float|null, left: float|null}>  $flights  how often it spoke; seconds
     *              from its first word to landing, and share of the pack left then; null where nothing tells
     * @param  float|null  $level  in the base unit; null where the flights don't tell one
     * @param  int  $tells  flights that told it
     */
    private function __construct(
        public string $call,
        public int $place,
        public SensorLevel $now,
        public array $flights,
        public ?float $level,
        public int $tells,
    ) {}

    /**
     * Of every level of an alarm.
     *
     * @param  list<array{Recording, ListenedFlight}>  $flights
     * @param  float  $reserve  share of the pack that should be left when it speaks, 0 to 1
     * @return list<self>
     */
    public static function of(Callout $call, array $flights, float $reserve): array
    {
        $levels = array_values(
            array_filter(ConditionTree::all($call->when), fn (object $one): bool => $one instanceof SensorLevel),
        );
        $advice = [];
        foreach ($levels as $place => $level) {
            $wanted = [];
            foreach ($flights as [$flight, $heard]) {
                $is = self::wanted($level, $call->hold, $flight, $heard->samples, $reserve);
                $wanted = $is === null ? $wanted : [...$wanted, $is];
            }
            $advice[] = new self(
                $call->id,
                $place,
                $level,
                array_map(fn (array $one): array => self::did($call->id, $one[0], $one[1]), $flights),
                // It speaks in time on every flight: the earliest of them decides.
                $wanted === [] ? null : ($level->above ? min($wanted) : max($wanted)),
                count($wanted),
            );
        }

        return $advice;
    }

    /** @return array{times: int, beforeLanding: float|null, left: float|null} */
    private static function did(string $call, Recording $flight, ListenedFlight $heard): array
    {
        $times = 0;
        $first = null;
        foreach ($heard->said as $one) {
            if ($one->offer->by === $call && $one->from !== null) {
                $times++;
                $first ??= $one->from;
            }
        }
        $flown = $flight->spans(TrackColumn::Flies, fn (float $one): bool => $one > 0.0);
        $landing = $flown === [] ? null : $flown[count($flown) - 1][1];
        $used = $first === null ? null : $flight->track->at($flight->rowAt($first), TrackColumn::Used);

        return [
            'times' => $times,
            'beforeLanding' => $first === null || $landing === null ? null : $landing - $first,
            'left' => $used === null ? null : $flight->pack?->left($used),
        ];
    }

    /**
     * The level that a value had passed, for as long as the alarm waits, when just the wished reserve was left; null
     * where the flight didn't go so far, or nothing tells.
     *
     * @param  list<Sample>  $samples  with what is calculated
     */
    private static function wanted(
        SensorLevel $level,
        float $hold,
        Recording $flight,
        array $samples,
        float $reserve,
    ): ?float {
        $until = null;
        foreach ($flight->track->column(TrackColumn::Used) ?? [] as $row => $used) {
            if ($used !== null && $flight->pack !== null && $flight->pack->left($used) <= $reserve) {
                $until = $row;
                break;
            }
        }
        if ($until === null) {
            return null;
        }
        // The least extreme of the values in each stretch of that length; the most extreme of those was passed.
        $passed = null;
        $from = 0;
        $window = [];
        for ($row = 0; $row <= $until && isset($samples[$row]); $row++) {
            $value = $samples[$row]->values[$level->sensor] ?? null;
            if ($value === null) {
                [$window, $from] = [[], $row + 1];

                continue;
            }
            $window[$row] = $level->above ? $value : -$value;
            for (; $samples[$row]->time - $samples[$from]->time > $hold + 1e-6 && $from < $row; $from++) {
                unset($window[$from]);
            }
            $isFull = $samples[$row]->time - $samples[$from]->time >= $hold - Sample::TICK * 10;
            if ($isFull && $window !== []) {
                $passed = max($passed ?? -INF, min($window));
            }
        }

        return $passed === null ? null : ($level->above ? $passed : -$passed);
    }
}
