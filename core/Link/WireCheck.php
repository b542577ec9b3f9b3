<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Wire;

/** Does what the receiver sends arrive in the controller: wire, input and serial ports? */
final readonly class WireCheck
{
    public function __construct(private InstalledKit $kit) {}

    /** @return list<VerdictPoint> */
    public function wire(): array
    {
        [$receiver, $controller, $choice] = [$this->kit->receiver, $this->kit->controller, $this->kit->choice];
        $wire = Wire::tryFrom($choice->wire ?? '');
        if ($receiver === null || $wire === null) {
            return [
                VerdictPoint::open(
                    'Wire',
                    'How the receiver passes its channels on is not chosen, so wire and input are not checked.',
                    'Choose: '.self::list($receiver->wires ?? []).'.',
                ),
            ];
        }
        if (! in_array($wire, $receiver->wires, true)) {
            return [
                VerdictPoint::wrong(
                    'Wire',
                    "{$receiver->name} has no ".$wire->says().'.',
                    'It has '.self::list($receiver->wires).'.',
                ),
            ];
        }

        return [
            $controller === null
                ? self::toServos($wire)
                : self::toController($wire, $receiver, $controller, $choice->input),
        ];
    }

    private static function toServos(Wire $wire): VerdictPoint
    {
        return $wire === Wire::Leads
            ? VerdictPoint::fine('Wire', 'Each servo on a lead of its own.')
            : VerdictPoint::look(
                'Wire',
                'Without a controller servos need a lead for each channel.',
                'Choose one lead per channel, or a controller.',
            );
    }

    /** @param  string|null  $input  to what the controller is set */
    private static function toController(
        Wire $wire,
        Receiver $receiver,
        Controller $controller,
        ?string $input,
    ): VerdictPoint {
        if (! in_array($wire, $controller->wires, true)) {
            return VerdictPoint::wrong(
                'Wire',
                "{$controller->name} doesn't take ".
                    $wire->says().
                    ' (a newer release may have dropped the oldest kind).',
                'It takes '.self::list($controller->wires).'.',
            );
        }

        return match ($input) {
            $wire->value => VerdictPoint::fine(
                'Wire',
                ucfirst($wire->says())." from {$receiver->name} to {$controller->name}.",
            ),
            null => VerdictPoint::open(
                'Input',
                "The input of {$controller->name} is not chosen, so the connection to it is not checked.",
                'Choose its input: '.$wire->says().'.',
            ),
            default => VerdictPoint::wrong(
                'Input',
                'The receiver sends '.
                    $wire->says().
                    ", and {$controller->name} is set to ".
                    (Wire::tryFrom($input)?->says() ?? $input).
                    ': no stick gets through.',
                'Set the controller\'s input to the same.',
            ),
        };
    }

    /** @param  list<Wire>  $wires */
    private static function list(array $wires): string
    {
        return implode(', ', array_map(fn (Wire $one): string => $one->says(), $wires));
    }

    /** @return list<VerdictPoint> */
    public function ports(): array
    {
        $controller = $this->kit->controller;
        if ($controller === null) {
            return [];
        }
        if ($controller->ports === [] && $this->kit->choice->ports === []) {
            return $this->kit->choice->wire === Wire::Serial->value
                ? [
                    VerdictPoint::open(
                        'Ports',
                        "The definition of {$controller->name} names no serial ports, so the receiver's is not ".
                            'checked.',
                        'Add its ports in Equipment.',
                    ),
                ]
                : [];
        }
        $points = [...$this->owned($controller), ...$this->shared()];

        return $points === []
            ? [
                VerdictPoint::fine(
                    'Ports',
                    $this->kit->choice->ports === []
                        ? 'No serial port is in use.'
                        : 'Each serial port has one owner; USB is free.',
                ),
            ]
            : $points;
    }

    /** @return list<VerdictPoint> ports that aren't there, and those that must not be given away */
    private function owned(Controller $controller): array
    {
        $points = [];
        $known = array_column($controller->ports, null, 'id');
        foreach ($this->kit->choice->ports as $port => $owner) {
            $is = $known[$port] ?? null;
            if ($is === null) {
                $points[] = VerdictPoint::wrong(
                    'Ports',
                    "{$controller->name} has no serial port {$port}.",
                    'It has '.
                        (implode(', ', array_column($controller->ports, 'id')) ?: 'none in its definition').
                        '.',
                );
            } elseif ($is->kept) {
                $points[] = VerdictPoint::wrong(
                    'Ports',
                    "{$is->name} is given to {$owner}: you would lock yourself out.",
                    "Never give {$is->name} away; choose another port.",
                );
            }
        }

        return $points;
    }

    /** @return list<VerdictPoint> devices with two ports, and the receiver without one */
    private function shared(): array
    {
        $points = [];
        $owners = array_count_values(
            array_map(
                fn (string $owner): string => $this->kit->isReceiver($owner) ? 'the receiver' : mb_strtolower($owner),
                array_values($this->kit->choice->ports),
            ),
        );
        foreach (array_filter($owners, fn (int $count): bool => $count > 1) as $owner => $count) {
            $points[] = VerdictPoint::look(
                'Ports',
                ucfirst((string) $owner)." stands on {$count} ports.",
                'One device, one port.',
            );
        }
        if ($this->kit->choice->wire === Wire::Serial->value && $this->kit->receiverPort() === null) {
            $points[] = VerdictPoint::wrong(
                'Ports',
                'The receiver uses the serial wire, and has no serial port on the controller.',
                'Choose the port where it is connected, and say there that the receiver is on it.',
            );
        }

        return $points;
    }
}
