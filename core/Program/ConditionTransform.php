<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Sense\Callout;
use DuskSwitch\Core\Program\Sense\DerivedValue;

/** A program with every one of its conditions said again. */
final class ConditionTransform
{
    /** @param  callable(Condition): Condition  $again */
    public static function program(Program $program, callable $again): Program
    {
        $maybe = fn (?Condition $one): ?Condition => $one === null ? null : $again($one);
        $functions = array_map(
            fn (PilotFunction $one): PilotFunction => match (true) {
                $one instanceof ProportionalFunction => $one
                    ->overridden(
                        array_map(
                            fn (Override $override): Override => new Override(
                                $again($override->when),
                                $override->value,
                            ),
                            $one->overrides,
                        ),
                    )
                    ->dualRated(
                        array_map(
                            fn (DualRate $rate): DualRate => new DualRate($again($rate->when), $rate->shape),
                            $one->dualRates,
                        ),
                    ),
                $one instanceof SteppedFunction && $one->drive instanceof CaseDrive => $one->driven(
                    new CaseDrive(
                        array_map(
                            fn (DriveCase $case): DriveCase => new DriveCase($again($case->when), $case->step),
                            $one->drive->cases,
                        ),
                    ),
                ),
                default => $one,
            },
            $program->functions,
        );
        $outputs = array_map(
            fn (Output $output): Output => $output->fed(
                array_map(
                    fn (Feed $feed): Feed => new Feed(
                        $feed->source,
                        $feed->weight,
                        $feed->offset,
                        $feed->curve,
                        $maybe($feed->when),
                        $feed->combine,
                        $feed->delay,
                        $feed->slow,
                    ),
                    $output->feeds,
                ),
            ),
            $program->outputs,
        );

        return $program->with(
            phases: array_map(
                fn (Phase $phase): Phase => new Phase($phase->id, $phase->name, $maybe($phase->when), $phase->fade),
                $program->phases,
            ),
            functions: $functions,
            outputs: $outputs,
            conditions: array_map($again, $program->conditions),
            sense: $program->sense->with(
                values: array_map(
                    fn (DerivedValue $one): DerivedValue => new DerivedValue(
                        $one->id,
                        $one->name,
                        $one->does,
                        $one->of,
                        $one->by,
                        $one->plus,
                        $maybe($one->while),
                    ),
                    $program->sense->values,
                ),
                calls: array_map(
                    fn (Callout $one): Callout => $one->waiting($again($one->when), $maybe($one->after)),
                    $program->sense->calls,
                ),
            ),
        );
    }
}
