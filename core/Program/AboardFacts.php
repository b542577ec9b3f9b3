<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\Transmitter;

/** All that can be said of what flies with a program, ready to be compared. */
final class AboardFacts
{
    /** @return array<string, Subject> by a key that stays the same from revision to revision */
    public static function of(Program $program, Transmitter $transmitter): array
    {
        $aboard = $program->aboard;
        $facts = [];
        foreach ($aboard->failsafe as $channel => $does) {
            $facts["failsafe {$channel}"] = ["failsafe of channel {$channel}", $does->says()];
        }
        foreach ($aboard->slots as $slot) {
            $facts["slot {$slot->mode} {$slot->channel}"] = ["slot {$slot->mode} on channel {$slot->channel}", "{$slot->from} to {$slot->to} µs"];
        }
        $kit = $aboard->kit;
        foreach (['link' => $kit->link, 'sub-type' => $kit->subtype, 'wire' => $kit->wire, 'input of the controller' => $kit->input, 'receiver powered by' => $kit->power, 'pack' => $kit->pack, 'speed controller' => $kit->speedController] as $label => $value) {
            if ($value !== null) {
                $facts[$label] = [$label, $value];
            }
        }
        foreach ($kit->ports as $port => $owner) {
            $facts["port {$port}"] = ["serial port {$port}", $owner];
        }
        if ($aboard->startCheck !== []) {
            $facts['start check'] = ['checked at power-up', implode(', ', array_map(fn (string $id): string => $transmitter->control($id)->name ?? $id, $aboard->startCheck))];
        }
        foreach ($aboard->accepted as $one) {
            $facts["accepted {$one->finding}"] = ['accepted '.explode(' ', $one->finding)[0], $one->reason];
        }

        return $aboard->isEmpty() ? [] : ['aboard' => new Subject('kit', '', $facts)];
    }
}
