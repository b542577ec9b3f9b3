<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerSetup;

/** The order of channels that a recipe takes from the controller. */
final class ExpectedOrder
{
    private const SETTING = 'order';

    /**
     * What was chosen, with the order that the controller expects where just that was asked for.
     *
     * @param  list<RecipeSetting>  $known
     * @param  array<string, float|bool|string>  $given
     * @return array<string, float|bool|string>
     */
    public static function in(array $known, array $given, ?Controller $controller): array
    {
        $isAsked =
            in_array(self::SETTING, array_column($known, 'id'), true) &&
            ($given[self::SETTING] ?? 'expected') === 'expected';
        $first = $controller?->setUp(new ControllerSetup())->order[0] ?? null;
        if (! $isAsked || $first === null) {
            return $given;
        }

        return [...$given, self::SETTING => $first === 'throttle' ? 'throttle-first' : 'roll-first'];
    }
}
