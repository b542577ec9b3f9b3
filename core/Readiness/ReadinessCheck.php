<?php

namespace DuskSwitch\Core\Readiness;

/** Judges one item of the readiness list. */
interface ReadinessCheck
{
    /** Which item. */
    public function item(): ReadinessItem;

    /** How it stands. */
    public function judge(ReadinessContext $context): JudgedItem;
}
