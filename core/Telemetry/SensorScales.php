<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Units\Dimension;

/** The scales of a program's sensors, by value. */
final readonly class SensorScales
{
    /** What a pilot compares with a meter or a charger (common practice). */
    private const MEASURED_BY_A_METER = [Dimension::Voltage, Dimension::Current, Dimension::Charge, Dimension::Power];

    /** @return array<string, float> by the id of the value; what isn't there stays as sent */
    public static function of(Program $program): array
    {
        $scales = [];
        foreach ($program->sense->chain as $fitted) {
            foreach ($fitted->scales as $quantity => $by) {
                $scales["{$fitted->id}-{$quantity}"] = $by;
            }
        }

        return $scales;
    }

    /**
     * What of a sensor can be multiplied, beside what is already.
     *
     * @param  Sensor|null  $sensor  as it is set; null where it isn't in Equipment
     * @return list<array{quantity: string, name: string, by: float}>
     */
    public static function offered(InstalledSensor $fitted, ?Sensor $sensor): array
    {
        $names = [];
        foreach ($sensor->quantities ?? [] as $quantity) {
            if (in_array($quantity->unit->dimension(), self::MEASURED_BY_A_METER, true)) {
                $names[$quantity->id] = $quantity->name;
            }
        }
        foreach (array_keys($fitted->scales) as $id) {
            $names[$id] ??= $id;
        }

        return array_map(
            fn (string $id, string $name): array => ['quantity' => $id, 'name' => $name, 'by' => $fitted->scale($id)],
            array_keys($names),
            array_values($names),
        );
    }

    /** @return list<VerdictPoint> scales of what isn't sent: they were meant for another sensor, or another mode */
    public static function points(SensorChain $chain): array
    {
        $points = [];
        foreach ($chain->kit->program->sense->chain as $fitted) {
            $sensor = $chain->sensors[$fitted->id] ?? null;
            if ($sensor === null) {
                continue;
            }
            $unknown = array_diff(array_keys($fitted->scales), array_column($sensor->quantities, 'id'));
            foreach ($unknown as $quantity) {
                $points[] = VerdictPoint::look(
                    'Scale',
                    "{$sensor->name} sends no \"{$quantity}\" as it is set, and a scale is kept for it.",
                    'Set the mode that sends it, or take the scale away.',
                );
            }
        }

        return $points;
    }
}
