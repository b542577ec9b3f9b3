<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\PointLevel;

/** One remark of the verdict on a rehearsal. */
final readonly class Remark
{
    /**
     * @param  float|null  $at  seconds that it is about
     * @param  string|null  $mend  the id of a call whose hold would mend it
     */
    public function __construct(
        public string $topic,
        public PointLevel $level,
        public string $says,
        public ?float $at = null,
        public ?string $mend = null,
    ) {}

    /** A time of the flight in words: "at 1:05". */
    public static function clock(float $seconds): string
    {
        return sprintf('at %d:%02d', intdiv((int) $seconds, 60), (int) $seconds % 60);
    }
}
