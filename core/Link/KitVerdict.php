<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Wire;
use DuskSwitch\Core\Program\Output;

/** Does the kit fit together? Every point with its cause and its cure. */
final readonly class KitVerdict
{
    public function __construct(private InstalledKit $kit) {}

    /** @return list<VerdictPoint> */
    public function points(): array
    {
        $link =
            $this->kit->receiver === null
                ? $this->unchosen()
                : [...$this->link(), ...$this->channels(), ...$this->telemetry(), ...$this->wire()];

        return [
            ...(new MissingEquipment($this->kit))->points(),
            ...$link,
            ...$this->inputs(),
            ...$this->ports(),
            ...(new Supply($this->kit))->points(),
        ];
    }

    /** @return list<VerdictPoint> */
    private function unchosen(): array
    {
        return $this->kit->program->receiver === null
            ? [
                VerdictPoint::open(
                    'Receiver',
                    'Link, firmware, channels, telemetry, wire and supply of the receiver are not checked: none is chosen.',
                    'Choose one.',
                ),
            ]
            : [];
    }

    /** @return list<VerdictPoint> */
    private function inputs(): array
    {
        $inputs = array_filter($this->kit->program->outputs, fn (Output $one): bool => $one->role?->isInput() ?? false);

        return $inputs === [] || $this->kit->program->controller !== null
            ? []
            : [
                VerdictPoint::open(
                    'Controller',
                    'Channels carry what a controller takes in ('.
                        implode(', ', array_map(fn (Output $one): string => $one->name, $inputs)).
                        '), and none is chosen: wire, input, ports and supply of it are not checked.',
                    'Choose the controller, or give these channels the roles of what hangs on them.',
                ),
            ];
    }

    /** @return list<VerdictPoint> */
    private function link(): array
    {
        $kit = $this->kit;
        $receiver = $kit->receiver;
        if ($receiver === null) {
            return [];
        }
        $link = $kit->transmitter->links[$receiver->link] ?? null;
        if ($link === null) {
            return [
                VerdictPoint::wrong(
                    'Link',
                    "{$kit->transmitter->name} doesn't speak the link of {$receiver->name} ({$receiver->link}).",
                    'Take a receiver of a link that it speaks: '.
                        (implode(', ', array_map(fn ($one): string => $one->name, $kit->transmitter->links)) ?:
                            'none is in its definition').
                        '.',
                ),
            ];
        }
        $points = [];
        if ($kit->choice->link === null) {
            $points[] = VerdictPoint::open(
                'Link',
                "{$receiver->name} needs the link {$link->name}; the program has none, so link and sub-type are not checked.",
                'Choose link and sub-type before you bind.',
            );
        } elseif ($kit->choice->link !== $receiver->link) {
            $points[] = VerdictPoint::wrong(
                'Link',
                "The program is set to {$kit->choice->link}, and {$receiver->name} speaks {$link->name}: they don't bind.",
                "Choose {$link->name}.",
            );
        } else {
            $points[] = VerdictPoint::fine(
                'Link',
                "{$kit->transmitter->name} and {$receiver->name} speak {$link->name}.",
            );
        }
        if ($kit->choice->link === $receiver->link) {
            $wanted = $link->subtypes[$receiver->subtype]['name'] ?? null;
            $points[] = match (true) {
                $wanted === null => VerdictPoint::wrong(
                    'Sub-type',
                    "{$kit->transmitter->name} has no sub-type {$receiver->subtype} of {$link->name}, which {$receiver->name} needs.",
                    'Take another receiver.',
                ),
                $kit->choice->subtype === $receiver->subtype => VerdictPoint::fine('Sub-type', $wanted.'.'),
                default => VerdictPoint::wrong(
                    'Sub-type',
                    "The wrong sub-type is chosen: {$receiver->name} needs {$wanted}. With the wrong one it doesn't bind, or binds and stays in failsafe.",
                    "Choose {$wanted} before you bind.",
                ),
            };
        }
        $points[] =
            $link->generation === $receiver->generation
                ? VerdictPoint::fine('Firmware', "Both sides are of generation {$link->generation}.")
                : VerdictPoint::wrong(
                    'Firmware',
                    "{$kit->transmitter->name} has generation {$link->generation} of that link, {$receiver->name} generation {$receiver->generation}: they don't bind, or bind and go into failsafe at once.",
                    'Back everything up, then bring all parts to the same generation.',
                );

        return $points;
    }

    /** @return list<VerdictPoint> */
    private function channels(): array
    {
        $last = max([0, ...array_column($this->kit->program->outputs, 'channel')]);
        $subtype =
            $this->kit->transmitter->links[$this->kit->choice->link ?? '']->subtypes[
                $this->kit->choice->subtype ?? ''
            ] ?? null;
        $carry = min(
            array_filter(
                [$this->kit->transmitter->channels, $this->kit->receiver?->channels, $subtype['channels'] ?? null],
                fn (?int $one): bool => $one !== null,
            ),
        );

        return [
            $last <= $carry
                ? VerdictPoint::fine('Channels', "The program uses {$last}, the link carries {$carry}.")
                : VerdictPoint::wrong(
                    'Channels',
                    "The program uses channel {$last}, and {$carry} get through.",
                    'Move what is important to lower channels, or choose another sub-type or receiver.',
                ),
        ];
    }

    /** @return list<VerdictPoint> */
    private function telemetry(): array
    {
        $link = $this->kit->transmitter->links[$this->kit->receiver->link ?? ''] ?? null;

        return $link?->telemetry === true && $this->kit->receiver?->telemetry === true
            ? [VerdictPoint::fine('Telemetry', 'The receiver sends back; after binding a reading is the proof.')]
            : [
                VerdictPoint::look(
                    'Telemetry',
                    'Nothing comes back over this link.',
                    'Fly by a timer; no voltage, no signal warning. A receiver with telemetry changes that.',
                ),
            ];
    }

    /** @return list<VerdictPoint> */
    private function wire(): array
    {
        [$receiver, $controller, $choice] = [$this->kit->receiver, $this->kit->controller, $this->kit->choice];
        $wire = Wire::tryFrom($choice->wire ?? '');
        if ($receiver === null || $wire === null) {
            return [
                VerdictPoint::open(
                    'Wire',
                    'How the receiver passes its channels on is not chosen, so wire and input are not checked.',
                    'Choose: '.
                        implode(', ', array_map(fn (Wire $one): string => $one->says(), $receiver->wires ?? [])).
                        '.',
                ),
            ];
        }
        if (! in_array($wire, $receiver->wires, true)) {
            return [
                VerdictPoint::wrong(
                    'Wire',
                    "{$receiver->name} has no ".$wire->says().'.',
                    'It has '.implode(', ', array_map(fn (Wire $one): string => $one->says(), $receiver->wires)).'.',
                ),
            ];
        }
        if ($controller === null) {
            return [
                $wire === Wire::Leads
                    ? VerdictPoint::fine('Wire', 'Each servo on a lead of its own.')
                    : VerdictPoint::look(
                        'Wire',
                        'Without a controller servos need a lead for each channel.',
                        'Choose one lead per channel, or a controller.',
                    ),
            ];
        }
        if (! in_array($wire, $controller->wires, true)) {
            return [
                VerdictPoint::wrong(
                    'Wire',
                    "{$controller->name} doesn't take ".
                        $wire->says().
                        ' (a newer release may have dropped the oldest kind).',
                    'It takes '.
                        implode(', ', array_map(fn (Wire $one): string => $one->says(), $controller->wires)).
                        '.',
                ),
            ];
        }

        return [
            match ($choice->input) {
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
                        (Wire::tryFrom($choice->input)?->says() ?? $choice->input).
                        ': no stick gets through.',
                    'Set the controller\'s input to the same.',
                ),
            },
        ];
    }

    /** @return list<VerdictPoint> */
    private function ports(): array
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
                        "The definition of {$controller->name} names no serial ports, so the receiver's is not checked.",
                        'Add its ports in Stores.',
                    ),
                ]
                : [];
        }
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
        $owners = array_count_values(array_map(strtolower(...), array_values($this->kit->choice->ports)));
        foreach (array_filter($owners, fn (int $count): bool => $count > 1) as $owner => $count) {
            $points[] = VerdictPoint::look(
                'Ports',
                ucfirst((string) $owner)." stands on {$count} ports.",
                'One device, one port.',
            );
        }
        if ($this->kit->choice->wire === Wire::Serial->value && ! isset($owners['receiver'])) {
            $points[] = VerdictPoint::wrong(
                'Ports',
                'The receiver uses the serial wire, and has no serial port on the controller.',
                'Assign it the port where it is connected.',
            );
        }

        return $points === []
            ? [
                VerdictPoint::fine(
                    'Ports',
                    count($owners) === 0 ? 'No serial port is in use.' : 'Each serial port has one owner; USB is free.',
                ),
            ]
            : $points;
    }
}
