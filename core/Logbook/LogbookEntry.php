<?php

namespace DuskSwitch\Core\Logbook;

/** A flight as another logbook has it. What isn't in it is null, or empty. */
final readonly class LogbookEntry
{
    /**
     * @param  int  $line  of the file
     * @param  int|null  $at  seconds since 1970, UTC or as it stood there
     * @param  float|null  $seconds  in the air
     * @param  float|null  $charged  mAh that the charger put back
     * @param  array<string, float>  $facts  in base units, as {@see LoggedFacts}
     * @param  list<array{at: float, says: string}>  $marks
     */
    public function __construct(
        public int $line,
        public ?int $at,
        public string $aircraft,
        public ?float $seconds,
        public string $site,
        public string $pilot,
        public string $pack,
        public ?float $charged,
        public string $weather,
        public string $note,
        public array $facts = [],
        public array $marks = [],
    ) {}
}
