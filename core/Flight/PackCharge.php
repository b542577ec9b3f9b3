<?php

namespace DuskSwitch\Core\Flight;

/** How much a pack holds, and how much was in it at power-up. */
final readonly class PackCharge
{
    /**
     * @param  float  $capacity  mAh when full, above 0
     * @param  float  $held  mAh at power-up
     */
    public function __construct(public float $capacity, public float $held) {}

    /** Share of the capacity that is left when so many mAh are used. */
    public function left(float $used): float
    {
        return max(0.0, ($this->held - $used) / $this->capacity);
    }
}
