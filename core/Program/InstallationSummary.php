<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Transmitter;

/** All that can be said of what flies with a program, ready to be compared. */
final class InstallationSummary
{
    /** @return array<string, SummaryItem> by a key that stays the same from revision to revision */
    public static function of(Program $program, Transmitter $transmitter): array
    {
        $aboard = $program->aboard;
        $facts = [];
        foreach ($aboard->failsafe as $channel => $does) {
            $facts["failsafe {$channel}"] = ["failsafe of channel {$channel}", $does->says()];
        }
        $facts = [...$facts, ...self::controller($aboard->controller)];
        foreach ($aboard->readings as $channel => $reading) {
            $facts["reading {$channel}"] = [
                "reading of channel {$channel}",
                implode(', ', array_map(fn (float $pulse): string => round($pulse, 1).' µs', $reading->read)),
            ];
        }
        $kit = $aboard->kit;
        foreach (
            [
                'link' => $kit->link,
                'sub-type' => $kit->subtype,
                'wire' => $kit->wire,
                'input of the controller' => $kit->input,
                'receiver powered by' => $kit->power,
                'pack' => $kit->pack,
                'speed controller' => $kit->speedController,
            ] as $label => $value
        ) {
            if ($value !== null) {
                $facts[$label] = [$label, $value];
            }
        }
        foreach ($kit->ports as $port => $owner) {
            $facts["port {$port}"] = ["serial port {$port}", $owner];
        }
        if ($aboard->startCheck !== []) {
            $facts['start check'] = [
                'checked at power-up',
                implode(
                    ', ',
                    array_map(fn (string $id): string => $transmitter->control($id)->name ?? $id, $aboard->startCheck),
                ),
            ];
        }
        foreach ($aboard->accepted as $one) {
            $facts["accepted {$one->finding}"] = ['accepted '.explode(' ', $one->finding)[0], $one->reason];
        }

        return $aboard->isEmpty() ? [] : ['aboard' => new SummaryItem('kit', '', $facts)];
    }

    /** @return array<string, array{string, string}> */
    private static function controller(ControllerSetup $setup): array
    {
        $facts = [];
        foreach ($setup->modes ?? [] as $place => $slot) {
            $facts["range {$slot->mode} {$slot->channel} {$place}"] = [
                "range of {$slot->mode} on channel {$slot->channel}",
                "{$slot->from} to {$slot->to} µs",
            ];
        }
        foreach ($setup->arming->ranges ?? [] as $place => $slot) {
            $facts["arm range {$place}"] = ["arm range on channel {$slot->channel}", "{$slot->from} to {$slot->to} µs"];
        }
        $said = [
            'mode without a range' => $setup->none,
            'armed by' => $setup->arming?->by->says(),
            'low mark' => $setup->low === null ? null : "{$setup->low} µs",
            'priority of modes' => $setup->priority === null ? null : implode(', ', $setup->priority),
            'channel order' => $setup->order === null ? null : implode(', ', $setup->order),
            'expects' => $setup->expects?->value,
            'on signal loss' => $setup->onLoss?->does->says(),
        ];
        foreach (array_filter($said, fn (?string $words): bool => $words !== null) as $label => $words) {
            $facts[$label] = [$label, $words];
        }

        return $facts;
    }
}
