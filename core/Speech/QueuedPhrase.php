<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\Sound;

/** Something that wants to be said. */
final readonly class QueuedPhrase
{
    /**
     * @param  string  $by  the id of the call, or "step" and "phase" for what is announced
     * @param  float  $at  seconds
     * @param  Sound|null  $plays  before the words
     */
    public function __construct(
        public string $by,
        public float $at,
        public Priority $priority,
        public string $text,
        public ?Sound $plays = null,
    ) {}
}
