<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Link\VerdictPoint;

/** Is it said what each value of the sensors is a measure of? */
final readonly class MeasurandCheck
{
    public function __construct(private SensorChain $chain) {}

    /** @return list<VerdictPoint> values of which a rehearsal can't say what they would be */
    public function points(): array
    {
        $points = [];
        $all = [
            ...array_map(
                fn (Sensor $one): array => [$one->name, $one->quantities],
                array_values($this->chain->sensors),
            ),
            [$this->chain->kit->receiver->name ?? '', $this->chain->inReceiver()],
        ];
        foreach ($all as [$from, $quantities]) {
            $names = array_map(
                fn (Quantity $one): string => $one->name,
                array_filter($quantities, fn (Quantity $one): bool => $one->measures === null),
            );
            if ($names !== []) {
                $points[] = VerdictPoint::open(
                    'Rehearsal',
                    'What '.implode(', ', $names)." of {$from} measure isn't said: in a rehearsal they stay in ".
                        'the middle of their range, and what is said of them is not checked.',
                    'Say what each measures in Equipment.',
                );
            }
        }

        return $points;
    }
}
