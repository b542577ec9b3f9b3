<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Ring;

/** What a recipe wants of a program: functions, surfaces, phases, and what they refer to. */
final readonly class Plan
{
    /**
     * @param  list<PilotFunction>  $functions  on their sticks; switched ones without a drive
     * @param  array<string, PreferredControl>  $wishes  the control that a function would like, by function id
     * @param  list<Surface>  $surfaces  in the order of their channels
     * @param  list<Phase>  $phases  beside the base
     * @param  array<string, Curve>  $curves
     * @param  array<string, Condition>  $conditions
     * @param  bool  $ownsShapes  true where rates, expo and curves are the recipe's to set, too
     * @param  ArmedBy|null  $armedBy  how the controller is armed, where no channel does it
     */
    public function __construct(
        public array $functions = [],
        public array $wishes = [],
        public array $surfaces = [],
        public array $phases = [],
        public array $curves = [],
        public array $conditions = [],
        public ?Ring $ring = null,
        public bool $ownsShapes = false,
        public ?ArmedBy $armedBy = null,
    ) {}

    /** This plan and others, one after another. */
    public function and(self ...$others): self
    {
        $sum = $this;
        foreach ($others as $one) {
            $sum = new self(
                [...$sum->functions, ...$one->functions],
                [...$sum->wishes, ...$one->wishes],
                [...$sum->surfaces, ...$one->surfaces],
                [...$sum->phases, ...$one->phases],
                [...$sum->curves, ...$one->curves],
                [...$sum->conditions, ...$one->conditions],
                $one->ring ?? $sum->ring,
                $sum->ownsShapes || $one->ownsShapes,
                $one->armedBy ?? $sum->armedBy,
            );
        }

        return $sum;
    }
}
