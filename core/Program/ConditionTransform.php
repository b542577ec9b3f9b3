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
                fn (Output $output): Output => $output->with(feeds: array_map($transform->feed(...), $output->feeds)),
                $program->outputs,
            ),
            conditions: array_map($again, $program->conditions),
            sense: $program->sense->with(
                values: array_map($transform->value(...), $program->sense->values),
                calls: array_map($transform->callout(...), $program->sense->calls),
                tone: $program->sense->tone?->with(when: $transform->maybe($program->sense->tone->when)),
                logging: $program->sense->logging?->with(when: $transform->maybe($program->sense->logging->when)),
                reset: $transform->maybe($program->sense->reset),
            ),
            trainer: $program->trainer?->with(when: ($transform->again)($program->trainer->when)),
        );
    }

    private function maybe(?Condition $one): ?Condition
    {
        return $one === null ? null : ($this->again)($one);
    }

    private function phase(Phase $phase): Phase
    {
        return $phase->with(when: $this->maybe($phase->when));
    }

    private function function(PilotFunction $one): PilotFunction
    {
        $again = $this->again;
        if ($one instanceof ProportionalFunction) {
            $override = fn (Override $override): Override => $override->with(when: $again($override->when));
            $dualRate = fn (DualRate $rate): DualRate => $rate->with(when: $again($rate->when));

            return $one
                ->with(overrides: array_map($override, $one->overrides), dualRates: array_map($dualRate, $one->dualRates));
        }
        if ($one instanceof SteppedFunction && $one->drive instanceof CaseDrive) {
            $case = fn (DriveCase $case): DriveCase => new DriveCase($again($case->when), $case->step);

            return $one->with(drive: new CaseDrive(array_map($case, $one->drive->cases)));
        }

        return $one;
    }

    private function feed(Feed $feed): Feed
    {
        return $feed->with(when: $this->maybe($feed->when));
    }

    private function value(DerivedValue $one): DerivedValue
    {
        return $one->with(while: $this->maybe($one->while));
    }

    private function callout(Callout $one): Callout
    {
        return $one->with(when: ($this->again)($one->when), after: $this->maybe($one->after));
    }
}
