<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\State;

/** A press of a button that brings a function to a step: short, long or double. */
final readonly class ButtonPress
{
    /** Ticks of a short press, and of the pause between two (common practice: a fifth of a second). */
    private const SHORT = 10;

    /** Ticks of long presses: a good second, two, three. */
    private const LONG = [60, 110, 160];

    /** Ticks until what counts presses knows that no more comes. */
    private const AFTER = 60;

    /**
     * @param  int  $slot  of the button in the hand
     * @param  list<float>  $values  where the button is, tick by tick
     */
    private function __construct(public int $slot, public array $values) {}

    /**
     * A short press of a button.
     *
     * @param  int  $slot  of the button in the hand
     */
    public static function short(int $slot, float $down, float $up): self
    {
        return new self($slot, self::presses($down, $up)[0]);
    }

    /**
     * The shortest press that gets a function from where it is to a step and leaves it there; null where none does.
     *
     * @param  list<float>  $hand
     * @param  State|null  $state  what the circuit remembers
     * @param  array<string, float>  $telemetry
     */
    public static function reaching(
        Circuit $circuit,
        array $hand,
        ?State $state,
        array $telemetry,
        ScriptedStep $wanted,
    ): ?self {
        foreach ($circuit->panel->transmitter->controls as $control) {
            if ($control->kind !== ControlKind::Button) {
                continue;
            }
            $slot = (int) $circuit->panel->control($control->id);
            foreach (self::presses($control->valueOf('pressed') ?? 1.0, $hand[$slot]) as $values) {
                $press = new self($slot, $values);
                if ($press->ends($circuit, $hand, $state, $telemetry)[$wanted->function] === $wanted->wanted) {
                    return $press;
                }
            }
        }

        return null;
    }

    /** @return list<list<float>> from the shortest to the longest */
    private static function presses(float $down, float $up): array
    {
        $hold = fn (int $ticks): array => [...array_fill(0, $ticks, $down), ...array_fill(0, self::SHORT, $up)];

        return [
            $hold(self::SHORT),
            [...$hold(self::SHORT), ...$hold(self::SHORT)],
            ...array_map($hold, self::LONG),
        ];
    }

    /**
     * @param  list<float>  $hand
     * @param  array<string, float>  $telemetry
     * @return array<string, string> each function's step once the press is over
     */
    private function ends(Circuit $circuit, array $hand, ?State $state, array $telemetry): array
    {
        $frame = $circuit->frame($hand);
        foreach ([...$this->values, ...array_fill(0, self::AFTER, $hand[$this->slot])] as $value) {
            $tick = $circuit->tick(array_values(array_replace($hand, [$this->slot => $value])), $state, $telemetry);
            [$state, $frame] = [$tick->state, $tick->frame];
        }

        return $frame->steps();
    }
}
