<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;

/** A function that follows a stick, dial or slider, shaped by the active phase. */
final readonly class ProportionalFunction implements PilotFunction
{
    /**
     * @param  AxisDrive|ControlDrive|null  $drive  what moves it; null = nothing yet, it stays at 0
     * @param  float  $deadband  around the centre, 0 to 0.5
     * @param  array<string, Shape>  $shapes  by phase id; a phase without one takes the first phase's
     * @param  list<Override>  $overrides  the first that holds replaces the value
     * @param  Purpose|null  $purpose  what it's for; null where nobody has said
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
    ) {}

    /**
     * The same function with other shapes.
     *
     * @param  array<string, Shape>  $shapes  by phase id
     */
    public function shaped(array $shapes): self
    {
        return new self($this->id, $this->name, $this->drive, $this->deadband, $shapes, $this->trim, $this->overrides, $this->purpose);
    }

    /** The same function with another dead band, 0 to 0.5. */
    public function deadened(float $deadband): self
    {
        return new self($this->id, $this->name, $this->drive, $deadband, $this->shapes, $this->trim, $this->overrides, $this->purpose);
    }

    /** The same function, moved by something else. */
    public function driven(AxisDrive|ControlDrive|null $drive): self
    {
        return new self($this->id, $this->name, $drive, $this->deadband, $this->shapes, $this->trim, $this->overrides, $this->purpose);
    }

    /** The same function with another trim, or none. */
    public function trimmed(?TrimRule $trim): self
    {
        return new self($this->id, $this->name, $this->drive, $this->deadband, $this->shapes, $trim, $this->overrides, $this->purpose);
    }

    /**
     * The same function with other overrides.
     *
     * @param  list<Override>  $overrides
     */
    public function overridden(array $overrides): self
    {
        return new self($this->id, $this->name, $this->drive, $this->deadband, $this->shapes, $this->trim, $overrides, $this->purpose);
    }

    public function for(?Purpose $purpose): self
    {
        return new self($this->id, $this->name, $this->drive, $this->deadband, $this->shapes, $this->trim, $this->overrides, $purpose);
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
