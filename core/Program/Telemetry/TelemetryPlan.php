<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;

/** What an aircraft senses, and what is said of it. */
final readonly class TelemetryPlan implements Part
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
        public ?SensorBus $bus = null,
        public float $interval = self::INTERVAL,
        public array $chain = [],
        public array $values = [],
        public ?UnitSystem $system = null,
        public array $units = [],
        public array $calls = [],
        public array $announces = [],
        public ?ToneSettings $tone = null,
        public array $blanked = [],
        public ?Logging $logging = null,
        public ?Condition $reset = null,
        public array $pages = [],
        public SpokenLanguage $language = SpokenLanguage::English,
    ) {}

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
