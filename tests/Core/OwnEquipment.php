<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SpeedController;
use DuskSwitch\Core\Units\UnitSystem;

/** What a pilot has of their own, by id; of what isn't here the demo's. */
final readonly class OwnEquipment implements Catalogue
{
    /** @param  array<string, Receiver|Controller|Pack|SpeedController|Sensor>  $own */
    public function __construct(private array $own) {}

    public function receiver(string $id): ?Receiver
    {
        $own = $this->own[$id] ?? null;

        return $own instanceof Receiver ? $own : Given::catalogue()->receiver($id);
    }

    public function controller(string $id): ?Controller
    {
        $own = $this->own[$id] ?? null;

        return $own instanceof Controller ? $own : Given::catalogue()->controller($id);
    }

    public function pack(string $id): ?Pack
    {
        $own = $this->own[$id] ?? null;

        return $own instanceof Pack ? $own : Given::catalogue()->pack($id);
    }

    public function speedController(string $id): ?SpeedController
    {
        $own = $this->own[$id] ?? null;

        return $own instanceof SpeedController ? $own : Given::catalogue()->speedController($id);
    }

    public function sensor(string $id): ?Sensor
    {
        $own = $this->own[$id] ?? null;

        return $own instanceof Sensor ? $own : Given::catalogue()->sensor($id);
    }

    public function units(): UnitSystem
    {
        return UnitSystem::Metric;
    }
}
