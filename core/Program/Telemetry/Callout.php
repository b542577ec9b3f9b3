<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** Something that is said when a condition holds: an alarm, a callout, a reminder. */
final readonly class Callout implements Part
{
    use WithFields;

    /**
     * @param  float  $hold  seconds that the condition must have held without a break
     * @param  float  $repeat  seconds between two sayings while it goes on; 0 = once
     * @param  Condition|null  $after  quiet until this has held once
     * @param  list<PhrasePart>  $says
     * @param  Sound|null  $plays  before it speaks
     * @param  float|null  $within  only in the first seconds after power-up; null always
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
        public ?Sound $plays = null,
        public ?float $within = null,
    ) {}

    /** True for what warns. */
    public function isAlarm(): bool
    {
        return $this->priority !== Priority::Note;
    }
}
