<?php

namespace DuskSwitch\Core\Video;

/** Who flies on which channel, how far apart they are, and what is left that disturbs. */
final readonly class VideoPlan
{
    /**
     * @param  list<VideoChannel>  $channels  one for each pilot, in their order
     * @param  float  $apart  MHz between the nearest two; infinite for one pilot
     * @param  list<array{product: float, of: list<int>, disturbs: int, off: float}>  $products  third-order products that fall
     *                        near a channel: where, of which pilots, whom they disturb and how many MHz off
     * @param  bool  $isBest  every choice was looked at, or ruled out
     */
    public function __construct(
        public array $channels,
        public float $apart,
        public array $products,
        public bool $isBest,
    ) {}
}
