<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;

/** The sensors of an aircraft on their wire: what they answer to, what they draw, how fresh their values are. */
final readonly class SensorChain
{
    /** Seconds that the receiver takes to ask for one value (from memory). */
    private const POLL = ['one-way' => 0.012, 'shared' => 0.011];

    /** @var array<string, Sensor> by the id in the chain */
    public array $sensors;

    public function __construct(public InstalledKit $kit)
    {
        $this->sensors = $kit->sensors;
    }

    /** What a fitted sensor answers to. */
    public function address(InstalledSensor $fitted): ?int
    {
        return $fitted->address ?? ($this->sensors[$fitted->id] ?? null)?->address;
    }

    /** @return list<InstalledSensor> those on the sensor bus: a controller's own stream goes another way */
    public function onBus(): array
    {
        return array_values(
            array_filter(
                $this->kit->program->sense->chain,
                $this->isOnBus(...),
            ),
        );
    }

    private function isOnBus(InstalledSensor $one): bool
    {
        return isset($this->sensors[$one->id]) && $this->sensors[$one->id]->kind !== SensorKind::Controller;
    }

    /** Seconds until each value on the bus was asked for once. */
    public function refresh(): float
    {
        $values = array_sum(
            array_map(fn (InstalledSensor $one): int => count($this->sensors[$one->id]->quantities), $this->onBus()),
        );

        return $values * self::POLL[$this->kit->program->sense->bus->value ?? SensorBus::Shared->value];
    }

    /** @return list<Quantity> what the receiver measures by itself */
    public function inReceiver(): array
    {
        return $this->kit->receiver->sensors->quantities ?? [];
    }

    /** Seconds from one report of a value of the receiver's own to the next. */
    public function receiverPeriod(Quantity $quantity): float
    {
        return max(1 / $quantity->rate, $this->kit->program->sense->interval);
    }

    /** Seconds by which a value of the receiver's own is old at the worst: its own period and the way down, no bus. */
    public function receiverLag(Quantity $quantity): float
    {
        return 1 / $quantity->rate + $this->kit->program->sense->interval;
    }

    /** Seconds from one report of a sensor's value to the next: its own period, the bus, the way down. */
    public function period(InstalledSensor $fitted, Quantity $quantity): float
    {
        $way = $this->kit->program->sense->interval;

        return max(1 / $quantity->rate, $way, $this->isOnBus($fitted) ? $this->refresh() : 0.0);
    }

    /** Seconds by which a value is old at the worst when it is heard: its own period, the bus, the way down. */
    public function lag(float $rate): float
    {
        return 1 / $rate + $this->refresh() + $this->kit->program->sense->interval;
    }

    /** mA that the sensors draw together. */
    public function draw(): float
    {
        return array_sum(array_map(fn (InstalledSensor $one): float => $this->sensors[$one->id]->draw, $this->onBus()));
    }
}
