<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;

/** What the equipment of a program and its telemetry values are called: a program alone knows their ids. */
interface EquipmentNames
{
    /** The name of a sensor on board. */
    public function sensor(InstalledSensor $sensor): string;

    /** The name of a value; its id where nothing sends it. */
    public function value(string $id): string;

    /** The name of a receiver, controller, pack or speed controller; its id where Equipment has none of it. */
    public function part(string $kind, string $id): string;

    /** The name of a mode of the program's controller; its id where it has none of it. */
    public function mode(string $id): string;

    /** A telemetry level in the pilot's unit: "Height above 400 ft". */
    public function level(SensorLevel $level): string;
}
