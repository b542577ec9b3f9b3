<?php

namespace DuskSwitch\Core\Log\Csv;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogUnit;

/** When a row of a table was written: of one column or two, over midnight, from whatever its writer counts. */
final class CsvTime
{
    private const DAY = 86_400.0;

    /** @var array<string, int|null> days that were read already */
    private array $days = [];

    private float $last = -INF;

    /** The day that the last row had, and those that have passed since without its saying so. */
    private ?int $day = null;

    private float $passed = 0.0;

    /**
     * @param  int|null  $count  where a count since the start stands
     * @param  float  $factor  seconds for one of that count
     * @param  bool  $isDayGuessed  of its dates, day and month could each be the other
     */
    private function __construct(
        private readonly ?int $moment,
        private readonly ?int $date,
        private readonly ?int $clock,
        private readonly ?int $count,
        private readonly float $factor,
        private readonly bool $monthFirst,
        public readonly bool $isDayGuessed,
    ) {}

    /**
     * @param  list<LogColumn>  $columns
     * @param  list<list<string>>  $rows  of the head
     *
     * @throws Refused where nothing says when
     */
    public static function of(array $columns, array $rows): self
    {
        $at = [];
        foreach ($columns as $index => $column) {
            if ($column->quantity->tellsTime()) {
                $at[$column->quantity->value] ??= $index;
            }
        }
        $cells = fn (?int $index): array => $index === null
            ? []
            : array_values(array_filter(array_column($rows, $index), fn (string $one): bool => trim($one) !== ''));
        [$moment, $date, $clock, $count] = [
            $at['moment'] ?? null,
            $at['date'] ?? null,
            $at['clock'] ?? null,
            $at['elapsed'] ?? null,
        ];
        [$moment, $date, $clock, $count] = self::asTheyAre($moment, $date, $clock, $count, $cells);
        if ($moment === null && $clock === null && $count === null) {
            throw Refused::because(
                '',
                'no column says when a row was written; the headings are '.
                    implode(
                        ', ',
                        array_map(fn (LogColumn $one): string => "\"{$one->heading}\"", array_slice($columns, 0, 12)),
                    ).
                    ': say which one is the time',
            );
        }
        $counts = array_values(array_filter(array_map(NumberText::read(...), $cells($count)), is_float(...)));

        $monthFirst = TimeText::monthFirst($cells($moment ?? $date));

        return new self(
            $moment,
            $moment === null ? $date : null,
            $moment === null ? $clock : null,
            $count,
            ElapsedScale::of($counts, $count === null ? null : self::told($columns[$count])),
            $monthFirst ?? false,
            $monthFirst === null,
        );
    }

    /**
     * A column that is headed "time" may hold any of them: its cells tell.
     *
     * @param  \Closure(int|null): list<string>  $cells
     * @return array{int|null, int|null, int|null, int|null}
     */
    private static function asTheyAre(?int $moment, ?int $date, ?int $clock, ?int $count, \Closure $cells): array
    {
        if ($moment !== null && ! self::reads($cells($moment), self::isMoment(...))) {
            [$clock, $moment] = [$clock ?? $moment, null];
        }
        if ($clock !== null && self::reads($cells($clock), self::isMoment(...))) {
            [$moment, $clock] = [$clock, null];
        }
        if ($clock !== null && ! self::isClock($cells($clock))) {
            [$count, $clock] = [$count ?? $clock, null];
        }
        if ($date !== null && self::reads($cells($date), self::isMoment(...))) {
            [$moment, $date] = [$moment ?? $date, null];
        }
        if ($count !== null && self::reads($cells($count), fn (string $one): bool => str_contains($one, ':'))) {
            [$clock, $count] = [$clock ?? $count, null];
        }

        return [$moment, $date, $clock, $count];
    }

    private static function isMoment(string $cell): bool
    {
        return TimeText::moment($cell, false) !== null || TimeText::moment($cell, true) !== null;
    }

    /** True where the count since 1970 is known. */
    public function isDated(): bool
    {
        return $this->moment !== null || ($this->date !== null && $this->clock !== null);
    }

    /** What the cell of that place says of the time; null where it isn't asked. */
    public function tells(int $index): ?LogQuantity
    {
        return match ($index) {
            $this->moment => LogQuantity::Moment,
            $this->date => LogQuantity::Date,
            $this->clock => LogQuantity::Clock,
            $this->count => LogQuantity::Elapsed,
            default => null,
        };
    }

    /** The unit of a count since the start. */
    public function unit(): LogUnit
    {
        return LogUnit::time($this->factor);
    }

    /**
     * Seconds, since 1970 where it is dated, else since a start of its own; null where the cells say no time.
     *
     * @param  list<string>  $cells
     */
    public function seconds(array $cells): ?float
    {
        if ($this->moment !== null) {
            return TimeText::moment($cells[$this->moment] ?? '', $this->monthFirst);
        }
        if ($this->clock === null) {
            $cell = $cells[$this->count ?? 0] ?? '';
            $number = NumberText::read($cell);

            return is_float($number) ? $number * $this->factor : null;
        }
        $clock = TimeText::clock($cells[$this->clock] ?? '');
        if ($clock === null) {
            return null;
        }
        $day = $this->day($cells);
        if ($this->date !== null && $day === null) {
            return null;
        }
        if ($day !== $this->day) {
            [$this->day, $this->passed] = [$day, 0.0];
        }
        $at = ($day ?? 0) + $clock + $this->passed;
        // Half a day back is midnight, which a clock without a date, or with that of its start, doesn't tell.
        if ($at < $this->last - self::DAY / 2 && $this->passed < 7 * self::DAY) {
            $this->passed += self::DAY;
            $at += self::DAY;
        }

        return $this->last = $at;
    }

    /** @param  list<string>  $cells */
    private function day(array $cells): ?int
    {
        if ($this->date === null) {
            return null;
        }
        $cell = $cells[$this->date] ?? '';

        return array_key_exists($cell, $this->days)
            ? $this->days[$cell]
            : ($this->days[$cell] = TimeText::date($cell, $this->monthFirst));
    }

    private static function told(LogColumn $column): ?LogUnit
    {
        return $column->unitIsTold && $column->quantity === LogQuantity::Elapsed ? $column->unit : null;
    }

    /** @param  list<string>  $cells */
    private static function isClock(array $cells): bool
    {
        if (self::reads($cells, fn (string $one): bool => str_contains($one, ':'))) {
            return self::reads($cells, fn (string $one): bool => TimeText::clock($one) !== null);
        }

        // Six digits in a row, no minute or second above 59: 130509 and so on.
        return count($cells) >= 2 &&
            self::reads(
                $cells,
                fn (string $one): bool => preg_match('/^\d{6}([.,]\d+)?$/', trim($one)) === 1 &&
                    (int) substr(trim($one), 2, 2) < 60 &&
                    (int) substr(trim($one), 4, 2) < 60 &&
                    (int) substr(trim($one), 0, 2) < 24,
            );
    }

    /**
     * True where nearly all of them are so.
     *
     * @param  list<string>  $cells
     * @param  callable(string): bool  $is
     */
    private static function reads(array $cells, callable $is): bool
    {
        $cells = array_slice($cells, 0, 200);

        return $cells !== [] && count(array_filter($cells, $is)) >= 0.8 * count($cells);
    }
}
