<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Telemetry\TelemetryPlan;

/** A transmitter program: what the pilot means, by which control, on which channels. Immutable. */
final readonly class Program implements Part
{
    use WithFields;

    /** More than a switch with sixteen positions could choose. */
    public const MOST_PHASES = 16;

    /**
     * @param  string  $transmitter  the id of a transmitter in Equipment
     * @param  non-empty-list<Phase>  $phases
     * @param  list<PilotFunction>  $functions
     * @param  list<Output>  $outputs  in the order of the document
     * @param  array<string, Curve>  $curves
     * @param  array<string, Condition>  $conditions
     * @param  AppliedRecipe|null  $recipe  the airframe recipe that wrote its mixing last
     * @param  Ring|null  $ring  what holds two functions together inside a circle
     * @param  TrainingPlan|null  $ladder  a learner's planned steps
     * @param  Installation  $aboard  the kit's settings and what was decided about them
     * @param  TelemetryPlan  $sense  what it senses, and what is said of it
     * @param  TrainerLink|null  $trainer  null where no student flies
     * @param  bool  $migrated  true where its purposes and roles were derived from a document of version 1, which
     *              didn't say them
     */
    public function __construct(
        public string $name,
        public Family $family,
        public StickMode $stickMode,
        public string $transmitter,
        public ?string $receiver,
        public ?string $controller,
        public string $notes,
        public array $phases,
        public array $functions,
        public array $outputs,
        public array $curves,
        public array $conditions,
        public ?AppliedRecipe $recipe = null,
        public ?Ring $ring = null,
        public ?TrainingPlan $ladder = null,
        public Installation $aboard = new Installation(),
        public TelemetryPlan $sense = new TelemetryPlan(),
        public bool $migrated = false,
        public ?TrainerLink $trainer = null,
    ) {}

    /** The function of that id, or null. */
    public function function(string $id): ?PilotFunction
    {
        foreach ($this->functions as $function) {
            if ($function->id() === $id) {
                return $function;
            }
        }

        return null;
    }

    /** @return list<PilotFunction> those that are for one of these purposes */
    public function whose(Purpose ...$purposes): array
    {
        return array_values(
            array_filter($this->functions, fn (PilotFunction $one): bool => in_array($one->purpose(), $purposes, true)),
        );
    }

    /** @return list<Output> those that go to a motor or its speed controller, or ask a controller for throttle */
    public function motors(): array
    {
        return array_values(array_filter($this->outputs, fn (Output $one): bool => $one->role?->isMotor() ?? false));
    }

    /** The output on that channel, or null. */
    public function output(int $channel): ?Output
    {
        foreach ($this->outputs as $output) {
            if ($output->channel === $channel) {
                return $output;
            }
        }

        return null;
    }

    /** The phase that is active where no other is. */
    public function base(): Phase
    {
        return $this->phases[0];
    }

    /** The same program under another name. */
    public function named(string $name): self
    {
        return $this->with(name: $name);
    }
}
