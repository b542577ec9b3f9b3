<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\TrainingPlan;
use DuskSwitch\Core\Program\TrainingStage;

/** Writes what a program carries beside its signal path. */
final class ExtrasEncoder
{
    /** @return array<string, mixed> what there is, by key */
    public static function encode(Program $program): array
    {
        return [
            ...$program->ring === null
                ? []
                : ['ring' => ['of' => $program->ring->of, 'limit' => $program->ring->limit]],
            ...$program->recipe === null
                ? []
                : [
                    'recipe' => [
                        'id' => $program->recipe->id,
                        ...$program->recipe->settings === [] ? [] : ['settings' => $program->recipe->settings],
                    ],
                ],
            ...$program->ladder === null ? [] : ['ladder' => self::ladder($program->ladder)],
            ...TrainerFormat::write($program->trainer),
        ];
    }

    /** @return array<string, mixed> */
    private static function ladder(TrainingPlan $ladder): array
    {
        return [
            'phase' => $ladder->phase,
            ...$ladder->style === null ? [] : ['style' => $ladder->style],
            ...$ladder->at === null ? [] : ['at' => $ladder->at],
            'rungs' => array_map(self::rung(...), $ladder->rungs),
        ];
    }

    /** @return array<string, mixed> one step of a ladder */
    public static function rung(TrainingStage $rung): array
    {
        return [
            'name' => $rung->name,
            'expo' => $rung->expo,
            'rate' => $rung->rate,
            ...$rung->style === null ? [] : ['style' => $rung->style],
            ...$rung->date === null ? [] : ['date' => $rung->date],
            ...$rung->note === '' ? [] : ['note' => $rung->note],
        ];
    }
}
