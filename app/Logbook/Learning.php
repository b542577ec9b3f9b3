<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\Core\Analysis\AlarmAdvice;
use DuskSwitch\Core\Analysis\Calibration;
use DuskSwitch\Core\Analysis\ListenableFlight;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\CurrentScale;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** What the flights of an aircraft teach: where its alarms should lie, and how far its current sensor is off. */
final readonly class Learning
{
    /** Flights that are listened to, the newest: each takes its time. */
    private const FLIGHTS = 8;

    public function __construct(
        private RecordingFiles $files,
        private Imports $imports,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param  float  $reserve  share of the pack that should be left when an alarm speaks
     * @return array<string, mixed>
     */
    public function json(Aircraft $aircraft, Circuit $circuit, float $reserve): array
    {
        $flights = Flight::with(['recording', 'pack', 'aircraft'])
            ->where('aircraft_id', $aircraft->id)
            ->orderByDesc('flown_at')
            ->orderByDesc('id')
            ->get();
        $recorded = $flights->whereNotNull('recording_id')->take(self::FLIGHTS);

        return [
            'reserve' => $reserve,
            'flights' => $recorded->count(),
            'alarms' => $this->alarms($recorded->all(), $circuit, $reserve),
            ...$this->calibration($flights->all(), $circuit),
        ];
    }

    /**
     * @param  array<Flight>  $flights
     * @return list<array<string, mixed>>
     */
    private function alarms(array $flights, Circuit $circuit, float $reserve): array
    {
        $heard = [];
        foreach ($flights as $flight) {
            $one = $this->heard($flight, $circuit);
            $heard = $one === null ? $heard : [...$heard, $one];
        }
        $values = Values::of($circuit->program, $this->catalogue);
        $threshold = new Threshold($values);
        $alarms = [];
        foreach ($circuit->program->sense->calls as $call) {
            if ($call->priority === Priority::Note) {
                continue;
            }
            foreach (AlarmAdvice::of($call, $heard, $reserve) as $advice) {
                $now = $threshold->read($advice->now);
                $level =
                    $advice->level === null || ! self::isOfThePack($values, $advice->now->sensor)
                        ? null
                        : $threshold->read(new SensorLevel($advice->now->sensor, $advice->now->above, $advice->level))[
                            'level'
                        ];
                $alarms[] = [
                    'call' => $advice->call,
                    'name' => $call->name,
                    'place' => $advice->place,
                    'value' => $now['name'],
                    'above' => $advice->now->above,
                    'unit' => $now['unit'],
                    'now' => $now['level'],
                    'hysteresis' => $now['hysteresis'],
                    'advised' => $level === null ? null : round($level, $values->find($advice->now->sensor)?->places() ?? 2),
                    'tells' => $advice->tells,
                    'aboutPack' => self::isOfThePack($values, $advice->now->sensor),
                    'flights' => array_map(
                        fn (array $one): array => [
                            'times' => $one['times'],
                            'beforeLanding' => $one['beforeLanding'] === null ? null : round($one['beforeLanding'], 1),
                            'left' => $one['left'] === null ? null : round($one['left'], 3),
                        ],
                        $advice->flights,
                    ),
                ];
            }
        }

        return $alarms;
    }

    /** True for what tells how much is left: only such a level can leave a reserve. */
    private static function isOfThePack(Values $values, string $sensor): bool
    {
        return $sensor !== 'receiver-volts' &&
            in_array($values->find($sensor)?->dimension, [Dimension::Voltage, Dimension::Charge], true);
    }

    /** @return array{Recording, ListenedFlight}|null */
    private function heard(Flight $flight, Circuit $circuit): ?array
    {
        $log = $this->files->flight($flight);
        if ($log === null) {
            return null;
        }

        return ListenableFlight::heard($log, $circuit, $this->catalogue, $this->imports->with($flight));
    }

    /**
     * @param  array<Flight>  $flights
     * @return array<string, mixed>
     */
    private function calibration(array $flights, Circuit $circuit): array
    {
        $charged = [];
        $others = 0;
        $set = CurrentScale::of($circuit->program, $this->catalogue);
        foreach ($flights as $flight) {
            $used = $flight->facts['used'] ?? null;
            if ($used === null || $flight->charged === null) {
                continue;
            }
            $with = $this->imports->with($flight);
            // What another sensor told says nothing of this one.
            if ($set !== null && $with->currentSensor !== null && $with->currentSensor !== $set->id()) {
                $others++;

                continue;
            }
            $charged[] = [
                'reported' => $used / $with->currentScale,
                'charged' => $flight->charged,
                'current' => $flight->facts['current'] ?? null,
            ];
        }
        $is = Calibration::of($charged);
        $now = $set?->now() ?? 1.0;

        return [
            'otherSensors' => $others,
            'calibration' => $is === null
                    ? null
                    : [
                        'flights' => $is->flights,
                        'scale' => round($is->scale, 3),
                        'of' => round($is->scale / $now, 4),
                        'spread' => round($is->spread / $now, 4),
                        'low' => $is->low === null ? null : round($is->low, 3),
                        'high' => $is->high === null ? null : round($is->high, 3),
                        'sensor' => $set?->sensor(),
                        'now' => $now,
                        'wants' => $is->wants($now),
                        'isTrusted' => $is->trusts($now),
                    ],
        ];
    }
}
