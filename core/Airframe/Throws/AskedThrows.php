<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ThrowUnit;

/** How far the surfaces of a function shall go. */
final readonly class AskedThrows
{
    /**
     * @param  array<string, array{float, float}>  $wanted  by place of {@see ThrowPlace}: how far up or left, how far
     *              down or right, both from the surface's line and not below zero; of a step one of them is 0
     */
    public function __construct(public PilotFunction $function, public ThrowUnit $unit, public array $wanted) {}
}
