<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Transmitter;

/** Writes a transmitter with everything that a drawing of it needs. */
final class TransmitterEncoder
{
    /** @return array<string, mixed> */
    public static function encode(Transmitter $transmitter): array
    {
        return [
            'id' => $transmitter->id,
            'name' => $transmitter->name,
            'channels' => $transmitter->channels,
            'pulse' => ['centre' => $transmitter->scale->centre, 'span' => $transmitter->scale->span],
            'gimbals' => [
                'left' => [$transmitter->leftGimbal->x, $transmitter->leftGimbal->y],
                'right' => [$transmitter->rightGimbal->x, $transmitter->rightGimbal->y],
            ],
            'trimClicks' => $transmitter->trimClicks,
            'controls' => array_map(
                fn (Control $control): array => [
                    'id' => $control->id,
                    'name' => $control->name,
                    'kind' => $control->kind->value,
                    'detents' => $control->detents,
                    'rest' => $control->rest,
                    'place' => [$control->place->x, $control->place->y],
                ],
                $transmitter->controls,
            ),
        ];
    }
}
