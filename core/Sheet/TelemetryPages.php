<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\Values;

/** All of telemetry that is entered into a transmitter, in the order in which one does it. */
final readonly class TelemetryPages
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private Catalogue $catalogue,
        private ConditionWords $words,
    ) {}

    /** @return list<Section> none where nothing is sensed or said */
    public function sections(): array
    {
        if ($this->program->sense->isEmpty()) {
            return [];
        }
        $values = Values::of($this->program, $this->catalogue);
        $chain = new SensorChain(InstalledKit::of($this->program, $this->transmitter, $this->catalogue));

        $lost = new LostValues($this->program, $this->transmitter);

        return [
            ...(new SensorPages($this->program, $this->transmitter, $chain, $values, $this->words, $lost))->sections(),
            ...(new CalloutPages($this->program, $this->transmitter, $values, $this->words, $lost))->sections(),
            ...(new GlanceLines($this->program, $this->transmitter, $values))->sections(),
        ];
    }
}
