<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\TrainingStage;
use DuskSwitch\Core\Units\Range;

/** Takes a step on a learner's ladder, up or back. */
final class TrainingStep
{
    /** What a ladder softens. */
    private const SOFTENED = [Purpose::Roll, Purpose::Pitch, Purpose::Yaw];

    /**
     * The program on a rung of its ladder: expo and rate of roll, pitch and yaw in the ladder's phase, and the
     * step that its style takes with the switch at rest.
     *
     * @param  int  $rung  from 0
     *
     * @throws Refused where there's no ladder or no such rung, or where its phase or style isn't there any more
     */
    public static function to(Program $program, int $rung, Transmitter $transmitter): Program
    {
        $ladder = $program->ladder;
        $to = $ladder->rungs[$rung] ?? null;
        if ($ladder === null || $to === null) {
            throw Refused::because(
                'rung',
                $ladder === null
                    ? "{$program->name} has no training plan yet; plan its steps first"
                    : 'the plan has '.count($ladder->rungs).' steps, counted from 0',
            );
        }
        if (! in_array($ladder->phase, array_column($program->phases, 'id'), true)) {
            throw Refused::because(
                'ladder.phase',
                "there is no phase \"{$ladder->phase}\" any more; choose another for the plan",
            );
        }
        $functions = array_map(
            fn (PilotFunction $one): PilotFunction => match (true) {
                $one instanceof ProportionalFunction && in_array($one->purpose, self::SOFTENED, true) => $one->with(
                    shapes: [
                        ...$one->shapes,
                        $ladder->phase => new Shape(rate: Range::both($to->rate), expo: $to->expo),
                    ],
                ),
                $one instanceof SteppedFunction && $one->id === $ladder->style && $to->style !== null => self::styled(
                    $one,
                    $to,
                    $transmitter,
                ),
                default => $one,
            },
            $program->functions,
        );

        return $program->with(functions: $functions, ladder: $ladder->with(at: $rung));
    }

    /** The style with the rung's step where its switch rests; what was there goes where that step was. */
    private static function styled(
        SteppedFunction $style,
        TrainingStage $rung,
        Transmitter $transmitter,
    ): SteppedFunction {
        $step = $rung->style ?? '';
        if ($style->indexOf($step) === null) {
            throw Refused::because(
                'ladder.rungs',
                "“{$rung->name}” wants the step \"{$step}\" of {$style->name}, which isn't there any more",
            );
        }
        if (! ($style->drive instanceof DetentDrive)) {
            throw Refused::because(
                'ladder.style',
                "{$style->name} is on no switch, so the plan can't choose its step at rest; put it on one, or take ".
                    'the style out of the plan',
            );
        }
        $map = $style->drive->map;
        $rest = $transmitter->control($style->drive->control)->rest ?? '';
        $was = $map[$rest] ?? $step;
        foreach ($map as $detent => $there) {
            if ($there === $step) {
                $map[$detent] = $was;
            }
        }

        return $style->with(drive: $style->drive->with(map: [...$map, $rest => $step]));
    }
}
