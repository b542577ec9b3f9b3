<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\ByKey;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;

/** A function with named steps, each with a value: arm, flight mode, flaps. */
final readonly class SteppedFunction implements PilotFunction
{
    use WithFields;

    /**
     * @param  DetentDrive|CaseDrive|null  $drive  what chooses the step; null = nothing yet, it stays in its first step
     * @param  non-empty-list<Step>  $steps
     * @param  Purpose|null  $purpose  what it's for; null where nobody has said
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $name,
        #[ListOf(Step::class, most: 16, least: 1, each: 'a step', ranked: true)]
        public array $steps,
        #[Field(after: 'name')]
        public ?Purpose $purpose = null,
        #[ByKey(['cases' => CaseDrive::class], DetentDrive::class)]
        public DetentDrive|CaseDrive|null $drive = null,
    ) {}

    public function conditions(): array
    {
        return $this->drive instanceof CaseDrive
            ? array_map(fn (DriveCase $one): Condition => $one->when, $this->drive->cases)
            : [];
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

    /** The place of the first step that means that word of {@see Meaning}, or null. */
    public function whose(string $word): ?int
    {
        foreach ($this->steps as $index => $one) {
            if ($one->means?->is($word) === true) {
                return $index;
            }
        }

        return null;
    }

    /** The place of the first step of an arm function in which it is armed, or null. */
    public function armed(): ?int
    {
        foreach ($this->steps as $index => $one) {
            if ($one->means?->arms() === true) {
                return $index;
            }
        }

        return null;
    }

    /** The step of that id, or null. */
    public function step(string $id): ?Step
    {
        return $this->steps[$this->indexOf($id) ?? -1] ?? null;
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
