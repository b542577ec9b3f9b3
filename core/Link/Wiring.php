<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\ExpectedInput;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Program\Role;

/** Which lead goes where: a plan to solder and plug by. */
final readonly class Wiring
{
    public function __construct(private InstalledKit $kit) {}

    /** @return list<Lead> */
    public function leads(): array
    {
        $kit = $this->kit;
        $receiver = $kit->receiver->name ?? 'Receiver';
        $leads = [];
        if ($kit->pack !== null) {
            $leads[] = new Lead(
                $kit->pack->name,
                $kit->speedController->name ?? 'Speed controller',
                "{$kit->pack->plug} plug",
                'power',
            );
            if ($kit->controller !== null && $kit->controller->gives > 0) {
                $leads[] = new Lead($kit->pack->name, $kit->controller->name, 'pack pads', 'power');
            }
        }
        $leads[] = new Lead(
            match ($kit->choice->power) {
                'controller' => $kit->controller->name ?? 'Controller',
                'usb' => 'USB',
                default => ($kit->speedController->gives ?? 0.0) > 0
                    ? $kit->speedController->name ?? 'Speed controller'
                    : $kit->pack->name ?? 'Pack',
            },
            $receiver,
            '+ and − first, signal after',
            'power',
        );
        if ($kit->controller !== null && $kit->choice->wire !== 'leads') {
            $port = $kit->receiverPort();
            $leads[] = new Lead(
                $receiver,
                $kit->controller->name,
                $kit->choice->wire === 'sum'
                    ? 'sum signal, one lead'
                    : 'serial'.($port === null ? '' : ", port {$port}"),
                'signal',
            );
        }
        foreach ($kit->choice->ports as $port => $owner) {
            if (! $kit->isReceiver($owner) && ! in_array($port, array_column($kit->choice->parts, 'port'), true)) {
                $leads[] = new Lead(
                    ucfirst($owner),
                    $kit->controller->name ?? 'Controller',
                    "port {$port}: its TX to RX, its RX to TX",
                    'signal',
                );
            }
        }

        return [...$leads, ...$this->parts(), ...$this->outputs($receiver), ...$this->sensors($receiver)];
    }

    /** @return list<Lead> the power of the further parts, and the serial ports that they own */
    private function parts(): array
    {
        $sources = new PartSources($this->kit);
        $leads = [];
        foreach ($this->kit->choice->parts as $part) {
            $name = $part->count > 1 ? "{$part->count} × {$part->name}" : $part->name;
            $fed = $part->power->fed;
            if ($fed !== null && $fed !== 'own') {
                $by = $fed === 'pack' && $part->power->plug !== null ? "{$part->power->plug} plug" : '+ and −';
                $leads[] = new Lead($sources->device($fed), $name, $by, 'power');
            }
            if ($part->port !== null) {
                $leads[] = new Lead(
                    $name,
                    $this->kit->controller->name ?? 'Controller',
                    "port {$part->port}: its TX to RX, its RX to TX",
                    'signal',
                );
            }
        }

        return $leads;
    }

    /** @return list<Lead> each sensor hangs on the one before it */
    private function sensors(string $from): array
    {
        $leads = [];
        foreach ($this->kit->sensors as $sensor) {
            if ($sensor->kind !== SensorKind::Controller && $sensor->name !== $from) {
                $leads[] = new Lead($from, $sensor->name, 'sensor bus: minus, plus, signal', 'bus');
                $from = $sensor->name;
            }
        }

        return $leads;
    }

    /** @return list<Lead> */
    private function outputs(string $receiver): array
    {
        if (
            $this->kit->controller?->kind === ControllerKind::FlightController &&
            $this->kit->controller->setUp($this->kit->program->aboard->controller)->expects === ExpectedInput::Sticks
        ) {
            return [
                new Lead(
                    $this->kit->controller->name,
                    $this->kit->speedController->name ?? 'Speed controller',
                    'motor pads 1 to 4, in the drawing\'s order',
                    'signal',
                ),
            ];
        }
        if ($this->kit->controller?->kind === ControllerKind::Stabiliser) {
            $from = $this->kit->controller->name;

            return [
                new Lead($from, 'Swash servos', 'front, left and right, as its manual numbers them', 'signal'),
                new Lead($from, 'Tail servo', 'tail', 'signal'),
                new Lead($from, $this->kit->speedController->name ?? 'Speed controller', 'throttle', 'signal'),
            ];
        }
        $leads = [];
        $from = $this->kit->controller->name ?? $receiver;
        foreach ($this->kit->program->outputs as $output) {
            if ($output->role !== null && $output->role !== Role::Other && ! $output->role->isInput()) {
                $to = $output->role->isMotor()
                    ? $this->kit->speedController->name ?? 'Speed controller'
                    : ($output->role === Role::GyroGain ? 'Gyro, its gain lead' : "{$output->name} servo");
                $leads[] = new Lead($from, $to, "channel {$output->channel}", 'signal');
            }
        }

        return $leads;
    }
}
