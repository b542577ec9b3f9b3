<?php

namespace DuskSwitch\Core\Program\Condition;

/** Holds from when one condition sets it until another resets it; the reset wins where both hold. */
final readonly class Latch implements Condition
{
    public function __construct(public Condition $set, public Condition $reset) {}
}
