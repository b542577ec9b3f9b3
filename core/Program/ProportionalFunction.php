<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;

/** A function that follows a stick, dial or slider, shaped by the active phase. */
final readonly class ProportionalFunction implements PilotFunction
{
    use WithFields;

    /**
     * @param  AxisDrive|ControlDrive|null  $drive  what moves it; null = nothing yet, it stays at 0
     * @param  float  $deadband  around the centre, 0 to 0.5
     * @param  array<string, Shape>  $shapes  by phase id; a phase without one takes the first phase's
     * @param  list<Override>  $overrides  the first that holds replaces the value
     * @param  Purpose|null  $purpose  what it's for; null where nobody has said
     * @param  list<DualRate>  $dualRates  the first that holds shapes it in place of the phase, at once
     */
    public function __construct(
        public string $id,
        public string $name,
        public AxisDrive|ControlDrive|null $drive,
        public float $deadband = 0.0,
        public array $shapes = [],
        public ?TrimRule $trim = null,
        public array $overrides = [],
        public ?Purpose $purpose = null,
        public array $dualRates = [],
    ) {}

    public function conditions(): array
    {
        return [
            ...array_map(fn (Override $one): Condition => $one->when, $this->overrides),
            ...array_map(fn (DualRate $one): Condition => $one->when, $this->dualRates),
        ];
    }

    /** @return list<Shape> those of phases, then those of dual rates */
    public function allShapes(): array
    {
        return [
            ...array_values($this->shapes),
            ...array_map(fn (DualRate $one): Shape => $one->shape, $this->dualRates),
        ];
    }

    public function for(?Purpose $purpose): self
    {
        return $this->with(purpose: $purpose);
    }

    public function purpose(): ?Purpose
    {
        return $this->purpose;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }
}
