<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Tick;

/**
 * Asks the circuit itself whether something is so with a hand; where the program remembers, after a way of hands that
 * leads there.
 */
final readonly class CircuitCheck
{
    /** Ticks in which what must last has lasted; longer delays only put off what comes. */
    private const SETTLES = 400;

    /** Ticks that may go into finding the way to a memory. */
    private const MOST_TICKS = 12_000;

    public function __construct(private Model $model, private Question $question) {}

    /**
     * The witness; null where the circuit doesn't say so, or no way to the memory was found.
     *
     * @param  array<int, float>  $inputs  by input, those of memories and sensors among them
     * @param  list<int>  $matters
     */
    public function of(array $inputs, array $matters): ?Witness
    {
        $hand = array_map(fn (int $input): float => $inputs[$input] ?? 0.0, range(0, $this->model->panel->size() - 1));
        $telemetry = [];
        foreach ($this->model->memories->sensors as $sensor => $input) {
            if (($inputs[$this->model->memories->known[$sensor]] ?? 0.0) > 0.0) {
                $telemetry[$sensor] = $inputs[$input] ?? 0.0;
            }
        }
        if ($this->model->memories->isEmpty()) {
            return $this->settled($hand) ? new Witness($hand, $matters) : null;
        }
        $script = $this->way($hand, $telemetry);

        return $script === null ? null : new Witness($hand, $matters, $script, $telemetry);
    }

    /** How many ticks a hand is held until what must last has lasted. */
    public static function ticks(Circuit $circuit): int
    {
        return min(self::SETTLES, (int) ceil($circuit->settlesIn / Tick::SECONDS) + 3);
    }

    /** @param  list<float>  $hand */
    private function settled(array $hand): bool
    {
        return ($this->question->judge)($this->question->frames($this->model->circuit, $hand)) === Truth::HOLDS;
    }

    /**
     * Hands, one input changed at a time, after which it's so with the hand; found breadth first, so that the way is
     * short.
     *
     * @param  list<float>  $hand
     * @param  array<string, float>  $telemetry
     * @return list<list<float>>|null
     */
    private function way(array $hand, array $telemetry): ?array
    {
        $ticks = 0;
        $first = $this->hold($hand, null, $telemetry, $ticks);
        if ($this->confirms($hand, $first, $telemetry, $ticks)) {
            return [];
        }
        $rest = $this->model->panel->atRest();
        $queue = [[$rest, $this->hold($rest, null, $telemetry, $ticks), [$rest]]];
        $seen = [];
        $moves = $this->touches($hand);
        while ($queue !== [] && $ticks < self::MOST_TICKS) {
            [$at, $state, $way] = array_shift($queue);
            $there = $this->hold($hand, $state, $telemetry, $ticks);
            if ($this->confirms($hand, $there, $telemetry, $ticks)) {
                return $way;
            }
            foreach ($moves as [$input, $value]) {
                if ($at[$input] === $value) {
                    continue;
                }
                $next = array_values(array_replace($at, [$input => $value]));
                $after = $this->hold($next, $state, $telemetry, $ticks);
                $key =
                    implode(',', $next).
                    '|'.
                    implode(
                        '',
                        array_map(
                            fn (float|int $one): string => $one > 0 ? '1' : ($one < 0 ? '-' : '0'),
                            $after->state->memory,
                        ),
                    );
                if (! isset($seen[$key])) {
                    $seen[$key] = true;
                    $queue[] = [$next, $after, [...$way, $next]];
                }
            }
        }

        return null;
    }

    /**
     * @param  list<float>  $hand
     * @param  array<string, float>  $telemetry
     */
    private function confirms(array $hand, Tick $tick, array $telemetry, int &$ticks): bool
    {
        $seen = [new ObservedFrame($this->model->circuit, $tick->frame, $hand)];
        foreach ($this->question->moves as $move) {
            $at = $tick;
            foreach ($move->values as $value) {
                $at = $this->hold(
                    array_values(array_replace($hand, [$move->input => $value])),
                    $at,
                    $telemetry,
                    $ticks,
                );
            }
            $seen[] = new ObservedFrame(
                $this->model->circuit,
                $at->frame,
                array_values(array_replace($hand, [$move->input => $move->last()])),
            );
        }

        return ($this->question->judge)($seen) === Truth::HOLDS;
    }

    /**
     * @param  list<float>  $hand
     * @param  array<string, float>  $telemetry
     */
    private function hold(array $hand, ?Tick $before, array $telemetry, int &$ticks): Tick
    {
        $many = self::ticks($this->model->circuit);
        $tick = $this->model->circuit->tick($hand, $before?->state, $telemetry);
        for ($i = 1; $i < $many; $i++) {
            $tick = $this->model->circuit->tick($hand, $tick->state, $telemetry);
        }
        $ticks += $many;

        return $tick;
    }

    /**
     * What a hand can touch to change what is remembered: the inputs of conditions, and the values that tell something.
     *
     * @param  list<float>  $hand
     * @return list<array{int, float}>
     */
    private function touches(array $hand): array
    {
        $touches = [];
        $control = function (string $id, float ...$values) use (&$touches, $hand): void {
            $input = (int) $this->model->panel->control($id);
            $found = $this->model->transmitter->control($id);
            if ($found === null) {
                return;
            }
            foreach ($found->detents === [] ? [...$values, $hand[$input]] : Model::values($found) as $value) {
                $touches["{$input} {$value}"] = [$input, max(-1.0, min(1.0, $value))];
            }
        };
        $function = function (string $id) use ($control, &$touches): void {
            $found = $this->model->functions[$id] ?? null;
            $drive = $found instanceof ProportionalFunction || $found instanceof SteppedFunction ? $found->drive : null;
            if ($drive instanceof DetentDrive || $drive instanceof ControlDrive) {
                $control($drive->control, -1.0, 0.0, 1.0);
            } elseif ($drive instanceof AxisDrive) {
                foreach ([-1.0, 0.0, 1.0] as $value) {
                    $touches["{$drive->axis->value} {$value}"] = [$this->model->panel->axis($drive->axis), $value];
                }
            }
        };
        ConditionUsages::of($this->model->program, function ($one) use ($control, $function): bool {
            match (true) {
                $one instanceof ControlAt => $control($one->control),
                $one instanceof ControlLevel => $control($one->control, $one->level - 0.01, $one->level + 0.01),
                $one instanceof StepIs => $function($one->function),
                $one instanceof FunctionLevel => $function($one->function),
                default => null,
            };

            return false;
        });

        return array_values($touches);
    }
}
