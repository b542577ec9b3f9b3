<?php

namespace DuskSwitch\Core\Kit;

/** What a pilot says of a transmitter in five minutes, looking at it. */
final readonly class TransmitterAnswers
{
    /**
     * @param  int  $channels  1 to 32
     * @param  float  $span  µs from the middle to 100 %
     * @param  array<string, int>  $counts  how many there are of two, three (switches by positions), button, dial, slider
     * @param  bool  $mixesPositions  a switch position gets its value by a mix of offset and rate, not directly
     * @param  int|null  $mixes  how many free mixes it has; null where that is no limit
     * @param  int  $curvePoints  0 where it has no curves
     * @param  list<Link>  $links  the kinds of link that it speaks
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $channels,
        public float $span,
        public array $counts,
        public bool $mixesPositions,
        public ?int $mixes,
        public int $curvePoints,
        public array $links,
    ) {}
}
