<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;

/** What a function can be for, what a step can mean and what an output can move, as a pilot chooses them. */
final class ChoicesEncoder
{
    /** @return array<string, list<array{id: string, name: string, group?: string}>> */
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
