<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** A value that is calculated from others. */
final readonly class DerivedValue implements Part
{
    use WithFields;

    /**
     * @param  list<string>  $of  ids of values, in the order that the derivation wants
     * @param  float|null  $by  the pilot's own number, as {@see DerivationNumber} of its derivation tells
     * @param  float|null  $plus  what a scale adds
     * @param  Condition|null  $while  when a timer runs
     * @param  array{float, float}|null  $home  latitude and longitude of a home of its own; null for the first position
     */
    public function __construct(
        public string $id,
        public string $name,
        public Derivation $does,
        public array $of,
        public ?float $by = null,
        public ?float $plus = null,
        public ?Condition $while = null,
        public ?array $home = null,
    ) {}
}
