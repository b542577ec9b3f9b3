<?php

namespace DuskSwitch\Core\Logbook;

use DuskSwitch\Core\Analysis\Spread;
use DuskSwitch\Core\Log\Csv\NumberText;
use DuskSwitch\Core\Log\Csv\TimeText;
use DuskSwitch\Core\Units\Unit;

/** Which column of another logbook holds what. */
final readonly class LogbookColumns
{
    /** A duration without a count is in seconds where its middle is beyond this: no model flies so many minutes. */
    private const MINUTES = 90.0;

    /** Flights of less than this, were their first part minutes, are written in hours and minutes. */
    private const SHORT = 60.0;

    /** What we write, and means nothing in another logbook. */
    private const OURS = 'Revision';

    /**
     * @param  array<string, int>  $at  columns by key of an entry
     * @param  array<string, array{int, Unit}>  $facts  columns and units by fact
     * @param  list<string>  $unknown  headings that nothing is known of
     * @param  float  $count  seconds of each that a duration counts
     * @param  bool  $isInHours  a duration of two parts, 0:12, has hours and minutes, else minutes and seconds
     * @param  bool  $isCountGuessed  its heading doesn't say it
     */
    private function __construct(
        public array $at,
        public array $facts,
        public array $unknown,
        public float $count,
        public bool $isInHours,
        public bool $isCountGuessed,
    ) {}

    /** Of the headings of a table, and of its rows where those say more. */
    public static function of(LogbookTable $table): self
    {
        $at = $facts = $unknown = [];
        foreach ($table->headings as $column => $heading) {
            $key = LogbookHeadings::key($heading);
            $unit = LogbookHeadings::unit($heading);
            if ($unit !== null && $key !== null) {
                $facts[substr($key, strlen('fact:'))] ??= [$column, $unit];
            } elseif ($key !== null && ! isset($at[$key])) {
                $at[$key] = $column;
            } elseif (trim($heading) !== '' && $heading !== self::OURS) {
                $unknown[] = $heading;
            }
        }
        $told = LogbookHeadings::count($table->headings[$at['seconds'] ?? -1] ?? '');
        $counts = $parts = [];
        foreach (isset($at['seconds']) ? $table->rows : [] as [, $cells]) {
            $cell = trim($cells[$at['seconds']] ?? '');
            $is = preg_match('/^\d+:\d{2}$/', $cell) === 1 ? TimeText::clock($cell) : NumberText::read($cell);
            if (is_float($is)) {
                str_contains($cell, ':') ? ($parts[] = $is) : ($counts[] = $is);
            }
        }
        $isShort = $parts !== [] && Spread::median($parts) < self::SHORT;

        return new self(
            $at,
            $facts,
            $unknown,
            $told ?? ($counts !== [] && Spread::median($counts) > self::MINUTES ? 1.0 : 60.0),
            $told === 3600.0 || ($told === null && $isShort),
            $told === null && ($counts !== [] || $isShort),
        );
    }

    /** What a duration counts, in words. */
    public function counts(): string
    {
        return match (true) {
            $this->isInHours => 'hours and minutes',
            $this->count === 1.0 => 'seconds',
            default => 'minutes',
        };
    }

    /**
     * What a row has of a key.
     *
     * @param  list<string>  $cells
     */
    public function cell(array $cells, string $key): string
    {
        return trim($cells[$this->at[$key] ?? -1] ?? '');
    }

    /** @return list<string> every cell of a key */
    public function all(LogbookTable $table, string $key): array
    {
        return array_map(fn (array $row): string => $this->cell($row[1], $key), $table->rows);
    }
}
