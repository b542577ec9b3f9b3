<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Program\PartPower;
use DuskSwitch\Core\Program\Press;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;

/** What a function can be for, what a step can mean, what an output can move, how a button works: to choose from. */
final class ChoicesEncoder
{
    /** @return array<string, array<string, float>|list<array{id: string, name: string, group?: string}>> */
    public static function encode(?Controller $controller): array
    {
        return [
            'purposes' => array_map(
                fn (Purpose $one): array => ['id' => $one->value, 'name' => ucfirst($one->says())],
                Purpose::cases(),
            ),
            'roles' => array_map(
                fn (Role $one): array => [
                    'id' => $one->value,
                    'name' => ucfirst($one->says()),
                    'group' => $one->group(),
                ],
                Role::cases(),
            ),
            'presses' => array_map(
                fn (Press $one): array => ['id' => $one->value, 'name' => $one->title()],
                Press::cases(),
            ),
            'partKinds' => array_map(
                fn (PartKind $one): array => ['id' => $one->value, 'name' => $one->title()],
                PartKind::cases(),
            ),
            'powerSources' => array_map(
                fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys(PartPower::SOURCES),
                PartPower::SOURCES,
            ),
            'pressTimes' => ['within' => Press::WITHIN, 'long' => Press::LONG],
            'meanings' => [
                ...array_map(
                    fn (string $word): array => ['id' => $word, 'name' => ucfirst(Meaning::word($word)->says())],
                    Meaning::WORDS,
                ),
                ...array_map(
                    fn (Mode $mode): array => [
                        'id' => "mode:{$mode->id}",
                        'name' => $mode->name,
                        'group' => "Modes of {$controller?->name}",
                    ],
                    array_values($controller->modes ?? []),
                ),
            ],
        ];
    }
}
