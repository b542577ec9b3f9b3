<?php

namespace DuskSwitch\Core\Signal;

/** Where an output stands in a frame. */
final readonly class OutputValue
{
    /**
     * @param  float  $signal  1.0 = 100 %
     * @param  int  $pulse  µs
     * @param  bool  $clipped  a sum passed ±150 % or the output its limit, and was held there
     */
    public function __construct(public float $signal, public int $pulse, public bool $clipped) {}
}
