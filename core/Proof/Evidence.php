<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\Needs;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Signal\States;

/** All that rules look at: the program with its kit, how far each output goes, and the states that matter for arming and modes. */
final class Evidence
{
    /** Memory for more is more than an answer has. */
    private const MOST_MOMENTS = 40_000;

    public readonly Plain $plain;

    public readonly Panel $panel;

    /** @var array<int, Reach> */
    private array $reaches = [];

    private ?Circuit $circuit = null;

    /** @var list<Moment>|null */
    private ?array $moments = null;

    private bool $hasAllMoments = true;

    private readonly Budget $reaching;

    public readonly ControllerSetup $setup;

    public function __construct(
        public readonly Program $program,
        public readonly Transmitter $transmitter,
        public readonly ?Receiver $receiver,
        public readonly ?Controller $controller,
    ) {
        $this->plain = new Plain($program, $transmitter);
        $this->panel = new Panel($this->plain->transmitter);
        $this->reaching = new Budget;
        $this->setup = $controller?->setUp($program->aboard->controller) ?? $program->aboard->controller;
    }

    /** The whole program, its memory as switches. */
    public function circuit(): Circuit
    {
        return $this->circuit ??= Compiler::compile($this->plain->program, $this->plain->transmitter);
    }

    /** How far an output goes. */
    public function reach(int $channel): Reach
    {
        return $this->reaches[$channel] ??= Reach::of($this->plain->program, $this->plain->transmitter, $channel, $this->panel, $this->reaching);
    }

    /** @return list<Slot> the controller's slots as they are set */
    public function slots(): array
    {
        return $this->setup->modes ?? [];
    }

    /** @return list<Slot> those of which exactly one must be active */
    public function flightSlots(): array
    {
        return array_values(array_filter($this->slots(), fn (Slot $slot): bool => $this->controller?->modes[$slot->mode]->flight ?? false));
    }

    /** @return list<Output> those that a motor or its speed controller listens to */
    public function motors(): array
    {
        return $this->program->motors();
    }

    /** True where the kit says when it's armed: a multirotor is armed by its controller, others by their motor's channel where they have none. */
    public function knowsArming(): bool
    {
        return $this->controller !== null || ! in_array($this->program->family, [Family::Multirotor, Family::TinyMultirotor], true);
    }

    /** True where a stabiliser flies the cyclic and the tail. */
    public function isStabilised(): bool
    {
        return $this->controller?->kind === ControllerKind::Stabiliser;
    }

    /**
     * Every position of the switches that have a say in arming, flight modes, motors or phases, sticks at rest.
     *
     * @return list<Moment>
     */
    public function moments(): array
    {
        if ($this->moments !== null) {
            return $this->moments;
        }
        $cone = $this->momentCone();
        $circuit = Compiler::compile($cone->part(), $this->plain->transmitter);
        $motors = array_column($this->motors(), 'channel');
        $this->moments = [];
        $this->hasAllMoments = $cone->size() <= self::MOST_MOMENTS && (new Budget)->affords(2.0 * $cone->size() * $circuit->cost());
        foreach (! $this->hasAllMoments ? [] : States::each($this->panel->atRest(), $cone->positions) as $inputs) {
            $full = $inputs;
            $full[$this->panel->axis(Axis::Throttle)] = 1.0;
            $this->moments[] = Moment::of($this, $circuit, $inputs, array_values($full), $motors);
        }

        return $this->moments;
    }

    /** False where there are too many positions to go through: then there are no moments. */
    public function hasAllMoments(): bool
    {
        $this->moments();

        return $this->hasAllMoments;
    }

    /** All that has a say in the moments. */
    public function momentCone(): Cone
    {
        $channels = [...array_column($this->motors(), 'channel'), ...array_column($this->flightSlots(), 'channel'), ...$this->setup->arming?->channels() ?? []];
        $there = array_filter(array_unique($channels), fn (int $channel): bool => $this->program->output($channel) !== null);

        return new Cone($this->plain->program, $this->panel, [Needs::PHASE, ...array_map(fn (int $channel): string => "output:{$channel}", array_values($there))]);
    }

    /** The name of a mode. */
    public function modeName(string $mode): string
    {
        return $this->controller?->modes[$mode]->name ?? $mode;
    }
}
