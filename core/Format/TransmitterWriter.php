<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Format\Kit\OwnWarningsFormat;
use DuskSwitch\Core\Format\Kit\SlotDefaultsFormat;
use DuskSwitch\Core\Format\Kit\TelemetryEntryFormat;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Kit\EntryFormat;
use DuskSwitch\Core\Kit\EntryGrid;
use DuskSwitch\Core\Kit\Link;
use DuskSwitch\Core\Kit\Place;
use DuskSwitch\Core\Kit\Transmitter;

/** Writes a transmitter as its definition, in the format that {@see TransmitterDecoder} reads. */
final class TransmitterWriter
{
    /** @return array<string, mixed> by key of the format */
    public static function write(Transmitter $transmitter): array
    {
        return [
            'format' => TransmitterDecoder::FORMAT,
            'version' => 1,
            'id' => $transmitter->id,
            'name' => $transmitter->name,
            'channels' => $transmitter->channels,
            'pulse' => ['centre' => $transmitter->scale->centre, 'span' => $transmitter->scale->span],
            'gimbals' => [
                'left' => self::place($transmitter->leftGimbal),
                'right' => self::place($transmitter->rightGimbal),
            ],
            'trimClicks' => $transmitter->trimClicks,
            'keying' => self::keying($transmitter->keying),
            ...$transmitter->sensorSlots > 0 ? ['sensorSlots' => $transmitter->sensorSlots] : [],
            ...SlotDefaultsFormat::write($transmitter->slotDefaults),
            ...OwnWarningsFormat::write($transmitter->warnings),
            'links' => array_map(self::link(...), array_values($transmitter->links)),
            'controls' => array_map(self::control(...), $transmitter->controls),
        ];
    }

    /** @return array<string, mixed> */
    private static function keying(EntryFormat $keying): array
    {
        $mix = $keying->positionMix;

        return [
            'travel' => self::grid($keying->travel),
            'subtrim' => self::grid($keying->subtrim),
            'rate' => self::grid($keying->rate),
            'expo' => self::grid($keying->expo),
            'weight' => self::grid($keying->weight),
            'value' => self::grid($keying->value),
            ...$mix === null
                ? []
                : ['positions' => ['offset' => self::grid($mix->offset), 'rate' => self::grid($mix->rate)]],
            'phases' => $keying->phases,
            'curvePoints' => $keying->curvePoints,
            'smooth' => $keying->smooth,
            ...$keying->mixes === null ? [] : ['mixes' => $keying->mixes],
            ...$keying->telemetry === null
                ? []
                : ['telemetry' => (object) TelemetryEntryFormat::write($keying->telemetry)],
        ];
    }

    /** @return array<string, string|float> */
    private static function grid(EntryGrid $grid): array
    {
        $unit = match ($grid->unit) {
            KeyingUnit::Microseconds->shown() => KeyingUnit::Microseconds,
            KeyingUnit::Points->shown() => KeyingUnit::Points,
            default => KeyingUnit::Percent,
        };

        return [
            'unit' => $unit->value,
            'least' => $grid->least,
            'most' => $grid->most,
            'step' => $grid->step,
            ...$unit === KeyingUnit::Points ? ['hundred' => $grid->hundred] : [],
        ];
    }

    /** @return array<string, mixed> */
    private static function link(Link $link): array
    {
        return [
            'id' => $link->id,
            'name' => $link->name,
            'subtypes' => array_map(
                fn (string $id, array $one): array => ['id' => $id, ...$one],
                array_keys($link->subtypes),
                $link->subtypes,
            ),
            'generation' => $link->generation,
            'telemetry' => $link->telemetry,
        ];
    }

    /** @return array<string, mixed> */
    private static function control(Control $control): array
    {
        $isSwitch = $control->kind === ControlKind::Switch;

        return [
            'id' => $control->id,
            'name' => $control->name,
            'kind' => $control->kind->value,
            ...$isSwitch ? ['positions' => count($control->detents), 'rest' => $control->rest] : [],
            'place' => self::place($control->place),
            ...$control->formerly === [] ? [] : ['formerly' => $control->formerly],
        ];
    }

    /** @return array{float, float} */
    private static function place(Place $place): array
    {
        return [$place->x, $place->y];
    }
}
