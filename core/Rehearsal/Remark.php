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
}
