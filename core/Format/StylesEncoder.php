<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Airframe\LiftOff;
use DuskSwitch\Core\Airframe\StyleCheck;
use DuskSwitch\Core\Airframe\StyleRow;
use DuskSwitch\Core\Airframe\Styles;
use DuskSwitch\Core\Signal\Circuit;

/** Writes the table of styles with what to look out for. */
final class StylesEncoder
{
    /** @return array<string, mixed>|null null where the program has no such table */
    public static function encode(Circuit $circuit): ?array
    {
        $styles = Styles::of($circuit->program, $circuit->panel->transmitter);
        if ($styles === null) {
            return null;
        }
        $rows = $styles->rows();
        $check = LiftOff::of($circuit);

        return [
            'control' => $styles->control(),
            'function' => $styles->style->id,
            'rows' => array_map(
                fn (StyleRow $row): array => [
                    'name' => $row->name,
                    'detent' => $row->detent,
                    'phase' => $row->phase,
                    'fade' => $row->fade,
                    'style' => $row->value,
                    'expo' => $row->expo,
                    'throttle' => $row->throttle,
                    'floor' => $row->floor,
                    'degrees' => $check === null ? null : round((2 * $row->floor - 1) * $check->range, 1),
                    'gain' => $row->gain,
                ],
                $rows,
            ),
            'warnings' => StyleCheck::warnings($rows),
            'liftOff' => $check === null ? null : ['says' => $check->says(), 'fine' => $check->isSeen()],
        ];
    }
}
