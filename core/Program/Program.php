<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\ByKey;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\MapOf;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Telemetry\TelemetryPlan;

/** A transmitter program: what the pilot means, by which control, on which channels. Immutable. */
final readonly class Program implements Checked
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
        #[Text]
        public string $name,
        public Family $family,
        #[Id(Names::Transmitter)]
        public string $transmitter,
        #[Field(always: true, after: 'family', says: '1 to 4; 2 where it is missing')]
        public StickMode $stickMode = StickMode::Two,
        #[Id(Names::Receiver)]
        public ?string $receiver = null,
        #[Id(Names::Controller)]
        public ?string $controller = null,
        #[Text(4000, mayBeEmpty: true)]
        public string $notes = '',
        #[ListOf(Phase::class, most: self::MOST_PHASES, least: 1, each: 'a phase', ranked: true)]
        #[Field(always: true, says: 'the first is the base and has no condition')]
        public array $phases = [new Phase(id: 'main', name: 'Main')],
        #[ListOf(
            new ByKey(['steps' => SteppedFunction::class], ProportionalFunction::class),
            most: 64,
            each: 'a function',
        )]
        #[Field(always: true)]
        public array $functions = [],
        #[ListOf(Output::class, most: 32, each: 'an output on channel', by: 'channel'), Field(always: true)]
        public array $outputs = [],
        #[MapOf(Curve::class, most: 64, key: 'id')]
        public array $curves = [],
        #[MapOf(Condition::class, most: 64)]
        public array $conditions = [],
        #[Field(after: 'ring')]
        public ?AppliedRecipe $recipe = null,
        public ?Ring $ring = null,
        public ?TrainingPlan $ladder = null,
        public Installation $aboard = new Installation(),
        public TelemetryPlan $sense = new TelemetryPlan(),
        #[Field(apart: true)]
        public bool $migrated = false,
        #[Field(after: 'ladder', says: "a student's transmitter, joined to this one")]
        public ?TrainerLink $trainer = null,
    ) {}

    public function check(JsonCursor $node): static
    {
        foreach (array_slice($node->at('phases')?->each() ?? [], 0, self::MOST_PHASES) as $index => $phase) {
            $when = $phase->at('when');
            if ($index === 0 && $when !== null) {
                $when->fault('the first phase is the base: it is active where no other is, so it has no condition');
            } elseif ($index > 0 && $when === null) {
                $phase->fault('say when this phase is active; only the first phase has no condition');
            }
        }

        return $this;
    }

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
