<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** Power-up is with every switch at rest. */
final class SafeAtPowerUp implements Rule
{
    public function id(): string
    {
        return 'safe-at-power-up';
    }

    public function says(): string
    {
        return 'With every switch at rest and the throttle low nothing may be armed and no motor may turn: that is how it powers up.';
    }

    public function check(Evidence $evidence): array
    {
        $rest = $evidence->panel->atRest();
        $frame = $evidence->circuit()->frame($rest);
        $arming = $evidence->setup->arming->ranges[0] ?? null;
        $found = [];
        if ($arming !== null && $evidence->program->output($arming->channel) !== null && $arming->margin((int) $frame->pulse($arming->channel)) >= 0) {
            $found[] = new Finding($this->id(), Severity::Error, "output:{$arming->channel}", "It powers up armed: channel {$arming->channel} is at {$frame->pulse($arming->channel)} µs with every switch at rest. Turn the switch's positions round, so that rest is safe", $rest);
        }
        foreach ($evidence->motors() as $motor) {
            $low = $evidence->setup->low ?? 1060;
            if ($frame->pulse($motor->channel) > $low) {
                $found[] = new Finding($this->id(), Severity::Error, "output:{$motor->channel}", "{$motor->name} is at {$frame->pulse($motor->channel)} µs at power-up, above {$low} µs: it may start at once. Lower its low end or the first point of its curve", $rest);
            }
        }

        return $found;
    }
}
