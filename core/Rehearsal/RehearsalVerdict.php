<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\LastPosition;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Speech\HeardProgram;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;

/** What a rehearsal showed: was the pilot warned in time, what was never heard, how close it came. */
final readonly class RehearsalVerdict
{
    /**
     * @param  list<SpokenPhrase>  $said
     */
    public function __construct(
        private Recording $flight,
        private Program $program,
        private Values $values,
        private HeardProgram $voice,
        private array $said,
        private Report $report,
    ) {}

    /**
     * @param  list<Sample>  $samples  with calculated values
     * @param  LastPosition|null  $last  null where the link held, or nothing sent a position
     * @return list<Remark> the worst first
     */
    public function remarks(array $samples, ?LastPosition $last): array
    {
        $warnings = new Warnings($this->program, $this->values, $this->said);
        $remarks = [
            ...(new FlightRemarks($this->flight, $this->values))->remarks(),
            ...(new PackRemarks($this->flight, $this->program, $this->voice->held, $warnings))->remarks(),
            ...(new VoiceRemarks($this->flight, $this->program, $this->said, $this->report, $warnings))->remarks(),
            ...(new UnknownRemarks($this->flight, $this->program, $this->voice->unknown))->remarks(),
            ...(new SearchRemarks($this->flight, $this->values, $last))->remarks(),
            ...GlanceRemarks::of($this->program, $this->values, $samples),
        ];
        usort($remarks, fn (Remark $a, Remark $b): int => $a->level->rank() <=> $b->level->rank());

        return $remarks;
    }
}
