<?php

namespace DuskSwitch\Core\Log;

/** What was read of a recording: of which kind it is, its columns, and what was wrong with it. */
final readonly class LogReport
{
    /**
     * @param  int  $rows  that were read and taken
     * @param  list<LogColumn>  $columns  of its flights, in the order of their values
     * @param  list<LogColumn>  $headed  as the file heads them: those without numbers too
     * @param  int  $doubled  rows that said once more what was known
     * @param  int  $sorted  rows that came late and were put in their place
     * @param  int  $repeated  lines that repeat the headings
     * @param  float|null  $epoch  seconds since 1970 of its first row; null where only seconds since a start are known
     * @param  bool  $isDayGuessed  of its dates, day and month could each be the other; the day was taken to stand first
     */
    public function __construct(
        public string $format,
        public int $rows,
        public array $columns,
        public array $headed,
        public BadLines $bad,
        public int $doubled,
        public int $sorted,
        public int $repeated,
        public ?float $epoch,
        public bool $isDayGuessed = false,
    ) {}
}
