<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** Something that is said when a condition holds: an alarm, a callout, a reminder. */
#[Says(name: 'call')]
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
        #[Id]
        public string $id,
        #[Text]
        public string $name,
        public Condition $when,
        #[ListOf(PhrasePart::class, most: 16), Field(after: 'within')]
        public array $says,
        #[Number(0, 60), Field(says: 'it must have held so long without a break')]
        public float $hold = 0.0,
        #[Field(says: 'note where it is missing')]
        public Priority $priority = Priority::Note,
        #[Number(0, 600), Field(says: 'seconds between two sayings while it goes on; once where it is missing')]
        public float $repeat = 0.0,
        #[Field(says: 'quiet until this has held once')]
        public ?Condition $after = null,
        #[Field(says: 'a sound before the words')]
        public ?Sound $plays = null,
        #[Number(1, 600), Field(says: 'only in so many seconds after power-up')]
        public ?float $within = null,
    ) {}

    /** True for what warns. */
    public function isAlarm(): bool
    {
        return $this->priority !== Priority::Note;
    }
}
