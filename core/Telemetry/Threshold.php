<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Units\Figure;

/**
 * Telemetry conditions as their pilot reads them: in the document a level is in the base unit, here in the unit of its
 * value.
 */
final readonly class Threshold
{
    public function __construct(private Values $values) {}

    /** @return array{sensor: string, name: string, above: bool, level: float, hysteresis: float, unit: string} */
    public function read(SensorLevel $one): array
    {
        $value = $this->values->find($one->sensor);
        $zero = $value?->unit->fromBase(0.0) ?? 0.0;

        return [
            'sensor' => $one->sensor,
            'name' => $value->name ?? $one->sensor,
            'above' => $one->above,
            'level' => round($value?->unit->fromBase($one->level) ?? $one->level, 3),
            'hysteresis' => round(($value?->unit->fromBase($one->hysteresis) ?? $one->hysteresis) - $zero, 3),
            'unit' => $value?->unit->shown() ?? '',
        ];
    }

    /**
     * The condition on a value.
     *
     * @param  float  $level  in the pilot's unit, as the hysteresis
     *
     * @throws Refused where nothing sends it
     */
    public function of(string $sensor, bool $above, float $level, float $hysteresis = 0.0): SensorLevel
    {
        $unit =
            $this->values->find($sensor)->unit ??
            throw Refused::because(
                'sensor',
                "nothing sends \"{$sensor}\"; the program has ".
                    (implode(', ', array_keys($this->values->all)) ?: 'no values yet'),
            );

        return new SensorLevel(
            $sensor,
            $above,
            round($unit->toBase($level), 6),
            round($unit->toBase($hysteresis) - $unit->toBase(0.0), 6),
        );
    }

    /** As one says it: "Height above 400 ft". */
    public function say(SensorLevel $one): string
    {
        $read = $this->read($one);

        return trim(
            $read['name'].
                ($one->above ? ' above ' : ' below ').
                Figure::of($read['level'], 2).
                ' '.
                $read['unit'],
        );
    }
}
