<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Sample;

/** A recorded flight as it was heard. */
final readonly class ListenedFlight
{
    /**
     * @param  list<Sample>  $samples  with what is calculated
     * @param  array<string, list<array{float, float}>>  $spans  from when to when each call's condition held
     * @param  list<SpokenPhrase>  $said
     * @param  list<Remark>  $verdict
     */
    public function __construct(
        public array $samples,
        public array $spans,
        public array $said,
        public Report $report,
        public array $verdict,
    ) {}
}
