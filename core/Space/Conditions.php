<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\SteppedFunction;

/**
 * What conditions may be anywhere in a region, settled: what must last has lasted, no tap is under way. A toggle or a
 * latch is what it remembers; after a move it's what the move makes of it.
 */
final class Conditions
{
    /** @var array<string, int> */
    private array $named = [];

    /** @var array<int, int> of latches, by the input of their bit */
    private array $latched = [];

    public function __construct(private readonly Bounds $bounds, private readonly ?self $before) {}

    /** What a condition may be, as bits of {@see Truth}. */
    public function truth(Condition $condition): int
    {
        $this->bounds->splits->cost++;

        return match (true) {
            $condition instanceof Named => ($this->named[$condition->name] ??= $this->truth(
                $this->bounds->model->program->conditions[$condition->name],
            )),
            $condition instanceof ControlAt => $this->detent($condition),
            $condition instanceof ControlLevel => $this->level(
                (int) $this->bounds->model->panel->control($condition->control),
                $condition->above,
                $condition->level,
            ),
            $condition instanceof FunctionLevel => $this->value($condition),
            $condition instanceof StepIs => $this->step($condition),
            $condition instanceof PhaseIs => Truth::among(
                $this->bounds->phases(),
                $this->bounds->model->phases[$condition->phase] ?? null,
            ),
            $condition instanceof SensorLevel => $this->sensor($condition),
            $condition instanceof All => $this->joined($condition->of, true),
            $condition instanceof Any => $this->joined($condition->of, false),
            $condition instanceof Not => Truth::not($this->truth($condition->of)),
            $condition instanceof Held => $this->truth($condition->of),
            $condition instanceof Latch => $this->latch($condition),
            $condition instanceof Toggle => $this->toggle($condition),
            default => Truth::FAILS,
        };
    }

    /** @param  non-empty-list<Condition>  $conditions */
    private function joined(array $conditions, bool $all): int
    {
        $truth = $all ? Truth::HOLDS : Truth::FAILS;
        foreach ($conditions as $one) {
            $truth = $all ? Truth::both($truth, $this->truth($one)) : Truth::either($truth, $this->truth($one));
            if ($truth === ($all ? Truth::FAILS : Truth::HOLDS)) {
                break;
            }
        }

        return $truth;
    }

    private function detent(ControlAt $condition): int
    {
        $input = (int) $this->bounds->model->panel->control($condition->control);
        $wanted = $this->bounds->model->transmitter->control($condition->control)?->valueOf($condition->detent);
        $truth = 0;
        foreach ($this->bounds->region->points[$input] ?? [0.0] as $value) {
            $truth |= Truth::of($value === $wanted);
        }
        if ($truth === Truth::EITHER) {
            $this->bounds->splits->point($input);
        }

        return $truth;
    }

    private function level(int $input, bool $above, float $level): int
    {
        $truth = self::compared($this->bounds->input($input), $above, $level);
        if ($truth === Truth::EITHER) {
            isset($this->bounds->region->points[$input])
                ? $this->bounds->splits->point($input)
                : $this->bounds->splits->level($input, $level);
        }

        return $truth;
    }

    private function value(FunctionLevel $condition): int
    {
        $truth = self::compared($this->bounds->value($condition->function), $condition->above, $condition->level);
        if ($truth === Truth::EITHER) {
            $this->bounds->follows($condition->function);
            ThresholdFinder::note(
                $this->bounds,
                $condition->function,
                fn (array $value): int => self::compared($value, $condition->above, $condition->level),
            );
        }

        return $truth;
    }

    /** @param  non-empty-list<array{float, float}>  $spans */
    private static function compared(array $spans, bool $above, float $level): int
    {
        $truth = 0;
        foreach ($spans as [$low, $high]) {
            $truth |= $above
                ? Truth::may($high > $level, $low <= $level)
                : Truth::may($low < $level, $high >= $level);
        }

        return $truth;
    }

    private function step(StepIs $condition): int
    {
        $function = $this->bounds->model->functions[$condition->function] ?? null;

        return Truth::among(
            $this->bounds->steps($condition->function),
            $function instanceof SteppedFunction ? $function->indexOf($condition->step) : null,
        );
    }

    private function sensor(SensorLevel $condition): int
    {
        $memories = $this->bounds->model->memories;
        $known = $this->bit($memories->known[$condition->sensor]);
        $truth = $known & Truth::FAILS ? Truth::UNKNOWN : 0;
        if (($known & Truth::HOLDS) === 0) {
            return $truth;
        }
        $input = $memories->sensors[$condition->sensor];
        [$low, $high] = $this->bounds->region->spans[$input];
        // Between its level and where it is back by the hysteresis, it's what it was.
        [$from, $to] = $condition->above
            ? [$condition->level - $condition->hysteresis, $condition->level]
            : [$condition->level, $condition->level + $condition->hysteresis];
        $beyond = $condition->above ? $high > $to : $low < $from;
        $back = $condition->above ? $low < $from : $high > $to;
        $between = $low <= $to && $high >= $from;
        $truth |= Truth::may($beyond, $back);
        if (($beyond ? 1 : 0) + ($back ? 1 : 0) + ($between ? 1 : 0) > 1) {
            $this->bounds->splits->level($input, $low < $from && $high >= $from ? $from : $to);
        }

        return $between ? $truth | $this->bit((int) $memories->bit($condition)) : $truth;
    }

    private function bit(int $input): int
    {
        $truth = 0;
        foreach ($this->bounds->region->points[$input] as $value) {
            $truth |= Truth::of($value > 0.0);
        }
        if ($truth === Truth::EITHER) {
            $this->bounds->splits->point($input);
        }

        return $truth;
    }

    private function toggle(Toggle $condition): int
    {
        $bit = (int) $this->bounds->model->memories->bit($condition);
        if ($this->before === null) {
            return $this->bit($bit);
        }
        if (isset($this->latched[$bit])) {
            return $this->latched[$bit];
        }
        $was = $this->before->truth($condition);
        $rises = $this->rises($condition->of, $this->before);

        return $this->latched[$bit] =
            ($rises & Truth::FAILS ? $was : 0) | ($rises & Truth::HOLDS ? Truth::not($was) : 0);
    }

    private function latch(Latch $condition): int
    {
        $bit = (int) $this->bounds->model->memories->bit($condition);
        if (isset($this->latched[$bit])) {
            return $this->latched[$bit];
        }
        // While something is unknown, nothing is set and nothing reset.
        $is = fn (int $truth): int => $truth & Truth::UNKNOWN ? ($truth & Truth::HOLDS) | Truth::FAILS : $truth;
        $set = $is($this->pulsed($condition->set));
        $reset = $is($this->pulsed($condition->reset));
        $was = $this->before === null ? $this->bit($bit) : $this->before->truth($condition);

        return $this->latched[$bit] = Truth::both(Truth::not($reset), Truth::either($set, $was));
    }

    /** Whether a condition holds, or held for a moment since the move: a tap. */
    private function pulsed(Condition $condition): int
    {
        $truth = $this->truth($condition);

        return $this->before !== null && self::taps($condition)
            ? Truth::either($truth, $this->rises($condition, $this->before))
            : $truth;
    }

    /** Whether a condition began to hold with the move. */
    private function rises(Condition $condition, self $before): int
    {
        if ($condition instanceof Taps) {
            return $condition->count === 1 ? $this->rises($condition->of, $before) : Truth::FAILS;
        }
        if (self::taps($condition)) {
            return Truth::EITHER;
        }
        [$was, $is] = [$before->truth($condition), $this->truth($condition)];
        $rises = ($was & Truth::FAILS) !== 0 && ($is & Truth::HOLDS) !== 0;

        return Truth::may($rises, $was !== Truth::FAILS || $is !== Truth::HOLDS);
    }

    private static function taps(Condition $condition): bool
    {
        return array_filter(ConditionTree::all($condition), fn (Condition $one): bool => $one instanceof Taps) !== [];
    }
}
