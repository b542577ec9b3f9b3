<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Pair;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** A value that is calculated from others. */
#[Says(name: 'derived')]
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
        #[Id]
        public string $id,
        #[Text(30)]
        public string $name,
        public Derivation $does,
        #[ListOf(new Id(Names::Value), most: 8)]
        public array $of = [],
        #[Number(-1e6, 1e6), Field(says: "the pilot's own number: a scale's factor, the seconds over which a climb is smoothed, cells, a pack's mAh, the stall speed in m/s")]
        public ?float $by = null,
        #[Number(-1e6, 1e6), Field(says: 'what a scale adds')]
        public ?float $plus = null,
        #[Field(says: 'when a timer runs')]
        public ?Condition $while = null,
        #[Pair(new Number(-90, 90), new Number(-180, 180)), Field(says: 'latitude and longitude of a home of its own; the first position where it is missing')]
        public ?array $home = null,
    ) {}
}
