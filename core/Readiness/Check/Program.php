<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Program\UnfinishedParts;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** Every function is driven, and every output fed. */
final class Program implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Program;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $gaps = array_values(UnfinishedParts::of($context->kit->program));
        if ($context->kit->program->outputs === [] && $gaps === []) {
            $gaps = ['There is no output yet'];
        }

        return $gaps === []
            ? JudgedItem::done($this->item(), 'Every function is driven, every output is fed.')
            : JudgedItem::open(
                $this->item(),
                $gaps[0].(count($gaps) === 1 ? '.' : ', and '.(count($gaps) - 1).' more.'),
            );
    }
}
