<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;
use DuskSwitch\Core\Telemetry\TelemetryCheck;

/** Nothing is wrong with the sensors, the values and what is said of them. */
final class Telemetry implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Telemetry;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $open = TelemetryCheck::unsettled($context->kit, $context->catalogue);

        return match (true) {
            $open === null => JudgedItem::notNeeded($this->item(), 'No sensor and no callout is planned.'),
            $open === 0 => JudgedItem::done($this->item(), 'Sensors, values and callouts fit together.'),
            default => JudgedItem::open(
                $this->item(),
                $open === 1
                    ? 'One thing of the sensors, values or callouts can\'t work or couldn\'t be checked.'
                    : "{$open} things of the sensors, values or callouts can't work or couldn't be checked.",
            ),
        };
    }
}
