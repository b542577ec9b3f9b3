<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;

/** Where a frame of the circuit has what a flight reads from it. */
final readonly class FlightSlots
{
    /** @var list<int> channels */
    public array $motors;

    /** @var list<int> their pulses in a frame */
    private array $motorSlots;

    /** @var list<int> where a frame has the pulses, in the order of the outputs */
    private array $outputSlots;

    /** @var array<string, int> where a frame has each function's value */
    private array $functionSlots;

    /** @var array<string, int> where the hand has each control */
    private array $controlSlots;

    /** @var array{int, list<int>}|null where a frame has the step of arm, and which steps arm */
    private ?array $arm;

    public function __construct(Circuit $circuit)
    {
        $program = $circuit->program;
        $this->motors = array_map(fn (Output $one): int => $one->channel, $program->motors());
        $this->outputSlots = array_map(
            fn (Output $one): int => (int) $circuit->layout->output($one->channel) + 1,
            $program->outputs,
        );
        $functions = array_map(fn (PilotFunction $one): string => $one->id(), $program->functions);
        $this->functionSlots = array_combine(
            $functions,
            array_map(fn (string $id): int => (int) $circuit->layout->function($id), $functions),
        );
        $controls = array_column($circuit->panel->transmitter->controls, 'id');
        $this->controlSlots = array_combine(
            $controls,
            array_map(fn (string $id): int => (int) $circuit->panel->control($id), $controls),
        );
        $this->motorSlots = array_map(
            fn (int $channel): int => (int) $circuit->layout->output($channel) + 1,
            $this->motors,
        );
        $arm = $program->whose(Purpose::Arm)[0] ?? null;
        $armed = [];
        foreach ($arm instanceof SteppedFunction ? $arm->steps : [] as $place => $step) {
            if ($step->means?->arms() === true) {
                $armed[] = $place;
            }
        }
        $this->arm =
            $arm === null || $armed === [] ? null : [(int) $circuit->layout->function($arm->id()) + 1, $armed];
    }

    /** @return array<string, float> each function's value, by id */
    public function functions(Frame $frame): array
    {
        $values = [];
        foreach ($this->functionSlots as $id => $slot) {
            $values[$id] = round($frame->slots[$slot], 4);
        }

        return $values;
    }

    /**
     * @param  array<int, float>  $hand
     * @return array<string, float> where each control stands, by id
     */
    public function controls(array $hand): array
    {
        $controls = [];
        foreach ($this->controlSlots as $id => $slot) {
            $controls[$id] = $hand[$slot];
        }

        return $controls;
    }

    /** @return list<int> µs in the order of the outputs */
    public function pulses(Frame $frame): array
    {
        $pulses = [];
        foreach ($this->outputSlots as $slot) {
            $pulses[] = (int) $frame->slots[$slot];
        }

        return $pulses;
    }

    /** True where the step of arm arms, or no function does. */
    public function isArmed(Frame $frame): bool
    {
        return $this->arm === null || in_array($frame->slots[$this->arm[0]], $this->arm[1], true);
    }

    /** True where a motor turns, or the program moves none. */
    public function runs(Frame $frame, FlightModel $model): bool
    {
        foreach ($this->motorSlots as $slot) {
            if ($model->turns($frame->slots[$slot])) {
                return true;
            }
        }

        return $this->motorSlots === [];
    }
}
