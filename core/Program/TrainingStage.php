<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** One step of a training ladder. */
final readonly class TrainingStage implements Part
{
    use WithFields;

    /**
     * @param  float  $expo  0 to 1
     * @param  float  $rate  both sides, above 0, at most 1.5
     * @param  string|null  $style  the step that the ladder's switched function takes with its switch at rest
     * @param  string|null  $date  when it is planned, YYYY-MM-DD
     */
    public function __construct(
        public string $name,
        public float $expo,
        public float $rate,
        public ?string $style = null,
        public ?string $date = null,
        public string $note = '',
    ) {}
}
