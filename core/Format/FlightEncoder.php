<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\Recording;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Telemetry\Sample;

/** Writes the flight of a rehearsal as columns by time: it stays the same whatever is said of it. */
final class FlightEncoder
{
    /** @return array<string, mixed> */
    public static function columns(
        Recording $flight,
        Program $program,
        Transmitter $transmitter,
        Scenario $scenario,
        RehearsalSettings $setting,
    ): array {
        $column = fn (string $key): array => array_column($flight->truth, $key);

        return [
            'format' => 'dusk-switch/rehearsal',
            'version' => 1,
            'script' => ['id' => $scenario->id, 'name' => $scenario->name],
            'seed' => $setting->seed,
            'wind' => ['speed' => $setting->wind, 'from' => $setting->from],
            'every' => Recording::EVERY,
            'seconds' => round($flight->seconds(), 1),
            'capacity' => $flight->capacity,
            'charge' => $setting->charge,
            'milliwatts' => $setting->milliwatts,
            'truth' => array_map($column, [
                'east' => 'east',
                'north' => 'north',
                'height' => 'height',
                'speed' => 'speed',
                'airspeed' => 'airspeed',
                'climb' => 'climb',
                'heading' => 'heading',
                'cell' => 'cell',
                'amperes' => 'amperes',
                'used' => 'used',
            ]),
            'lost' => self::spans(array_map(fn (array $row): bool => ! $row['linked'], $flight->truth)),
            'sticks' => [
                'roll' => array_column($flight->sticks, 0),
                'pitch' => array_column($flight->sticks, 1),
                'throttle' => array_column($flight->sticks, 2),
                'yaw' => array_column($flight->sticks, 3),
            ],
            'outputs' => array_map(
                fn (int $index): array => [
                    'channel' => $program->outputs[$index]->channel,
                    'name' => $program->outputs[$index]->name,
                    'pulses' => array_column($flight->pulses, $index),
                ],
                array_keys($program->outputs),
            ),
            'hands' => self::changes($flight->samples, fn (Sample $one): array => self::hand($one, $transmitter)),
            'steps' => self::changes(
                $flight->samples,
                fn (Sample $one): array => ['phase' => $one->phase] + $one->steps,
            ),
            'events' => array_map(
                fn (array $one): array => ['at' => round($one[0], 2), 'kind' => $one[1], 'says' => $one[2]],
                $flight->events,
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

    /**
     * @param  list<bool>  $is
     * @return list<array{float, float}>
     */
    private static function spans(array $is): array
    {
        $spans = [];
        $since = null;
        foreach ([...$is, false] as $index => $one) {
            if ($one && $since === null) {
                $since = $index;
            } elseif (! $one && $since !== null) {
                $spans[] = [round($since * Recording::EVERY, 1), round($index * Recording::EVERY, 1)];
                $since = null;
            }
        }

        return $spans;
    }
}
