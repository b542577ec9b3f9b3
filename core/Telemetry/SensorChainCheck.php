<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;

/** Does the chain of sensors work? Addresses, kind of bus, supply, current, and how fresh a value is. */
final readonly class SensorChainCheck
{
    /** Volts on the wire: what a regulator, a controller or USB gives (common practice). */
    private const REGULATED = 5.0;

    public function __construct(private SensorChain $chain) {}

    /** @return list<VerdictPoint> the worst of each topic, or that it's fine */
    public function points(): array
    {
        $sense = $this->chain->kit->program->sense;
        if ($sense->chain === [] && $this->chain->inReceiver() === []) {
            return [
                VerdictPoint::look(
                    'Chain',
                    'No sensor is fitted.',
                    'Add one from Equipment; the link\'s own values are there without.',
                ),
            ];
        }

        return [
            ...$this->unknown(),
            ...$this->inReceiver(),
            ...$this->way(),
            ...$this->addresses(),
            ...$this->bus(),
            ...$this->supply(),
            ...$this->current(),
            ...(new FreshnessCheck($this->chain))->points(),
            ...(new MeasurandCheck($this->chain))->points(),
            ...SensorScales::points($this->chain),
        ];
    }

    /** @return list<VerdictPoint> */
    private function inReceiver(): array
    {
        $names = array_map(fn (Quantity $one): string => $one->name, $this->chain->inReceiver());
        $receiver = $this->chain->kit->receiver->name ?? '';

        return $names === []
            ? []
            : [VerdictPoint::fine('Receiver', "{$receiver} measures ".implode(', ', $names).' by itself.')];
    }

    /** @return list<VerdictPoint> */
    private function unknown(): array
    {
        $missing = array_filter(
            $this->chain->kit->program->sense->chain,
            fn (InstalledSensor $one): bool => ! isset($this->chain->sensors[$one->id]),
        );

        return array_values(
            array_map(
                fn (InstalledSensor $one): VerdictPoint => VerdictPoint::wrong(
                    'Equipment',
                    "There is no sensor \"{$one->sensor}\" in Equipment.",
                    'Import its definition, or take it out of the chain.',
                ),
                $missing,
            ),
        );
    }

    /** @return list<VerdictPoint> */
    private function way(): array
    {
        $receiver = $this->chain->kit->receiver;
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
        } elseif ($this->chain->onBus() !== [] && ! $receiver->sensors->bus) {
            $points[] = VerdictPoint::wrong(
                'Bus',
                "{$receiver->name} has no sensor bus.",
                'Take a receiver with one, or a flight controller that sends the values.',
            );
        }
        $streams = array_filter($this->chain->sensors, fn (Sensor $one): bool => $one->kind === SensorKind::Controller);
        if ($streams !== [] && $this->chain->kit->controller === null) {
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
        foreach ($this->chain->onBus() as $fitted) {
            $by[$this->chain->address($fitted)][] = $this->chain->sensors[$fitted->id]->name;
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
        $bus = $this->chain->kit->program->sense->bus;
        if ($this->chain->onBus() === []) {
            return [];
        }
        if ($bus === null) {
            return [
                VerdictPoint::look(
                    'Bus',
                    'It isn\'t chosen which bus the receiver\'s pin is set to.',
                    'Choose one; a device\'s lamp tells: slow blink is the older, quick the newer.',
                ),
            ];
        }
        $deaf = array_filter(
            $this->chain->onBus(),
            fn (InstalledSensor $one): bool => ! in_array($bus, $this->chain->sensors[$one->id]->buses, true),
        );

        return $deaf === []
            ? [VerdictPoint::fine('Bus', "All speak the {$bus->says()}.")]
            : array_map(
                fn (InstalledSensor $one): VerdictPoint => VerdictPoint::wrong(
                    'Bus',
                    "{$this->chain->sensors[$one->id]->name} doesn't speak the {$bus->says()}: it stays silent.",
                    'Set the receiver\'s pin to the other kind, or take another sensor.',
                ),
                array_values($deaf),
            );
    }

    /** @return list<VerdictPoint> */
    private function supply(): array
    {
        $wrong = [];
        foreach ($this->chain->onBus() as $fitted) {
            $sensor = $this->chain->sensors[$fitted->id];
            $volts = $this->volts();
            if ($volts < $sensor->supply->low || $volts > $sensor->supply->high) {
                $wrong[] = VerdictPoint::wrong(
                    'Supply',
                    "{$sensor->name} takes {$sensor->supply->low} to {$sensor->supply->high} V, and the wire has {$volts} V.",
                    'Power it by itself, with its minus joined to the wire\'s.',
                );
            }
        }

        return $wrong !== [] || $this->chain->onBus() === []
            ? $wrong
            : [VerdictPoint::fine('Supply', "{$this->volts()} V on the wire suit all of them.")];
    }

    private function volts(): float
    {
        // Without a regulator in between the receiver passes its pack's volts on.
        $bare =
            $this->chain->kit->choice->power === 'pack' &&
            ($this->chain->kit->speedController->gives ?? 0.0) <= 0 &&
            $this->chain->kit->pack !== null;

        return $bare ? $this->chain->kit->pack->cells * 4.2 : self::REGULATED;
    }

    /** @return list<VerdictPoint> */
    private function current(): array
    {
        $gives = match ($this->chain->kit->choice->power) {
            'controller' => $this->chain->kit->controller->gives ?? 0.0,
            'pack' => $this->chain->kit->speedController->gives ?? 0.0,
            'usb' => 500.0,
            default => 0.0,
        };
        $all = $this->chain->draw() + ($this->chain->kit->receiver->draw ?? 0.0);

        return match (true) {
            $gives <= 0.0 || $this->chain->onBus() === [] => [],
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
}
