<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Transmitter;

/** All that can be said of what flies with a program, ready to be compared. */
final class InstallationSummary
{
    /**
     * @param  EquipmentNames|null  $names  ids stand where there is none
     * @return array<string, SummaryItem> by a key that stays the same from revision to revision
     */
    public static function of(Program $program, Transmitter $transmitter, ?EquipmentNames $names = null): array
    {
        $aboard = $program->aboard;
        $facts = [];
        foreach ($aboard->failsafe as $channel => $does) {
            $facts["failsafe {$channel}"] = ["failsafe of channel {$channel}", $does->says()];
        }
        $facts = [...$facts, ...self::controller($aboard->controller, $names)];
        $facts = [...$facts, ...self::readings($aboard), ...self::throws($aboard)];
        $kit = $aboard->kit;
        foreach (
            [
                'link' => $transmitter->links[$kit->link ?? '']->name ?? $kit->link,
                'sub-type' => $transmitter->links[$kit->link ?? '']->subtypes[$kit->subtype ?? '']['name'] ?? $kit->subtype,
                'wire' => $kit->wire,
                'input of the controller' => $kit->input,
                'receiver powered by' => $kit->power,
                'pack' => $kit->pack,
                'speed controller' => $kit->speedController,
            ] as $label => $value
        ) {
            if ($value !== null) {
                $facts[$label] = [$label, $names?->part($label, $value) ?? $value];
            }
        }
        if ($kit->memory !== null) {
            $facts['memory'] = ['place in the transmitter', $kit->memory];
        }
        if ($kit->match !== null) {
            $facts['match'] = ['receiver match', (string) $kit->match];
        }
        foreach ($kit->parts as $part) {
            $fed = array_column($kit->parts, 'name', 'id')[$part->power->fed ?? ''] ?? $part->power->fed;
            $facts["part {$part->id}"] = ["part {$part->name}", self::part($part, $fed)];
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

        return $aboard->isEmpty() ? [] : ['aboard' => new SummaryItem('kit', '', $facts, $aboard)];
    }

    private static function part(KitPart $part, ?string $fed): string
    {
        $power = $part->power;

        return implode(
            ', ',
            array_filter([
                $part->kind->title().($part->count > 1 ? " × {$part->count}" : ''),
                $power->supply === null ? null : "{$power->supply->low} to {$power->supply->high} V",
                $power->draw === null ? null : "{$power->draw} mA",
                $fed === null ? null : 'powered by '.str_replace('-', ' ', $fed),
                $power->volts === null ? null : "gives {$power->volts} V",
                $power->gives === null ? null : "gives {$power->gives} mA",
                $power->plug === null ? null : "{$power->plug} plug",
                $part->port === null ? null : "port {$part->port}",
                $part->system === null ? null : "of {$part->system}",
                $part->generation === null ? null : "firmware {$part->generation}",
            ]),
        );
    }

    /** @return array<string, array{string, string}> */
    private static function readings(Installation $aboard): array
    {
        $facts = [];
        foreach ($aboard->readings as $channel => $reading) {
            $facts["reading {$channel}"] = [
                "reading of channel {$channel}",
                implode(
                    ', ',
                    array_map(
                        fn (float $read, float $sent): string => round($read, 1).' µs at '.round($sent, 1),
                        $reading->read,
                        $reading->sent,
                    ),
                ),
            ];
        }

        return $facts;
    }

    /** @return array<string, array{string, string}> */
    private static function throws(Installation $aboard): array
    {
        $facts = [];
        foreach ($aboard->throws as $channel => $throw) {
            $facts["throw {$channel}"] = [
                "throw of channel {$channel}",
                implode(
                    ', ',
                    array_map(
                        fn (float $moved, float $sent): string => round($moved, 1).
                            $throw->unit->sign().
                            ' at '.
                            round($sent).
                            ' µs',
                        $throw->moved,
                        $throw->sent,
                    ),
                ).
                    ($throw->chord === null ? '' : ", chord {$throw->chord} mm"),
            ];
        }

        return $facts;
    }

    /** @return array<string, array{string, string}> */
    private static function controller(ControllerSetup $setup, ?EquipmentNames $names): array
    {
        $mode = fn (string $id): string => $names?->mode($id) ?? $id;
        $facts = [];
        foreach ($setup->modes ?? [] as $place => $slot) {
            $facts["range {$slot->mode} {$slot->channel} {$place}"] = [
                "range of {$mode($slot->mode)} on channel {$slot->channel}",
                "{$slot->from} to {$slot->to} µs",
            ];
        }
        foreach ($setup->arming->ranges ?? [] as $place => $slot) {
            $facts["arm range {$place}"] = [
                'arm range'.($place === 0 ? '' : ' '.($place + 1)),
                "{$slot->from} to {$slot->to} µs on channel {$slot->channel}",
            ];
        }
        $said = [
            'mode without a range' => $setup->none === null ? null : $mode($setup->none),
            'armed by' => $setup->arming?->by->says(),
            'low mark' => $setup->low === null ? null : "{$setup->low} µs",
            'priority of modes' => $setup->priority === null ? null : implode(', ', array_map($mode, $setup->priority)),
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
