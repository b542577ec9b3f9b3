<?php

namespace DuskSwitch\Core\Logbook;

use DuskSwitch\Core\Log\Csv\NumberText;
use DuskSwitch\Core\Units\Unit;

/** Which column of another logbook holds what. */
final readonly class LogbookColumns
{
    /** A duration without a count is in seconds where its middle is beyond this: no model flies so many minutes. */
    private const MINUTES = 90.0;

    /** What we write, and means nothing in another logbook. */
    private const OURS = 'Revision';

    /**
     * @param  array<string, int>  $at  columns by key of an entry
     * @param  array<string, array{int, Unit}>  $facts  columns and units by fact
     * @param  list<string>  $unknown  headings that nothing is known of
     * @param  float  $count  seconds of each that a duration counts
     * @param  bool  $isCountGuessed  its heading doesn't say it
     */
    private function __construct(
        public array $at,
        public array $facts,
        public array $unknown,
        public float $count,
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
        $counts = [];
        foreach (isset($at['seconds']) ? $table->rows : [] as [, $cells]) {
            $is = NumberText::read($cells[$at['seconds']] ?? '');
            $counts = is_float($is) ? [...$counts, $is] : $counts;
        }
        sort($counts);
        $middle = $counts[intdiv(count($counts), 2)] ?? 0.0;

        return new self(
            $at,
            $facts,
            $unknown,
            $told ?? ($middle > self::MINUTES ? 1.0 : 60.0),
            $told === null && $counts !== [],
        );
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
