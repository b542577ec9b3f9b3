<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\DualRate;
use DuskSwitch\Core\Program\Override;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use LogicException;

/** Writes a function. */
final class FunctionEncoder
{
    /** @return array<string, mixed> */
    public static function encode(PilotFunction $function): array
    {
        return match (true) {
            $function instanceof ProportionalFunction => self::proportional($function),
            $function instanceof SteppedFunction => self::stepped($function),
            default => throw new LogicException('No text for '.$function::class),
        };
    }

    /** @return array<string, mixed> */
    private static function proportional(ProportionalFunction $function): array
    {
        $trim = $function->trim;

        return array_filter(
            [
                'id' => $function->id,
                'name' => $function->name,
                'purpose' => $function->purpose?->value,
                'drive' => match (true) {
                    $function->drive instanceof AxisDrive => ['axis' => $function->drive->axis->value],
                    $function->drive instanceof ControlDrive => ['control' => $function->drive->control],
                    default => null,
                },
                'deadband' => $function->deadband === 0.0 ? null : $function->deadband,
                'trim' => $trim === null
                        ? null
                        : [
                            'authority' => $trim->authority,
                            ...$trim->idleOnly ? ['idle' => true] : [],
                            ...$trim->perPhase ? ['perPhase' => true] : [],
                        ],
                'shape' => $function->shapes === [] ? null : array_map(self::shape(...), $function->shapes),
                'dualRates' => $function->dualRates === []
                        ? null
                        : array_map(
                            fn (DualRate $rate): array => [
                                'when' => ConditionEncoder::encode($rate->when),
                                ...self::shape($rate->shape),
                            ],
                            $function->dualRates,
                        ),
                'override' => $function->overrides === []
                        ? null
                        : array_map(
                            fn (Override $override): array => [
                                'when' => ConditionEncoder::encode($override->when),
                                'value' => $override->value,
                            ],
                            $function->overrides,
                        ),
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private static function shape(Shape $shape): array
    {
        return [
            'rate' => [$shape->rate->low, $shape->rate->high],
            ...$shape->expo === 0.0 ? [] : ['expo' => $shape->expo],
            ...$shape->curve === null ? [] : ['curve' => $shape->curve],
        ];
    }

    /** @return array<string, mixed> */
    private static function stepped(SteppedFunction $function): array
    {
        $drive = $function->drive;
        $written = match (true) {
            $drive instanceof DetentDrive => ['control' => $drive->control, 'map' => $drive->map],
            $drive instanceof CaseDrive => [
                'cases' => array_map(
                    fn (DriveCase $case): array => [
                        'when' => ConditionEncoder::encode($case->when),
                        'step' => $case->step,
                    ],
                    $drive->cases,
                ),
            ],
            default => null,
        };

        return [
            'id' => $function->id,
            'name' => $function->name,
            ...$function->purpose === null ? [] : ['purpose' => $function->purpose->value],
            'steps' => array_map(self::step(...), $function->steps),
            ...$written === null ? [] : ['drive' => $written],
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step): array
    {
        return [
            'id' => $step->id,
            ...$step->name === ucfirst($step->id) ? [] : ['name' => $step->name],
            'value' => $step->value,
            ...$step->means === null ? [] : ['means' => $step->means->word ?? ['mode' => $step->means->mode]],
        ];
    }
}
