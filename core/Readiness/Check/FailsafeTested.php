<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** The transmitter was switched off, and the aircraft did what is set. */
final class FailsafeTested implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Failsafe;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $step = BenchSteps::failsafe();
        $act = $context->last('test', $step->id());

        return match (true) {
            $act === null => JudgedItem::open($this->item(), 'Nobody has seen yet what it does without a signal.'),
            $act->fingerprint === $context->print->step($step) => JudgedItem::done(
                $this->item(),
                'It did what is set.',
                $act->at,
            ),
            default => JudgedItem::changed(
                $this->item(),
                'Failsafe, channels or receiver have changed since the test: test again.',
                $act->at,
            ),
        };
    }
}
