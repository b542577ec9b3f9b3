<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** When a transmitter writes telemetry down, and how often. */
#[Says('telemetry is written down')]
final readonly class Logging implements Part
{
    use WithFields;

    /** Seconds between two rows (from memory). */
    public const EVERY = 1.0;

    /** @param  Condition|null  $when  it writes while this holds; null from power-up on */
    public function __construct(
        #[Field(says: 'while this holds; from power-up on where it is missing')]
        public ?Condition $when = null,
        #[Number(0.1, 60), Field(says: 'seconds between two rows; 1 where it is missing')]
        public float $every = self::EVERY,
    ) {}
}
