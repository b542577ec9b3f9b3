<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;

/**
 * A first program for a family on a transmitter: the family's recipe with its defaults, on what controls the
 * transmitter has for it.
 */
final readonly class FirstProgram
{
    /**
     * @throws Refused where the transmitter has too few channels
     */
    public static function program(Family $family, string $name, Transmitter $transmitter): Program
    {
        $base =
            $family === Family::Helicopter
                ? new Phase('gentle', 'Gentle')
                : ($family === Family::Sailplane
                    ? new Phase('cruise', 'Cruise')
                    : new Phase('main', 'Main'));
        $empty = new Program($name, $family, StickMode::Two, $transmitter->id, null, null, '', [$base], [], [], [], []);
        $recipe = Recipes::of($family);

        return RecipeWriter::fit($recipe, RecipeSettings::of($recipe->settings(), []), $empty, $transmitter)->program;
    }
}
