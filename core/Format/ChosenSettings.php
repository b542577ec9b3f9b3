<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form\MapOf;
use DuskSwitch\Core\Document\Form\Plain;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Program\AppliedRecipe;

/** What was chosen in a recipe, where it stands by itself; it is judged where it's applied. */
final class ChosenSettings
{
    /** @return array<string, float|bool|string> by the id of the setting */
    public static function read(JsonCursor $node): array
    {
        $settings = (new MapOf(new Plain(), AppliedRecipe::MOST_SETTINGS))->read($node, Spelling::forms());

        return array_filter($settings, fn (mixed $one): bool => is_float($one) || is_bool($one) || is_string($one));
    }
}
