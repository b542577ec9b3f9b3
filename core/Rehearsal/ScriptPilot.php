<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Signal\State;

/** The hand at the switches and buttons during a rehearsal: does what a script asks for, whatever drives it. */
final class ScriptPilot
{
    /** @var array<string, string> each function's step, as last seen */
    private array $steps = [];

    /** A press that is going on. */
    private ?ButtonPress $press = null;

    /** How many ticks of it are over. */
    private int $over = 0;

    public function __construct(private readonly Circuit $circuit) {}

    /** Looks at where every function is. */
    public function sees(Frame $frame): void
    {
        $this->steps = $frame->steps();
    }

    /**
     * Does what a leg of the script asks for as it begins.
     *
     * @param  list<float>  $hand
     * @param  State|null  $state  what the circuit remembers
     * @param  array<string, float>  $telemetry
     * @return list<float> the hand, with switches moved
     */
    public function follow(Leg $leg, array $hand, ?State $state, array $telemetry): array
    {
        foreach ($leg->does as $function => $wanted) {
            foreach (ScriptedStep::of($this->circuit->program, $function, $wanted) as $step) {
                $hand = $this->reach($hand, $step, $state, $telemetry);
            }
        }

        foreach ($leg->hands as $id => $to) {
            $hand = $this->put($hand, $id, $to);
        }

        return $hand;
    }

    /**
     * The hand with one control put somewhere; a button is pressed for a moment.
     *
     * @param  list<float>  $hand
     * @return list<float>
     */
    private function put(array $hand, string $id, string|float $to): array
    {
        $control = $this->circuit->panel->transmitter->control($id);
        $slot = $this->circuit->panel->control($id);
        $value = is_float($to) ? $to : $control?->valueOf($to);
        if ($control === null || $slot === null || $value === null) {
            return $hand;
        }
        if ($control->kind === ControlKind::Button && $to === 'pressed') {
            [$this->press, $this->over] = [ButtonPress::short($slot, $value, $hand[$slot]), 0];

            return $hand;
        }
        $hand[$slot] = $value;

        return array_values($hand);
    }

    /** @return list<string> what a leg asks for that functions of the program have not */
    public function misses(Leg $leg): array
    {
        $unknown = fn (string $function, string|float $wanted): ?string => PilotAction::unknown(
            $this->circuit->program,
            $function,
            $wanted,
        );

        $transmitter = $this->circuit->panel->transmitter;
        $missing = fn (string $id, string|float $to): ?string => match (true) {
            $transmitter->control($id) === null => "{$transmitter->name} has no control “{$id}”; it has ".
                $transmitter->controlsInWords(),
            is_string($to) && $transmitter->control($id)->valueOf($to) === null => "{$transmitter->control($id)->name} ".
                "has no position “{$to}”",
            default => null,
        };

        return array_values(
            array_filter([
                ...array_map($unknown, array_keys($leg->does), $leg->does),
                ...array_map($missing, array_keys($leg->hands), $leg->hands),
            ]),
        );
    }

    /**
     * Moves the one switch that does it, else begins to press a button.
     *
     * @param  list<float>  $hand
     * @param  State|null  $state  what the circuit remembers
     * @param  array<string, float>  $telemetry
     * @return list<float> the hand, with the switch moved
     */
    private function reach(array $hand, ScriptedStep $step, ?State $state, array $telemetry): array
    {
        if (($this->steps[$step->function] ?? null) === $step->wanted) {
            return $hand;
        }
        $moved = PilotAction::reach($this->circuit, $hand, $step->function, $step->wanted);
        $press =
            is_float($step->wanted) || $moved !== $hand
                ? null
                : ButtonPress::reaching($this->circuit, $hand, $state, $telemetry, $step);
        if ($press !== null) {
            [$this->press, $this->over] = [$press, 0];
        }

        return $moved;
    }

    /**
     * The hand a tick later: a press goes on.
     *
     * @param  array<int, float>  $hand
     * @return array<int, float>
     */
    public function goOn(array $hand): array
    {
        if ($this->press !== null) {
            $hand[$this->press->slot] = $this->press->values[$this->over++];
            $this->press = isset($this->press->values[$this->over]) ? $this->press : null;
        }

        return $hand;
    }
}
