<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** The lists before the first power-up and before the first flight were gone through with this equipment. */
final class ChecklistsDone implements ReadinessCheck
{
    private const LISTS = ['first-power' => 'first power-up', 'first-flight' => 'first flight'];

    public function item(): ReadinessItem
    {
        return ReadinessItem::Checklists;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $open = [];
        $last = '';
        foreach (self::LISTS as $id => $name) {
            $act = $context->last('check', $id);
            $act === null ? ($open[] = $name) : ($last = max($last, $act->at));
        }

        return $open === []
            ? JudgedItem::done($this->item(), 'Both lists were gone through.', $last)
            : JudgedItem::open($this->item(), 'Still to go through: '.implode(', ', $open).'.');
    }
}
