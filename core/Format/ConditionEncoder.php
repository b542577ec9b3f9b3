<?php

namespace DuskSwitch\Core\Format;

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
use LogicException;

/** Writes a condition. */
final class ConditionEncoder
{
    /** @return string|array<string, mixed> */
    public static function encode(Condition $condition): string|array
    {
        return match (true) {
            $condition instanceof Named => $condition->name,
            $condition instanceof ControlAt => ['control' => $condition->control, 'at' => $condition->detent],
            $condition instanceof ControlLevel => [
                'control' => $condition->control,
                $condition->above ? 'above' : 'below' => $condition->level,
            ],
            $condition instanceof FunctionLevel => [
                'function' => $condition->function,
                $condition->above ? 'above' : 'below' => $condition->level,
            ],
            $condition instanceof SensorLevel => [
                'sensor' => $condition->sensor,
                $condition->above ? 'above' : 'below' => $condition->level,
                ...$condition->hysteresis === 0.0 ? [] : ['hysteresis' => $condition->hysteresis],
            ],
            $condition instanceof StepIs => ['step' => [$condition->function, $condition->step]],
            $condition instanceof PhaseIs => ['phase' => $condition->phase],
            $condition instanceof All => ['all' => array_map(self::encode(...), $condition->of)],
            $condition instanceof Any => ['any' => array_map(self::encode(...), $condition->of)],
            $condition instanceof Not => ['not' => self::encode($condition->of)],
            $condition instanceof Held => ['held' => self::encode($condition->of), 'seconds' => $condition->seconds],
            $condition instanceof Latch => [
                'latch' => ['set' => self::encode($condition->set), 'reset' => self::encode($condition->reset)],
            ],
            $condition instanceof Toggle => ['toggle' => self::encode($condition->of)],
            $condition instanceof Taps => [
                'taps' => self::encode($condition->of),
                'count' => $condition->count,
                'within' => $condition->within,
            ],
            default => throw new LogicException('No text for '.$condition::class),
        };
    }
}
