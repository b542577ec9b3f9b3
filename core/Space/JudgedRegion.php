<?php

namespace DuskSwitch\Core\Space;

/** A region that was judged. */
final readonly class JudgedRegion
{
    /**
     * @param  int  $truth  whether it's so there, as bits of {@see Truth}
     * @param  float  $height  the higher, the more likely
     */
    public function __construct(
        public Region $region,
        public SplitPoints $splits,
        public int $truth,
        public float $height,
    ) {}
}
