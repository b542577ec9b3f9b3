<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Units\Range;

/** Who powers whom, and whether it is enough. */
final readonly class Supply
{
    /** Volts that a controller or a regulator gives (common practice). */
    private const REGULATED = 5.0;

    /** Volts of a cell, empty and full (common practice). */
    private const CELL = [3.0, 4.2];

    /** mA that a USB port gives (common practice). */
    private const USB = 500.0;

    public function __construct(private InstalledKit $kit) {}

    /** @return list<VerdictPoint> */
    public function points(): array
    {
        return [...$this->receiver(), ...$this->controller(), ...$this->speedController()];
    }

    /** The volts of the pack, empty and full; null where none is chosen. */
    private function pack(): ?Range
    {
        return $this->kit->pack === null
            ? null
            : new Range($this->kit->pack->cells * self::CELL[0], $this->kit->pack->cells * self::CELL[1]);
    }

    /** @return list<VerdictPoint> */
    private function receiver(): array
    {
        $receiver = $this->kit->receiver;
        if ($receiver === null) {
            return [];
        }
        [$volts, $gives, $who] = match ($this->kit->choice->power) {
            'controller' => [
                Range::both(self::REGULATED),
                $this->kit->controller->gives ?? 0.0,
                $this->kit->controller->name ?? 'a controller that isn\'t there',
            ],
            'pack' => ($this->kit->speedController->gives ?? 0.0) > 0
                ? [
                    Range::both(self::REGULATED),
                    $this->kit->speedController->gives ?? 0.0,
                    "the regulator of {$this->kit->speedController?->name}",
                ]
                : [$this->pack(), INF, $this->kit->pack->name ?? 'a pack that isn\'t chosen'],
            'usb' => [Range::both(self::REGULATED), self::USB, 'USB'],
            default => [null, 0.0, ''],
        };
        if ($volts === null) {
            return [
                VerdictPoint::open(
                    'Supply',
                    'No supply is chosen for the receiver, so its voltage and current are not checked.',
                    'Choose controller, pack, or USB for binding on the bench.',
                ),
            ];
        }
        $shown = $volts->isEven() ? "{$volts->high} V" : "{$volts->low} to {$volts->high} V";
        if ($volts->low < $receiver->supply->low || $volts->high > $receiver->supply->high) {
            return [
                VerdictPoint::wrong(
                    'Supply',
                    "{$receiver->name} takes {$receiver->supply->low} to {$receiver->supply->high} V, and {$who} gives {$shown}.",
                    'Power it from something in that range, or it dies or browns out.',
                ),
            ];
        }
        $points = [VerdictPoint::fine('Supply', "{$receiver->name} gets {$shown} from {$who}.")];
        if ($receiver->draw > $gives) {
            $points[] = VerdictPoint::wrong(
                'Current',
                "{$receiver->name} draws {$receiver->draw} mA, and {$who} gives {$gives} mA.",
                'Power it from something stronger.',
            );
        }
        if ($this->kit->choice->power === 'usb') {
            $points[] = VerdictPoint::look(
                'Supply',
                'USB is enough for binding, not for flying.',
                'Choose what powers it in the air.',
            );
        }

        return $points;
    }

    /** @return list<VerdictPoint> */
    private function controller(): array
    {
        $controller = $this->kit->controller;
        $pack = $this->pack();
        if ($controller === null) {
            return [];
        }
        if ($pack === null) {
            return $this->kit->choice->pack === null
                ? [
                    VerdictPoint::open(
                        'Supply',
                        "The volts of {$controller->name} are not checked: no pack is chosen.",
                        'Choose the pack.',
                    ),
                ]
                : [];
        }
        // A stabiliser hangs on the regulator, as the receiver does.
        $volts = $controller->gives > 0 ? $pack : Range::both(self::REGULATED);

        return $volts->low >= $controller->supply->low && $volts->high <= $controller->supply->high
            ? [
                VerdictPoint::fine(
                    'Supply',
                    "{$controller->name} gets ".
                        ($volts->isEven() ? "{$volts->high} V" : "{$volts->low} to {$volts->high} V").
                        '.',
                ),
            ]
            : [
                VerdictPoint::wrong(
                    'Supply',
                    "{$controller->name} takes {$controller->supply->low} to {$controller->supply->high} V, and {$this->kit->pack?->name} gives {$volts->low} to {$volts->high} V.",
                    'Take a pack with '.
                        ($volts->high > $controller->supply->high ? 'fewer' : 'more').
                        ' cells, or a regulator.',
                ),
            ];
    }

    /** @return list<VerdictPoint> */
    private function speedController(): array
    {
        [$pack, $speed] = [$this->kit->pack, $this->kit->speedController];
        if ($speed === null && $this->kit->program->motors() === []) {
            return [VerdictPoint::fine('Power', 'No motor, so no speed controller.')];
        }
        if ($pack === null || $speed === null) {
            $missing = array_keys(
                array_filter([
                    'pack' => $this->kit->choice->pack === null,
                    'speed controller' => $this->kit->choice->speedController === null,
                ]),
            );

            return $missing === []
                ? []
                : [
                    VerdictPoint::open(
                        'Power',
                        'Cells and plugs are not checked: no '.implode(' and no ', $missing).' is chosen.',
                        'Choose '.(count($missing) > 1 ? 'both' : 'it').'.',
                    ),
                ];
        }
        $points = [];
        if ($pack->cells > $speed->most) {
            $points[] = VerdictPoint::wrong(
                'Power',
                "{$speed->name} takes up to {$speed->most} cells, and {$pack->name} has {$pack->cells}.",
                'Take a smaller pack or a larger speed controller.',
            );
        }
        if ($pack->plug !== $speed->plug) {
            $points[] = VerdictPoint::look(
                'Plugs',
                "{$pack->name} has a {$pack->plug} plug, {$speed->name} a {$speed->plug} one.",
                'An adapter or a changed plug is part of the kit; put it on the list.',
            );
        }

        return $points === []
            ? [
                VerdictPoint::fine(
                    'Power',
                    "{$pack->name} and {$speed->name} fit: ".
                        ($pack->cells === 1 ? '1 cell' : "{$pack->cells} cells").
                        ", {$pack->plug} plug.",
                ),
            ]
            : $points;
    }
}
