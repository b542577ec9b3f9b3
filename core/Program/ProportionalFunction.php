<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\ByKey;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\MapOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;

/** A function that follows a stick, dial or slider, shaped by the active phase. */
final readonly class ProportionalFunction implements PilotFunction
{
    use WithFields;

    private const NO_STEPS = 'a proportional function is driven by an axis or a control; "map" and "cases" are for a '.
        'function with steps';

    /**
     * @param  AxisDrive|ControlDrive|null  $drive  what moves it; null = nothing yet, it stays at 0
     * @param  float  $deadband  around the centre, 0 to 0.5
     * @param  array<string, Shape>  $shapes  by phase id; a phase without one takes the first phase's
     * @param  list<Override>  $overrides  the first that holds replaces the value
     * @param  Purpose|null  $purpose  what it's for; null where nobody has said
     * @param  list<DualRate>  $dualRates  the first that holds shapes it in place of the phase, at once
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $name,
        public ?Purpose $purpose = null,
        #[ByKey(['axis' => AxisDrive::class], ControlDrive::class, never: ['map', 'cases'], because: self::NO_STEPS)]
        public AxisDrive|ControlDrive|null $drive = null,
        #[Number(0, 0.5)]
        public float $deadband = 0.0,
        public ?TrimRule $trim = null,
        #[MapOf(Shape::class, most: 16, keys: Names::Phase), Field(key: 'shape', says: "by phase id; a phase without one takes the first phase's")]
        public array $shapes = [],
        #[ListOf(DualRate::class, most: 8), Field(says: 'the first whose condition holds shapes it in place of the phase')]
        public array $dualRates = [],
        #[ListOf(Override::class, most: 16), Field(key: 'override')]
        public array $overrides = [],
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
