<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Curve\Answer;
use DuskSwitch\Core\Signal\Curve\Smooth;
use DuskSwitch\Core\Signal\Curve\Straight;
use DuskSwitch\Core\Signal\Panel;

/** A program, ready to be looked at in regions. */
final class Model
{
    public readonly Program $program;

    public readonly Transmitter $transmitter;

    public readonly Panel $panel;

    public readonly MemoryInputs $memories;

    public readonly Dependency $dependency;

    /** @var array<string, PilotFunction> by id */
    public readonly array $functions;

    /** @var array<int, Output> by channel */
    public readonly array $outputs;

    /** @var array<string, int> the place of a phase, by id */
    public readonly array $phases;

    /** @var array<string, Answer> by id */
    private array $curves = [];

    /** @param  Circuit  $circuit  of the program: what compiles has no cycle and names nothing that isn't there */
    public function __construct(public readonly Circuit $circuit)
    {
        $this->program = $circuit->program;
        $this->panel = $circuit->panel;
        $this->transmitter = $circuit->panel->transmitter;
        $this->memories = new MemoryInputs($this->program, $this->panel->size());
        $this->dependency = new Dependency($this->program, $this->panel);
        $functions = [];
        foreach ($this->program->functions as $function) {
            $functions[$function->id()] = $function;
        }
        $this->functions = $functions;
        $this->outputs = array_column($this->program->outputs, null, 'channel');
        $this->phases = array_flip(array_column($this->program->phases, 'id'));
    }

    /** Everything that the hand, the memory and the sensors can be. */
    public function everything(): Region
    {
        $points = $spans = [];
        foreach (Axis::cases() as $axis) {
            $spans[$this->panel->axis($axis)] = [-1.0, 1.0];
            foreach ($this->panel->trims($axis) as $trim) {
                $spans[$trim] = [-1.0, 1.0];
            }
        }
        foreach ($this->transmitter->controls as $control) {
            $input = (int) $this->panel->control($control->id);
            if ($control->detents === []) {
                $spans[$input] = [-1.0, 1.0];
            } else {
                $points[$input] = self::values($control);
            }
        }

        return $this->memories->region(new Region($points, $spans));
    }

    /**
     * Everything at rest as at power-up: dials, sliders and trims anywhere, as they have no rest; nothing remembered,
     * sensors any way.
     */
    public function powerUp(): Region
    {
        $hand = $this->everything();
        [$points, $spans] = [$hand->points, $hand->spans];
        foreach (Axis::cases() as $axis) {
            $spans[$this->panel->axis($axis)] = [$this->panel->rest($axis), $this->panel->rest($axis)];
        }
        foreach ($this->transmitter->controls as $control) {
            if ($control->detents !== []) {
                $points[(int) $this->panel->control($control->id)] = [$control->restValue()];
            }
        }

        return $this->memories->region(new Region($points, $spans), false);
    }

    /**
     * @return non-empty-list<float> the values of a switch or a button, rest first, so that what is found first is near
     * it
     */
    public static function values(Control $control): array
    {
        $values = array_map(
            fn (string $detent): float => (float) $control->valueOf($detent),
            array_reverse($control->detents),
        );

        return array_values(array_unique([$control->restValue(), ...$values]));
    }

    /** The control at an input; null for sticks, trims, memories and sensors. */
    public function control(int $input): ?Control
    {
        return $this->panel->controlAt($input);
    }

    /** The curve of that id. */
    public function curve(string $id): Answer
    {
        $curve = $this->program->curves[$id];

        return $this->curves[$id] ??= $curve->smooth ? new Smooth($curve) : new Straight($curve);
    }
}
