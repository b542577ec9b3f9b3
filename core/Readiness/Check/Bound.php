<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** This receiver was bound to this transmitter, over this link, with this firmware. */
final class Bound implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Bound;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $act = $context->last('bind', 'binding');
        if ($context->kit->receiver === null) {
            return JudgedItem::open($this->item(), 'No receiver is chosen yet, so none is bound.');
        }

        return match (true) {
            $act === null => JudgedItem::open($this->item(), "{$context->kit->receiver->name} was never bound here."),
            $act->fingerprint === $context->print->binding() => JudgedItem::done(
                $this->item(),
                "{$context->kit->receiver->name} is bound.",
                $act->at,
            ),
            default => JudgedItem::changed(
                $this->item(),
                'Receiver, link or firmware have changed since it was bound: bind again.',
                $act->at,
            ),
        };
    }
}
