<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;

/** A program with every one of its conditions said again. */
final readonly class ConditionTransform
{
    /** @param  \Closure(Condition): Condition  $again */
    private function __construct(private \Closure $again) {}

    /** @param  callable(Condition): Condition  $again */
    public static function program(Program $program, callable $again): Program
    {
        $transform = new self($again(...));

        return $program->with(
            phases: array_map($transform->phase(...), $program->phases),
            functions: array_map($transform->function(...), $program->functions),
            outputs: array_map(
                fn (Output $output): Output => $output->fed(array_map($transform->feed(...), $output->feeds)),
                $program->outputs,
            ),
            conditions: array_map($again, $program->conditions),
            sense: $program->sense->with(
                values: array_map($transform->value(...), $program->sense->values),
                calls: array_map($transform->callout(...), $program->sense->calls),
                tone: $program->sense->tone?->heard($transform->maybe($program->sense->tone->when)),
                logging: $program->sense->logging?->while($transform->maybe($program->sense->logging->when)),
                reset: $transform->maybe($program->sense->reset),
            ),
            trainer: $program->trainer?->while(($transform->again)($program->trainer->when)),
        );
    }

    private function maybe(?Condition $one): ?Condition
    {
        return $one === null ? null : ($this->again)($one);
    }

    private function phase(Phase $phase): Phase
    {
        return new Phase($phase->id, $phase->name, $this->maybe($phase->when), $phase->fade);
    }

    private function function(PilotFunction $one): PilotFunction
    {
        $again = $this->again;
        if ($one instanceof ProportionalFunction) {
            $override = fn (Override $override): Override => new Override($again($override->when), $override->value);
            $dualRate = fn (DualRate $rate): DualRate => new DualRate($again($rate->when), $rate->shape);

            return $one
                ->overridden(array_map($override, $one->overrides))
                ->dualRated(array_map($dualRate, $one->dualRates));
        }
        if ($one instanceof SteppedFunction && $one->drive instanceof CaseDrive) {
            $case = fn (DriveCase $case): DriveCase => new DriveCase($again($case->when), $case->step);

            return $one->driven(new CaseDrive(array_map($case, $one->drive->cases)));
        }

        return $one;
    }

    private function feed(Feed $feed): Feed
    {
        return new Feed(
            $feed->source,
            $feed->weight,
            $feed->offset,
            $feed->curve,
            $this->maybe($feed->when),
            $feed->combine,
            $feed->delay,
            $feed->slow,
        );
    }

    private function value(DerivedValue $one): DerivedValue
    {
        return $one->running($this->maybe($one->while));
    }

    private function callout(Callout $one): Callout
    {
        return $one->waiting(($this->again)($one->when), $this->maybe($one->after));
    }
}
