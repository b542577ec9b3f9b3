<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;

/** The kind of control that a recipe would like for a function, the best first. */
enum PreferredControl: string
{
    case TwoPositions = 'a two-position switch';
    case ThreePositions = 'a three-position switch';
    case Button = 'a button';
    case LongPress = 'a button to press long';
    case Lever = 'a slider or a dial';

    /** How well a control answers the wish: 0 is best, null not at all. */
    public function rank(Control $control): ?int
    {
        return match ($this) {
            self::TwoPositions => $control->kind === ControlKind::Switch ? count($control->detents) - 2 : null,
            self::ThreePositions => $control->kind === ControlKind::Switch && count($control->detents) === 3 ? 0 : null,
            self::Button => match ($control->kind) {
                ControlKind::Button => 0,
                ControlKind::Switch => count($control->detents) - 1,
                default => null,
            },
            self::LongPress => $control->kind === ControlKind::Button ? 0 : null,
            self::Lever => match ($control->kind) {
                ControlKind::Slider => 0,
                ControlKind::Dial => 1,
                default => null,
            },
        };
    }
}
