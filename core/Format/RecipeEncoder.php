<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Airframe\Recipe;
use DuskSwitch\Core\Airframe\RecipeSetting;
use DuskSwitch\Core\Program\Family;

/** Writes a recipe with all that can be chosen in it. */
final class RecipeEncoder
{
    /** @return array<string, mixed> */
    public static function encode(Recipe $recipe): array
    {
        return [
            'id' => $recipe->id(),
            'title' => $recipe->title(),
            'says' => $recipe->says(),
            'families' => array_map(fn (Family $family): string => $family->value, $recipe->families()),
            'settings' => array_map(
                fn (RecipeSetting $setting): array => [
                    'id' => $setting->id,
                    'name' => $setting->name,
                    'kind' => $setting->kind,
                    'default' => $setting->default,
                    'says' => $setting->says,
                    'least' => $setting->least,
                    'most' => $setting->most,
                    'unit' => $setting->unit,
                    'options' => array_map(
                        fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                        array_map(strval(...), array_keys($setting->options)),
                        $setting->options,
                    ),
                    'when' => $setting->when === null
                            ? null
                            : ['setting' => $setting->when[0], 'values' => $setting->when[1]],
                ],
                $recipe->settings(),
            ),
        ];
    }
}
