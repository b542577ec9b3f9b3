<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\MapOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;

/** What an aircraft senses, and what is said of it. */
#[Says('what the aircraft senses, and what is said of it', name: 'sense')]
final readonly class TelemetryPlan implements Checked
{
    use WithFields;

    /** Seconds between two reports to the transmitter where nothing is chosen (from memory). */
    public const INTERVAL = 0.5;

    /**
     * @param  SensorBus|null  $bus  as it's set at the receiver's pin
     * @param  float  $interval  seconds between two reports; a faster one costs stick response
     * @param  list<InstalledSensor>  $chain  in the order of the wire
     * @param  list<DerivedValue>  $values
     * @param  UnitSystem|null  $system  in which its values are read; null as its pilot reads all
     * @param  array<string, Unit>  $units  by value, where it isn't the system's
     * @param  list<Callout>  $calls
     * @param  list<string>  $announces  ids of functions whose step is said when it changes; "phase" for the phase
     * @param  ToneSettings|null  $tone  the variometer's tone; null where it is off
     * @param  list<int>  $blanked  the first slots of what a transmitter had there by default and was blanked
     * @param  Logging|null  $logging  null where nothing is written down
     * @param  Condition|null  $reset  as this begins to hold, what is calculated since a reset starts again
     * @param  list<GlancePage>  $pages  what is looked at, by flight task
     * @param  SpokenLanguage  $language  in which numbers, units and times are said; words are the pilot's own
     */
    public function __construct(
        #[Field(says: "as it's set at the receiver's pin")]
        public ?SensorBus $bus = null,
        #[Number(0.1, 10), Field(says: 'seconds between two reports to the transmitter; 0.5 where it is missing')]
        public float $interval = self::INTERVAL,
        #[ListOf(InstalledSensor::class, most: 28, named: true, ranked: true), Field(says: 'sensors in the order of the wire; the id begins those of its values: gps gives gps-speed')]
        public array $chain = [],
        #[ListOf(DerivedValue::class, most: 40, named: true), Field(says: 'values that are calculated from others')]
        public array $values = [],
        #[Field(says: 'units of its values; as the pilot reads all where it is missing')]
        public ?UnitSystem $system = null,
        #[MapOf(Unit::class, most: 60, keys: Names::Value), Field(says: "by value, where it isn't the system's")]
        public array $units = [],
        #[ListOf(Callout::class, most: 60, each: 'a call'), Field(says: 'alarms, callouts and reminders')]
        public array $calls = [],
        #[ListOf(new Id(Names::Function), most: 30), Field(says: 'functions whose step is said when it changes; phase for the phase')]
        public array $announces = [],
        #[Field(says: "the variometer's tone: true where it is as it comes, else what is set")]
        public ?ToneSettings $tone = null,
        #[ListOf(new Whole(0, 63), most: 64), Field(says: 'the first slots of what a transmitter with fixed slots had there by default, and was blanked')]
        public array $blanked = [],
        public ?Logging $logging = null,
        #[Field(says: 'as this begins to hold, what is calculated since a reset starts again')]
        public ?Condition $reset = null,
        #[ListOf(GlancePage::class, most: 16, each: 'a page', ranked: true), Field(says: 'what is looked at, by flight task')]
        public array $pages = [],
        #[Field(says: 'in which numbers, units and times are said; English where it is missing')]
        public SpokenLanguage $language = SpokenLanguage::English,
    ) {}

    public function check(JsonCursor $node): static
    {
        $ids = new UniqueIds('something');
        foreach (['chain' => $this->chain, 'values' => $this->values] as $key => $parts) {
            $items = $node->at($key)?->each() ?? [];
            foreach ($parts as $place => $part) {
                $ids->check($items[$place], 'id', $part->id);
            }
        }

        return $this;
    }

    /** The same in the units of its pilot, whatever this aircraft is read in. */
    public function inPilotsUnits(): self
    {
        return $this->with(system: null, units: []);
    }

    /** The same without anything that is announced, toned, looked at or written down: none of it changes a flight. */
    public function silent(): self
    {
        return $this->with(announces: [], tone: null, logging: null, pages: [], language: SpokenLanguage::English);
    }

    /** True where nothing was said. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }

    /** The call of that id, or null. */
    public function call(string $id): ?Callout
    {
        foreach ($this->calls as $call) {
            if ($call->id === $id) {
                return $call;
            }
        }

        return null;
    }
}
