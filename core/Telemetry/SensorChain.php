<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Sense\InstalledSensor;

/** Does the chain of sensors work on its wire? Addresses, kind of bus, supply, current, and how fresh a value is. */
final readonly class SensorChain
{
    /** Seconds that the receiver takes to ask for one value (from memory). */
    private const POLL = ['one-way' => 0.012, 'shared' => 0.011];

    /** Volts on the wire: what a regulator, a controller or USB gives (common practice). */
    private const REGULATED = 5.0;

    /** A variometer that is later than this no longer leads to the lift (from memory). */
    private const LATE = 0.8;

    /** @var array<string, Sensor> by the id in the chain */
    public array $sensors;

    public function __construct(private InstalledKit $kit)
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
                fn (InstalledSensor $one): bool => isset($this->sensors[$one->id]) &&
                    $this->sensors[$one->id]->kind !== SensorKind::Controller,
            ),
        );
    }

    /** Seconds until each value on the bus was asked for once. */
    public function refresh(): float
    {
        $values = array_sum(
            array_map(fn (InstalledSensor $one): int => count($this->sensors[$one->id]->quantities), $this->onBus()),
        );

        return $values * self::POLL[$this->kit->program->sense->bus->value ?? SensorBus::Shared->value];
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

    /** @return list<VerdictPoint> the worst of each topic, or that it's fine */
    public function points(): array
    {
        $sense = $this->kit->program->sense;
        if ($sense->chain === []) {
            return [
                VerdictPoint::look(
                    'Chain',
                    'No sensor is fitted.',
                    'Add one from Stores; the link\'s own values are there without.',
                ),
            ];
        }

        return [
            ...$this->unknown(),
            ...$this->way(),
            ...$this->addresses(),
            ...$this->bus(),
            ...$this->supply(),
            ...$this->current(),
            ...$this->freshness(),
        ];
    }

    /** @return list<VerdictPoint> */
    private function unknown(): array
    {
        $missing = array_filter(
            $this->kit->program->sense->chain,
            fn (InstalledSensor $one): bool => ! isset($this->sensors[$one->id]),
        );

        return array_values(
            array_map(
                fn (InstalledSensor $one): VerdictPoint => VerdictPoint::wrong(
                    'Stores',
                    "There is no sensor \"{$one->sensor}\" in Stores.",
                    'Import its definition, or take it out of the chain.',
                ),
                $missing,
            ),
        );
    }

    /** @return list<VerdictPoint> */
    private function way(): array
    {
        $receiver = $this->kit->receiver;
        if ($receiver === null) {
            return [
                VerdictPoint::look(
                    'Receiver',
                    'No receiver is chosen: nothing hears the sensors.',
                    'Choose one in Kit.',
                ),
            ];
        }
        $points = [];
        if (! $receiver->telemetry) {
            $points[] = VerdictPoint::wrong(
                'Telemetry',
                "{$receiver->name} sends nothing back.",
                'Take a receiver with telemetry, or fly by a timer.',
            );
        } elseif ($this->onBus() !== [] && ! $receiver->bus) {
            $points[] = VerdictPoint::wrong(
                'Bus',
                "{$receiver->name} has no sensor bus.",
                'Take a receiver with one, or a flight controller that sends the values.',
            );
        }
        $streams = array_filter($this->sensors, fn (Sensor $one): bool => $one->kind === SensorKind::Controller);
        if ($streams !== [] && $this->kit->controller === null) {
            $points[] = VerdictPoint::wrong(
                'Controller',
                'The chain has a flight controller\'s stream, and no controller is in the kit.',
                'Choose the controller in Kit, or take the stream out.',
            );
        }

        return $points;
    }

    /** @return list<VerdictPoint> */
    private function addresses(): array
    {
        $by = [];
        foreach ($this->onBus() as $fitted) {
            $by[$this->address($fitted)][] = $this->sensors[$fitted->id]->name;
        }
        $clashes = array_filter($by, fn (array $names): bool => count($names) > 1);
        if ($clashes === []) {
            return count($by) < 2
                ? []
                : [VerdictPoint::fine('Addresses', 'Each sensor answers to an address of its own.')];
        }
        $free = array_values(array_diff(range(1, 28), array_keys($by)));

        return array_map(
            fn (int|string $address, array $names): VerdictPoint => VerdictPoint::wrong(
                'Addresses',
                implode(' and ', $names).
                    " both answer to address {$address}: their values come doubled, or not at all.",
                'Give one of them another: '.implode(', ', array_slice($free, 0, 3)).' are free.',
            ),
            array_keys($clashes),
            array_values($clashes),
        );
    }

    /** @return list<VerdictPoint> */
    private function bus(): array
    {
        $bus = $this->kit->program->sense->bus;
        if ($this->onBus() === []) {
            return [];
        }
        if ($bus === null) {
            return [
                VerdictPoint::look(
                    'Bus',
                    'Which bus the receiver\'s pin is set to is not said.',
                    'Choose one; a device\'s lamp tells: slow blink is the older, quick the newer.',
                ),
            ];
        }
        $deaf = array_filter(
            $this->onBus(),
            fn (InstalledSensor $one): bool => ! in_array($bus, $this->sensors[$one->id]->buses, true),
        );

        return $deaf === []
            ? [VerdictPoint::fine('Bus', "All speak the {$bus->says()}.")]
            : array_map(
                fn (InstalledSensor $one): VerdictPoint => VerdictPoint::wrong(
                    'Bus',
                    "{$this->sensors[$one->id]->name} doesn't speak the {$bus->says()}: it stays silent.",
                    'Set the receiver\'s pin to the other kind, or take another sensor.',
                ),
                array_values($deaf),
            );
    }

    /** @return list<VerdictPoint> */
    private function supply(): array
    {
        $wrong = [];
        foreach ($this->onBus() as $fitted) {
            $sensor = $this->sensors[$fitted->id];
            $volts = $this->volts();
            if ($volts < $sensor->supply->low || $volts > $sensor->supply->high) {
                $wrong[] = VerdictPoint::wrong(
                    'Supply',
                    "{$sensor->name} takes {$sensor->supply->low} to {$sensor->supply->high} V, and the wire has {$volts} V.",
                    'Power it by itself, with its minus joined to the wire\'s.',
                );
            }
        }

        return $wrong !== [] || $this->onBus() === []
            ? $wrong
            : [VerdictPoint::fine('Supply', "{$this->volts()} V on the wire suit all of them.")];
    }

    private function volts(): float
    {
        // Without a regulator in between the receiver passes its pack's volts on.
        $bare =
            $this->kit->choice->power === 'pack' &&
            ($this->kit->speedController->gives ?? 0.0) <= 0 &&
            $this->kit->pack !== null;

        return $bare ? $this->kit->pack->cells * 4.2 : self::REGULATED;
    }

    /** @return list<VerdictPoint> */
    private function current(): array
    {
        $gives = match ($this->kit->choice->power) {
            'controller' => $this->kit->controller->gives ?? 0.0,
            'pack' => $this->kit->speedController->gives ?? 0.0,
            'usb' => 500.0,
            default => 0.0,
        };
        $all = $this->draw() + ($this->kit->receiver->draw ?? 0.0);

        return match (true) {
            $gives <= 0.0 || $this->onBus() === [] => [],
            $all > $gives => [
                VerdictPoint::wrong(
                    'Current',
                    "Receiver and sensors draw {$all} mA, and {$gives} mA are given.",
                    'Power a sensor by itself, or take a stronger supply: a receiver that browns out is lost.',
                ),
            ],
            default => [VerdictPoint::fine('Current', "Receiver and sensors draw {$all} of {$gives} mA.")],
        };
    }

    /** @return list<VerdictPoint> */
    private function freshness(): array
    {
        $points = [];
        if ($this->onBus() !== []) {
            $points[] = VerdictPoint::fine(
                'Refresh',
                'Each value is asked for every '.round($this->refresh() * 1000).' ms.',
            );
        }
        foreach ($this->onBus() as $fitted) {
            $sensor = $this->sensors[$fitted->id];
            $lag = $sensor->kind === SensorKind::Variometer ? $this->lag($sensor->quantities[0]->rate) : 0.0;
            if ($lag > self::LATE) {
                $points[] = VerdictPoint::look(
                    'Variometer',
                    "{$sensor->name} is heard up to ".
                        round($lag, 1).
                        ' s late: you leave the lift before you hear it.',
                    'A shorter interval, or fewer values on the bus.',
                );
            } elseif ($lag > 0) {
                $points[] = VerdictPoint::fine(
                    'Variometer',
                    "{$sensor->name} is heard at most ".round($lag, 1).' s late.',
                );
            }
        }
        if ($this->kit->program->sense->interval < 0.2) {
            $points[] = VerdictPoint::look(
                'Interval',
                "A report every {$this->kit->program->sense->interval} s costs stick response.",
                'Take a longer one; 2 s is the gentlest.',
            );
        }

        return $points;
    }
}
