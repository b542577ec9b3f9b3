<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** An alarm looks at the pack's voltage, at used capacity or at a timer, as the three schools of landing do. */
final class PackWarning implements ReadinessCheck
{
    private const TELLS = [Dimension::Voltage, Dimension::Charge, Dimension::Time];

    public function item(): ReadinessItem
    {
        return ReadinessItem::PackWarning;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        if ($context->kit->program->motors() === []) {
            return JudgedItem::notNeeded($this->item(), 'There is no motor; mind the receiver\'s own supply.');
        }
        $values = Values::of($context->kit->program, $context->catalogue);
        $alarms = array_values(
            array_filter(
                $context->kit->program->sense->calls,
                fn (Callout $call): bool => $call->isAlarm() && self::tells($call, $values),
            ),
        );

        return $alarms === []
            ? JudgedItem::open(
                $this->item(),
                'No alarm looks at the pack\'s voltage, at used capacity or at a timer. Add one, or say what warns you.',
            )
            : JudgedItem::done($this->item(), implode(', ', array_map(fn ($one): string => $one->name, $alarms)).'.');
    }

    private static function tells(Callout $call, Values $values): bool
    {
        foreach (ConditionTree::all($call->when) as $one) {
            if (
                $one instanceof SensorLevel &&
                $one->sensor !== 'receiver-volts' &&
                in_array($values->find($one->sensor)?->dimension, self::TELLS, true)
            ) {
                return true;
            }
        }

        return false;
    }
}
