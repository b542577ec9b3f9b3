<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;

/** A function with named steps, each with a value: arm, flight mode, flaps. */
final readonly class SteppedFunction implements PilotFunction
{
    /**
     * @param  DetentDrive|CaseDrive|null  $drive  what chooses the step; null = nothing yet, it stays in its first step
     * @param  non-empty-list<Step>  $steps
     */
    public function __construct(
        public string $id,
        public string $name,
        public DetentDrive|CaseDrive|null $drive,
        public array $steps,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    /** The place of a step in the list, or null. */
    public function indexOf(string $step): ?int
    {
        foreach ($this->steps as $index => $one) {
            if ($one->id === $step) {
                return $index;
            }
        }

        return null;
    }
}
