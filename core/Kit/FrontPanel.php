<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;

/** The front of a transmitter as it's drawn: everything needs room to be seen and touched. */
final readonly class FrontPanel
{
    /** Per cent of the width and of the height that a gimbal takes to each side of its middle. */
    private const GIMBAL = [10.0, 50.0];

    /** The same between two controls. */
    private const CONTROL = [5.0, 35.0];

    /**
     * @throws Refused where a control lies on a gimbal or on another control, each with its path
     */
    public static function check(Transmitter $transmitter): void
    {
        $faults = new Faults();
        foreach ($transmitter->controls as $index => $control) {
            foreach (['left' => $transmitter->leftGimbal, 'right' => $transmitter->rightGimbal] as $side => $gimbal) {
                if (self::overlap($control->place, $gimbal, self::GIMBAL)) {
                    $faults->add(
                        "controls[{$index}].place",
                        "{$control->name} lies on the {$side} stick; move it ".
                            self::GIMBAL[0].
                            ' % of the width or more beside it',
                    );
                }
            }
            foreach (array_slice($transmitter->controls, 0, $index) as $other) {
                if (self::overlap($control->place, $other->place, self::CONTROL)) {
                    $faults->add(
                        "controls[{$index}].place",
                        "{$control->name} lies on {$other->name}; keep ".
                            self::CONTROL[0].
                            ' % of the width or '.
                            self::CONTROL[1].
                            ' % of the height between them',
                    );
                }
            }
        }
        $faults->refuseAny();
    }

    /** @param  array{float, float}  $room */
    private static function overlap(Place $one, Place $other, array $room): bool
    {
        return abs($one->x - $other->x) < $room[0] && abs($one->y - $other->y) < $room[1];
    }
}
