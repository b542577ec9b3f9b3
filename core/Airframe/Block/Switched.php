<?php

namespace DuskSwitch\Core\Airframe\Block;

use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/** Switched functions; the first step is the safe one, taken at rest. */
final class Switched
{
    /**
     * @param  non-empty-array<string, float>  $steps  value by name
     * @param  array<string, Meaning>  $means  by name; a step without one means something else
     */
    public static function with(
        string $id,
        string $name,
        Purpose $purpose,
        array $steps,
        array $means = [],
    ): SteppedFunction {
        $list = [];
        foreach ($steps as $title => $value) {
            $list[] = new Step(
                id: self::id($title),
                name: $title,
                value: $value,
                means: $means[$title] ?? Meaning::word(Meaning::OTHER),
            );
        }

        return new SteppedFunction(id: $id, name: $name, drive: null, steps: $list, purpose: $purpose);
    }

    /**
     * The same where every step asks the controller for the mode of its name.
     *
     * @param  non-empty-array<string, float>  $steps  value by name
     */
    public static function modes(string $id, string $name, Purpose $purpose, array $steps): SteppedFunction
    {
        $titles = array_keys($steps);

        return self::with(
            $id,
            $name,
            $purpose,
            $steps,
            array_combine($titles, array_map(fn (string $title): Meaning => Meaning::mode(self::id($title)), $titles)),
        );
    }

    /** Arm: disarmed, then armed. */
    public static function arm(): SteppedFunction
    {
        return self::with(
            'arm',
            'Arm',
            Purpose::Arm,
            ['Safe' => -1.0, 'Armed' => 1.0],
            ['Safe' => Meaning::word(Meaning::DISARMED), 'Armed' => Meaning::word(Meaning::ARMED)],
        );
    }

    /** A switch that stops the motor: stopped, then free to run. */
    public static function cut(string $id, string $name, string $off, string $on): SteppedFunction
    {
        return self::with(
            $id,
            $name,
            Purpose::MotorCut,
            [$off => -1.0, $on => 1.0],
            [$off => Meaning::word(Meaning::MOTOR_OFF), $on => Meaning::word(Meaning::MOTOR_ON)],
        );
    }

    private static function id(string $title): string
    {
        return strtolower(str_replace([' ', '%'], ['-', ''], $title));
    }
}
