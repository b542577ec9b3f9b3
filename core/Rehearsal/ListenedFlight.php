<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\LastPosition;
use DuskSwitch\Core\Speech\HeardProgram;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Sample;

/** A recorded flight as it was heard. */
final readonly class ListenedFlight
{
    /**
     * @param  list<Sample>  $samples  with what is calculated
     * @param  list<array{t: float, frequency: int, beeps: float}>  $tone  the variometer's, where it changes
     * @param  list<SpokenPhrase>  $said
     * @param  list<Remark>  $verdict
     * @param  LastPosition|null  $last  null where the link held, or nothing sent a position
     */
    public function __construct(
        public array $samples,
        public HeardProgram $voice,
        public array $tone,
        public array $said,
        public Report $report,
        public array $verdict,
        public ?LastPosition $last = null,
    ) {}
}
