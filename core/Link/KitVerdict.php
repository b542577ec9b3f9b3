<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Program\Output;

/** Does the kit fit together? Every point with its cause and its cure. */
final readonly class KitVerdict
{
    public function __construct(private InstalledKit $kit) {}

    /** @return list<VerdictPoint> */
    public function points(): array
    {
        $wires = new WireCheck($this->kit);
        $link =
            $this->kit->receiver === null
                ? $this->unchosen()
                : [...(new LinkCheck($this->kit))->points(), ...$wires->wire()];

        return [
            ...(new MissingEquipment($this->kit))->points(),
            ...$link,
            ...$this->inputs(),
            ...$wires->ports(),
            ...(new Supply($this->kit))->points(),
            ...(new PartsCheck($this->kit))->points(),
        ];
    }

    /** @return list<VerdictPoint> */
    private function unchosen(): array
    {
        return $this->kit->program->receiver === null
            ? [
                VerdictPoint::open(
                    'Receiver',
                    'Link, firmware, channels, telemetry, wire and supply of the receiver are not checked: none is '.
                        'chosen.',
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
}
