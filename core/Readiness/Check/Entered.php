<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** Every line of the sheet was ticked as entered, and still says the same. */
final class Entered implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Entered;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $lines = $context->entered;

        return match (true) {
            $lines->changed > 0 => JudgedItem::changed(
                $this->item(),
                $lines->changed === 1
                    ? 'One line of the sheet has changed since it was entered.'
                    : "{$lines->changed} lines of the sheet have changed since they were entered.",
            ),
            $lines->done < $lines->all => JudgedItem::open(
                $this->item(),
                "{$lines->done} of {$lines->all} lines of the sheet are ticked.",
            ),
            default => JudgedItem::done($this->item(), "All {$lines->all} lines of the sheet are ticked."),
        };
    }
}
