<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\UnitSystem;

/** What the pilot has in Equipment besides transmitters, and reads values in; kept outside the core. */
interface Catalogue
{
    /** The receiver of that id, or null. */
    public function receiver(string $id): ?Receiver;

    /** The flight controller or stabiliser of that id, or null. */
    public function controller(string $id): ?Controller;

    /** The pack of that id, or null. */
    public function pack(string $id): ?Pack;

    /** The speed controller of that id, or null. */
    public function speedController(string $id): ?SpeedController;

    /** The sensor of that id, or null. */
    public function sensor(string $id): ?Sensor;

    /** In which the pilot reads and hears values where an aircraft says nothing else. */
    public function units(): UnitSystem;
}
