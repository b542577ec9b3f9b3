<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** Transmitter, receiver, controller and pack are there, and everything that could be checked fits. */
final class Equipment implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Equipment;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $open = array_values(
            array_filter(
                (new KitVerdict($context->kit))->points(),
                fn (VerdictPoint $one): bool => ! $one->level->isSettled(),
            ),
        );

        return $open === []
            ? JudgedItem::done($this->item(), 'Everything that can be checked fits.')
            : JudgedItem::open($this->item(), $open[0]->says.self::more(count($open) - 1));
    }

    private static function more(int $count): string
    {
        return $count === 0 ? '' : " And {$count} more.";
    }
}
