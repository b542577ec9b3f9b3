<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** Every step at the bench that this aircraft needs was done, with what it tested as it is now. */
final class Bench implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Bench;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $needed = array_values(
            array_filter(
                BenchSteps::needed($context->kit),
                fn (BenchStep $one): bool => $one->id() !== BenchSteps::failsafe()->id(),
            ),
        );
        if ($needed === []) {
            return JudgedItem::notNeeded($this->item(), 'There is no output to check.');
        }
        $open = $changed = [];
        $last = '';
        foreach ($needed as $step) {
            $act = $context->last('test', $step->id());
            if ($act === null) {
                $open[] = $step->says();
            } elseif ($act->fingerprint !== $context->print->step($step)) {
                $changed[] = $step->says();
            } else {
                $last = max($last, $act->at);
            }
        }
        $done = count($needed) - count($open) - count($changed);

        return match (true) {
            $changed !== [] => JudgedItem::changed(
                $this->item(),
                implode(', ', $changed).': changed since, test again.',
            ),
            $open !== [] => JudgedItem::open($this->item(), "{$done} of ".count($needed)." done; next: {$open[0]}."),
            default => JudgedItem::done($this->item(), 'All '.count($needed).' steps are done.', $last),
        };
    }
}
