<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Document\Walk;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/**
 * A recipe's plan in a program's own words: a function that is there for the same purpose is the one that the recipe
 * means, whatever its id is. Where several are for it, or its steps can't be told from one another, the recipe's own
 * comes beside it.
 */
final readonly class OwnFunctions
{
    /**
     * @param  array<string, string>  $ids  the program's by the recipe's
     * @param  array<string, array<string, Step>>  $steps  the program's steps by the recipe's, by the recipe's function
     */
    private function __construct(private array $ids, private array $steps) {}

    /** What in a program is meant by plans. */
    public static function of(Program $program, Plan ...$plans): self
    {
        $there = array_column(
            array_map(fn (PilotFunction $one): array => [$one->id(), $one], $program->functions),
            1,
            0,
        );
        $ids = $steps = [];
        foreach (array_merge([], ...array_map(fn (Plan $plan): array => $plan->functions, $plans)) as $wanted) {
            $purpose = $wanted->purpose();
            if (
                isset($there[$wanted->id()]) ||
                isset($ids[$wanted->id()]) ||
                $purpose === null ||
                $purpose === Purpose::Other
            ) {
                continue;
            }
            $same = array_values(
                array_filter(
                    $program->whose($purpose),
                    fn (PilotFunction $one): bool => $one::class === $wanted::class,
                ),
            );
            $matched =
                count($same) === 1 && ! in_array($same[0]->id(), $ids, true) ? self::steps($wanted, $same[0]) : null;
            if ($matched !== null) {
                $ids[$wanted->id()] = $same[0]->id();
                $steps[$wanted->id()] = $matched;
            }
        }

        return new self($ids, $steps);
    }

    /** The plan with the program's ids of functions and steps in place of the recipe's. */
    public function in(Plan $plan): Plan
    {
        if ($this->ids === []) {
            return $plan;
        }
        $wishes = [];
        foreach ($plan->wishes as $id => $wish) {
            $wishes[$this->id($id)] = $wish;
        }

        return new Plan(
            array_map($this->function(...), $plan->functions),
            $wishes,
            array_map(
                fn (Surface $one): Surface => new Surface(
                    $one->name,
                    $one->role,
                    array_map($this->feed(...), $one->feeds),
                ),
                $plan->surfaces,
            ),
            array_map(
                fn (Phase $one): Phase => Walk::map($one, Condition::class, $this->condition(...)),
                $plan->phases,
            ),
            $plan->curves,
            array_map($this->condition(...), $plan->conditions),
            $plan->ring === null
                ? null
                : $plan->ring->with(of: [$this->id($plan->ring->of[0]), $this->id($plan->ring->of[1])]),
            $plan->ownsShapes,
        );
    }

    /**
     * @return array<string, Step>|null the program's steps by the recipe's ids; null where they can't be told from one
     * another
     */
    private static function steps(PilotFunction $wanted, PilotFunction $is): ?array
    {
        if (! ($wanted instanceof SteppedFunction) || ! ($is instanceof SteppedFunction)) {
            return [];
        }
        $steps = [];
        foreach ($wanted->steps as $step) {
            $says = $step->means !== null && $step->means->word !== Meaning::OTHER;
            $same =
                $is->step($step->id) ??
                ($says
                    ? array_values(array_filter($is->steps, fn (Step $one): bool => $one->means == $step->means))[0] ??
                        null
                    : null);
            if ($same === null || in_array($same, $steps, true)) {
                return null;
            }
            $steps[$step->id] = $same;
        }

        return $steps;
    }

    private function function(PilotFunction $one): PilotFunction
    {
        $id = $this->id($one->id());
        if ($one instanceof ProportionalFunction) {
            return Walk::map($one->with(id: $id), Condition::class, $this->condition(...));
        }
        if (! ($one instanceof SteppedFunction)) {
            return $one;
        }
        $own = $this->steps[$one->id] ?? [];
        $steps = array_map(
            fn (Step $step): Step => isset($own[$step->id])
                ? $own[$step->id]->with(value: $step->value, means: $step->means)
                : $step,
            $one->steps,
        );
        $drive =
            $one->drive instanceof CaseDrive
                ? new CaseDrive(
                    array_map(
                        fn (DriveCase $case): DriveCase => $case->with(
                            when: $this->condition($case->when),
                            step: ($own[$case->step] ?? null)->id ?? $case->step,
                        ),
                        $one->drive->cases,
                    ),
                )
                : $one->drive;

        return $one->with(id: $id, drive: $drive, steps: $steps);
    }

    private function feed(Feed $feed): Feed
    {
        $source =
            $feed->source instanceof FunctionSource
                ? new FunctionSource($this->id($feed->source->function))
                : $feed->source;

        return Walk::map($feed->with(source: $source), Condition::class, $this->condition(...));
    }

    private function condition(Condition $condition): Condition
    {
        return ConditionTree::map(
            $condition,
            fn (Condition $one): Condition => match (true) {
                $one instanceof StepIs => new StepIs(
                    $this->id($one->function),
                    ($this->steps[$one->function][$one->step] ?? null)->id ?? $one->step,
                ),
                $one instanceof FunctionLevel => new FunctionLevel($this->id($one->function), $one->above, $one->level),
                default => $one,
            },
        ) ?? $condition;
    }

    private function id(string $id): string
    {
        return $this->ids[$id] ?? $id;
    }
}
