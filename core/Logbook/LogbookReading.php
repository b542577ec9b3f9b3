<?php

namespace DuskSwitch\Core\Logbook;

/** What was read of another logbook. */
final readonly class LogbookReading
{
    /**
     * @param  list<LogbookEntry>  $entries
     * @param  list<array{int, string}>  $bad  lines that were left out, and why
     * @param  list<string>  $remarks  what had to be assumed, and what was left out of every line
     * @param  bool  $isDayGuessed  its dates could be read as day and month or as month and day
     */
    public function __construct(
        public array $entries,
        public array $bad,
        public array $remarks,
        public bool $isDayGuessed = false,
    ) {}
}
