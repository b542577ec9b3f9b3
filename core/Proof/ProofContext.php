<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Space\Model;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Outcome;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Region;
use DuskSwitch\Core\Space\Search;
use DuskSwitch\Core\Space\Truth;

/** All that rules look at: the program with its equipment, and the answers of the state space. */
final class ProofContext
{
    /** Less than half a second for all the rules together, a second where the machine is slow. */
    private const BUDGET = 7_000_000;

    /** No question takes more of what is left. */
    private const SHARE = 0.55;

    /** The pulse at which a ground vehicle's motor stands still, in µs, and how far around it (common practice). */
    private const MIDDLE = 1500;

    private const NEUTRAL = 50;

    public readonly ControllerView $view;

    public readonly ControllerSetup $setup;

    public readonly Panel $panel;

    private ?Circuit $circuit = null;

    private ?Model $model = null;

    private readonly Budget $budget;

    /** @var list<Output>|null */
    private ?array $motors = null;

    public function __construct(
        public readonly Program $program,
        public readonly Transmitter $transmitter,
        public readonly ?Receiver $receiver,
        public readonly ?Controller $controller,
    ) {
        $this->setup = $controller?->setUp($program->aboard->controller) ?? $program->aboard->controller;
        $this->view = new ControllerView($this->setup, $controller->modes ?? []);
        $this->panel = Panel::of($program, $transmitter);
        $this->budget = new Budget(self::BUDGET);
    }

    /** The program, compiled. */
    public function circuit(): Circuit
    {
        return $this->circuit ??= Compiler::compile($this->program, $this->transmitter);
    }

    /** The program, ready for the state space. */
    public function model(): Model
    {
        return $this->model ??= new Model($this->circuit());
    }

    /** Whether something is so anywhere; a question that can't be decided says so. */
    public function ask(Question $question): Outcome
    {
        return (new Search($this->model(), $this->budget, self::SHARE))->answer($question);
    }

    /** How many steps of {@see Budget} the questions asked so far took. */
    public function steps(): int
    {
        return self::BUDGET - $this->budget->left();
    }

    /**
     * @return list<Output> that go to a motor, or may: an output without a role that the throttle has a say in counts
     */
    public function motors(): array
    {
        return $this->motors ??= array_values(
            array_filter(
                $this->program->outputs,
                fn (Output $one): bool => $one->role?->isMotor() ?? $this->mayBeMotor($one),
            ),
        );
    }

    /** The highest pulse at which a motor stands still, in µs. */
    public function low(): int
    {
        return $this->setup->low ?? ControllerSetup::LOW_MARK;
    }

    /**
     * @return array{int, int} the pulses between which a motor stands still, both inclusive, in µs: below the low mark;
     * on a ground vehicle around the middle
     */
    public function still(): array
    {
        return $this->isCentred() ? [self::MIDDLE - self::NEUTRAL, self::MIDDLE + self::NEUTRAL] : [0, $this->low()];
    }

    /** Where a motor runs, in words: "above 1050 µs". */
    public function running(): string
    {
        return $this->isCentred() ? 'outside of '.implode(' to ', $this->still()).' µs' : "above {$this->low()} µs";
    }

    /** Whether a motor runs, as bits of {@see Truth}. */
    public function runs(Observed $seen, int $channel): int
    {
        [$from, $to] = $this->still();
        $above = ControllerView::above($seen, $channel, $to);

        return $from === 0
            ? $above
            : Truth::either($above, Truth::not(ControllerView::above($seen, $channel, $from - 1)));
    }

    /** How far a motor may be from where it stands still, in µs. */
    public function farthest(Observed $seen, int $channel): float
    {
        $farthest = ControllerView::highest($seen, $channel);

        return $this->isCentred() && $seen->pulses($channel) !== []
            ? max($farthest - self::MIDDLE, self::MIDDLE - min(array_column($seen->pulses($channel), 0)))
            : $farthest;
    }

    /** Whether any motor runs, as bits of {@see Truth}. */
    public function turns(Observed $seen): int
    {
        $truth = Truth::FAILS;
        foreach ($this->motors() as $motor) {
            $truth = Truth::either($truth, $this->runs($seen, $motor->channel));
            if ($truth === Truth::HOLDS) {
                break;
            }
        }

        return $truth;
    }

    /** True where a motor stands still with its stick in the middle. */
    public function isCentred(): bool
    {
        return $this->program->family === Family::GroundVehicle;
    }

    /** How it's armed; null where that can't be known: a multirotor without its controller. */
    public function armedBy(): ?ArmedBy
    {
        $needsController = in_array($this->program->family, [Family::Multirotor, Family::TinyMultirotor], true);

        return $this->controller === null && $needsController ? null : $this->setup->arming->by ?? ArmedBy::Throttle;
    }

    /** True where a stabiliser flies the cyclic and the tail. */
    public function isStabilised(): bool
    {
        return $this->controller?->kind === ControllerKind::Stabiliser;
    }

    /** True where a rotor is governed: in its livelier phases the motor runs on with the stick low, as it should. */
    public function isGoverned(): bool
    {
        return $this->program->family === Family::Helicopter;
    }

    /**
     * A region with the throttle low, or in its middle where a motor stops there: its stick, and the dial or slider of
     * a throttle that isn't on the stick.
     */
    public function throttleLow(Region $region): Region
    {
        $rest = $this->panel->rest(Axis::Throttle);
        $low = $region->at($this->panel->axis(Axis::Throttle), $rest);
        foreach ($this->program->whose(Purpose::Throttle) as $function) {
            $drive = $function instanceof ProportionalFunction ? $function->drive : null;
            $input = $drive instanceof ControlDrive ? $this->panel->control($drive->control) : null;
            if ($input !== null && isset($region->spans[$input])) {
                $low = $low->at($input, $rest);
            }
        }

        return $low;
    }

    /** @return list<int> the inputs of switches and buttons that have a say in some channels */
    public function switches(int ...$channels): array
    {
        $inputs = $this->model()->dependency->inputs(
            ...array_map(fn (int $channel): string => "output:{$channel}", array_values($channels)),
        );

        return array_values(
            array_filter($inputs, fn (int $input): bool => ($this->model()->control($input)->detents ?? []) !== []),
        );
    }

    private function mayBeMotor(Output $output): bool
    {
        $throttle = array_map(fn ($one): string => "function:{$one->id()}", $this->program->whose(Purpose::Throttle));

        return array_filter(
            [...$throttle, 'axis:throttle'],
            fn (string $node): bool => $this->model()->dependency->hangs("output:{$output->channel}", $node),
        ) !== [];
    }
}
