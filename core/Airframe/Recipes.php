<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kinds\Kinds;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;

/** The recipes that there are. */
final class Recipes
{
    /** @return list<Recipe> in the order of the families */
    public static function all(): array
    {
        $recipes = Kinds::in(__DIR__, __NAMESPACE__, Recipe::class);
        usort($recipes, fn (Recipe $a, Recipe $b): int => self::place($a) <=> self::place($b));

        return $recipes;
    }

    /** The recipe of that id, or null. */
    public static function find(string $id): ?Recipe
    {
        foreach (self::all() as $recipe) {
            if ($recipe->id() === $id) {
                return $recipe;
            }
        }

        return null;
    }

    /** The recipe that a new aircraft of a family begins with. */
    public static function of(Family $family): Recipe
    {
        foreach (self::all() as $recipe) {
            if (in_array($family, $recipe->families(), true)) {
                return $recipe;
            }
        }

        return new PlaneRecipe();
    }

    /**
     * What the recipe that a program names wants of it; null where it names none, or one with settings that are not
     * possible any more.
     */
    public static function planOf(Program $program): ?Plan
    {
        $recipe = self::find($program->recipe->id ?? '');
        if ($recipe === null) {
            return null;
        }
        try {
            return $recipe->plan(
                RecipeSettings::of($recipe->settings(), $program->recipe->settings ?? []),
                $program->base()->id,
            );
        } catch (Refused) {
            return null;
        }
    }

    /** Its place on a list: as the families come, and at the end what suits any. */
    private static function place(Recipe $recipe): int
    {
        $family = $recipe->families()[0] ?? null;

        return $family === null ? count(Family::cases()) : (int) array_search($family, Family::cases(), true);
    }
}
