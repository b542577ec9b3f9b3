<?php

namespace DuskSwitch\Core\Logbook;

/** Something that weighs at a place of an aircraft. */
final readonly class BalanceItem
{
    /**
     * @param  float  $mass  g
     * @param  float  $arm  mm behind the point that arms are measured from
     */
    public function __construct(public string $name, public float $mass, public float $arm) {}
}
