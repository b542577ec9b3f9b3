<?php

namespace DuskSwitch\Core\Kit;

/** A motor's speed controller. */
final readonly class SpeedController
{
    /**
     * @param  int  $most  cells at the most
     * @param  float  $amperes  continuous
     * @param  float  $gives  mA that its regulator gives to a receiver; 0 where it has none
     * @param  string  $plug  what kind of plug it takes, in words
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $most,
        public float $amperes,
        public float $gives,
        public string $plug,
    ) {}
}
