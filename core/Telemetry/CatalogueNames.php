<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\EquipmentNames;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;

/**
 * Sensors and values of a program by the names that Equipment gives them. Levels are in the pilot's units: an aircraft
 * that is read in others now has the same levels.
 */
final readonly class CatalogueNames implements EquipmentNames
{
    private Values $values;

    private ?Controller $controller;

    public function __construct(Program $program, private Catalogue $catalogue)
    {
        $this->controller = $catalogue->controller($program->controller ?? '');
        $this->values = Values::of($program->with(sense: $program->sense->inPilotsUnits()), $catalogue);
    }

    public function sensor(InstalledSensor $sensor): string
    {
        return $this->catalogue->sensor($sensor->sensor)->name ?? $sensor->sensor;
    }

    public function value(string $id): string
    {
        return $this->values->find($id)->name ?? $id;
    }

    public function part(string $kind, string $id): string
    {
        return match ($kind) {
            'receiver' => $this->catalogue->receiver($id)->name ?? $id,
            'controller' => $this->catalogue->controller($id)->name ?? $id,
            'pack' => $this->catalogue->pack($id)->name ?? $id,
            'speed controller' => $this->catalogue->speedController($id)->name ?? $id,
            default => $id,
        };
    }

    public function mode(string $id): string
    {
        return $this->controller->modes[$id]->name ?? $id;
    }

    public function level(SensorLevel $level): string
    {
        return (new Threshold($this->values))->say($level);
    }
}
