<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Flight\FlightEvent;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Telemetry\Sample;

/** Writes the flight of a rehearsal as columns by time: it stays the same whatever is said of it. */
final class FlightEncoder
{
    private const COLUMNS = [
        TrackColumn::East,
        TrackColumn::North,
        TrackColumn::Height,
        TrackColumn::Speed,
        TrackColumn::Airspeed,
        TrackColumn::Climb,
        TrackColumn::Heading,
        TrackColumn::Cell,
        TrackColumn::Current,
        TrackColumn::Used,
    ];

    /** @return array<string, mixed> */
    public static function columns(
        Recording $flight,
        Program $program,
        Transmitter $transmitter,
        Scenario $scenario,
        RehearsalSettings $setting,
    ): array {
        return [
            'format' => 'dusk-switch/rehearsal',
            'version' => 1,
            'script' => ['id' => $scenario->id, 'name' => $scenario->name],
            'seed' => $setting->seed,
            'wind' => ['speed' => $setting->wind, 'from' => $setting->from],
            'every' => Flight::EVERY,
            'charge' => $setting->charge,
            'milliwatts' => $setting->milliwatts,
            ...self::recording($flight, $program, $transmitter),
        ];
    }

    /**
     * The part that a rehearsed flight and a recorded one have alike; what nothing tells of is null.
     *
     * @return array<string, mixed>
     */
    public static function recording(Recording $flight, Program $program, Transmitter $transmitter): array
    {
        return [
            'seconds' => round($flight->seconds(), 1),
            'capacity' => $flight->pack?->capacity,
            'times' => array_map(fn (Sample $one): float => round($one->time, 2), $flight->samples),
            'truth' => self::track($flight->track),
            'lost' => array_map(
                fn (array $span): array => [round($span[0], 1), round($span[1], 1)],
                $flight->spans(TrackColumn::Linked, fn (float $one): bool => $one === 0.0),
            ),
            ...self::handheld($flight, $program, $transmitter),
            'events' => array_map(self::event(...), $flight->events),
        ];
    }

    /** @return array{at: float, kind: string, says: string} */
    public static function event(FlightEvent $one): array
    {
        return ['at' => round($one->at, 2), 'kind' => $one->kind->value, 'says' => $one->says];
    }

    /** @return array<string, list<float|null>|null> by column */
    private static function track(Track $track): array
    {
        $columns = [];
        foreach (self::COLUMNS as $column) {
            $columns[$column->value] = $track->column($column);
        }

        return $columns;
    }

    /** @return array<string, mixed> */
    private static function handheld(Recording $flight, Program $program, Transmitter $transmitter): array
    {
        $record = $flight->handheld;
        if ($record === null) {
            return ['sticks' => null, 'outputs' => [], 'hands' => [], 'steps' => []];
        }

        return [
            'sticks' => array_combine(
                ['roll', 'pitch', 'throttle', 'yaw'],
                array_map(fn (int $at): array => array_column($record->sticks, $at), [0, 1, 2, 3]),
            ),
            'outputs' => array_map(
                fn (int $index): array => [
                    'channel' => $program->outputs[$index]->channel,
                    'name' => $program->outputs[$index]->name,
                    'pulses' => array_column($record->pulses, $index),
                ],
                array_keys($program->outputs),
            ),
            'hands' => self::changes($flight->samples, fn (Sample $one): array => self::hand($one, $transmitter)),
            'steps' => self::changes(
                $flight->samples,
                fn (Sample $one): array => ['phase' => $one->phase] + $one->steps,
            ),
        ];
    }

    /** @return array<string, string|float> the detent of what has detents, else where it stands */
    private static function hand(Sample $sample, Transmitter $transmitter): array
    {
        $hand = [];
        foreach ($transmitter->controls as $control) {
            $value = $sample->controls[$control->id] ?? 0.0;
            $detent =
                array_values(
                    array_filter($control->detents, fn (string $one): bool => $control->valueOf($one) === $value),
                )[0] ?? null;
            $hand[$control->id] = $detent ?? $value;
        }

        return $hand;
    }

    /**
     * @param  list<Sample>  $samples
     * @param  callable(Sample): array<string, string|float>  $of
     * @return list<array{at: float, is: \stdClass}>
     */
    private static function changes(array $samples, callable $of): array
    {
        $changes = [];
        $before = [];
        foreach ($samples as $sample) {
            $now = $of($sample);
            $changed = array_diff_assoc($now, $before);
            if ($changed !== []) {
                $changes[] = ['at' => round($sample->time, 2), 'is' => (object) $changed];
            }
            $before = $now;
        }

        return $changes;
    }
}
