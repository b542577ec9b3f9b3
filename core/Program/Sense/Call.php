<?php

namespace DuskSwitch\Core\Program\Sense;

use DuskSwitch\Core\Program\Condition\Condition;

/** Something that is said when a condition holds: an alarm, a call-out, a reminder. */
final readonly class Call
{
    /**
     * @param  float  $hold  seconds that the condition must have held without a break
     * @param  float  $repeat  seconds between two sayings while it goes on; 0 = once
     * @param  Condition|null  $after  quiet until this has held once
     * @param  list<Token>  $says
     */
    public function __construct(
        public string $id,
        public string $name,
        public Condition $when,
        public float $hold,
        public Priority $priority,
        public float $repeat,
        public ?Condition $after,
        public array $says,
    ) {}

    /** True for what warns. */
    public function isAlarm(): bool
    {
        return $this->priority !== Priority::Note;
    }
}
