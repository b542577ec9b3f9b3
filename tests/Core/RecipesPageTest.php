<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSetting;
use PHPUnit\Framework\TestCase;

/** docs/recipes.md tells every recipe with all that can be chosen, as the core has it. */
final class RecipesPageTest extends TestCase
{
    private const PAGE = __DIR__.'/../../docs/recipes.md';

    public function test_the_page_is_what_the_core_has(): void
    {
        self::assertStringEqualsFile(self::PAGE, self::page());
    }

    private static function page(): string
    {
        $head =
            "# Airframe recipes\n\nA recipe writes functions, feeds and outputs as ordinary program text. Applied ".
                "again it says first what it would\nchange; controls, direction, travel, sub-trim and limits that ".
                "the pilot set stay. Right and forward sticks are positive;\na wing or tail surface is positive with ".
                "its trailing edge down, a rudder to the right, a swash servo upwards.\n";
        foreach (Recipes::all() as $recipe) {
            $head .= "\n## {$recipe->title()} (`{$recipe->id()}`)\n\n{$recipe->says()}\n\n| setting | name | values ".
                "| default | |\n| --- | --- | --- | --- | --- |\n";
            foreach ($recipe->settings() as $setting) {
                $head .=
                    "| `{$setting->id}` | {$setting->name} | ".
                    self::values($setting).
                    ' | '.
                    self::default($setting).
                    ' | '.
                    str_replace('|', '/', $setting->says).
                    " |\n";
            }
        }

        return $head;
    }

    private static function values(RecipeSetting $setting): string
    {
        return match ($setting->kind) {
            'choice' => implode(
                ', ',
                array_map(fn (string $id): string => "`{$id}`", array_map(strval(...), array_keys($setting->options))),
            ),
            'flag' => '`true`, `false`',
            'percent' => round($setting->least * 100).' to '.round($setting->most * 100).' %',
            default => "{$setting->least} to {$setting->most} {$setting->unit}",
        };
    }

    private static function default(RecipeSetting $setting): string
    {
        return match (true) {
            is_bool($setting->default) => $setting->default ? '`true`' : '`false`',
            is_string($setting->default) => "`{$setting->default}`",
            $setting->kind === 'percent' => round($setting->default * 100, 1).' %',
            default => "{$setting->default} {$setting->unit}",
        };
    }
}
