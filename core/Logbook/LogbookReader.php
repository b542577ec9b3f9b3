<?php

namespace DuskSwitch\Core\Logbook;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\Csv\NumberText;
use DuskSwitch\Core\Log\Csv\TimeText;

/** Reads another logbook: a table of whatever wrote it, or JSON. A line that can't be read is left out, and told. */
final readonly class LogbookReader
{
    /** Letters that are kept of each; what is longer stands in the note. */
    private const LETTERS = ['aircraft' => 60, 'site' => 60, 'pilot' => 60, 'weather' => 120];

    private const NOTE = 2000;

    private const SUMS = '/^(total|sum|summe|gesamt|somme|suma)\b/i';

    /** Days that a spreadsheet counts from 1899-12-30 on, for those of this century (common practice). */
    private const COUNTED = [36_526, 73_050];

    private const FROM = -2_209_161_600;

    private const DAY = 86_400.0;

    private const MOST_CHARGED = 100_000.0;

    private function __construct(
        private LogbookTable $table,
        private LogbookColumns $columns,
        private bool $monthFirst,
    ) {}

    /**
     * All flights of a file.
     *
     * @param  bool|null  $monthFirst  in dates that could be either the month stands first; null where nobody said
     *
     * @throws Refused where it is no logbook, or none of its lines can be read
     */
    public static function read(string $text, ?bool $monthFirst = null): LogbookReading
    {
        $table = LogbookTable::read($text);
        $columns = LogbookColumns::of($table);
        $told = TimeText::monthFirst([...$columns->all($table, 'day'), ...$columns->all($table, 'at')]);

        return (new self($table, $columns, $told ?? ($monthFirst ?? false)))->all($told === null);
    }

    private function all(bool $isDayGuessed): LogbookReading
    {
        $entries = $bad = [];
        foreach ($this->table->rows as $index => [$line, $cells]) {
            $read = $this->entry($line, $cells, $this->table->marks[$index] ?? []);
            if (is_string($read)) {
                $bad[] = [$line, $read];
            } else {
                $entries[] = $read;
            }
        }
        if ($entries === []) {
            $why = array_map(fn (array $one): string => "line {$one[0]}: {$one[1]}", array_slice($bad, 0, 3));
            throw Refused::because(
                '',
                'it has no flight that can be read'.($why === [] ? '' : '; '.implode('; ', $why)),
            );
        }

        return new LogbookReading($entries, $bad, $this->remarks(), $isDayGuessed);
    }

    /** @return list<string> */
    private function remarks(): array
    {
        $unknown = array_map(fn (string $one): string => "\"{$one}\"", array_slice($this->columns->unknown, 0, 12));

        return [
            ...$unknown === []
                ? []
                : ['Left out, as no flight of the logbook has such a thing: '.implode(', ', $unknown).'.'],
            ...$this->columns->isCountGuessed
                ? ["The durations are taken as {$this->columns->counts()}: their heading doesn't say."]
                : [],
        ];
    }

    /**
     * @param  list<string>  $cells
     * @param  list<array{at: float, says: string}>  $marks
     */
    private function entry(int $line, array $cells, array $marks): LogbookEntry|string
    {
        $cell = fn (string $key): string => $this->columns->cell($cells, $key);
        [$aircraft, $put] = [$cell('aircraft'), $cell('charged')];
        [$at, $seconds, $facts] = [$this->at($cells), $this->seconds($cell('seconds')), $this->facts($cells)];
        $charged = NumberText::read(self::whole($put));
        $isCharge = $charged === null || ($charged !== false && $charged >= 0.0 && $charged <= self::MOST_CHARGED);
        $wrong = match (true) {
            is_string($at) => $at,
            is_string($seconds) => $seconds,
            is_string($facts) => $facts,
            ! $isCharge => "\"{$put}\" is no charge in mAh",
            $at === null && $aircraft === '' => 'it has neither a date nor an aircraft',
            $at === null && preg_match(self::SUMS, $aircraft) === 1 => "\"{$aircraft}\" heads a sum, not a flight",
            default => null,
        };
        if ($wrong !== null) {
            return $wrong;
        }
        [$kept, $longer] = $this->texts($cells);
        $told = LogbookMarks::read($cell('marks'));
        $longer = $told === null ? [...$longer, $cell('marks')] : $longer;
        $note = implode("\n", array_filter([$cell('note'), ...$longer], fn (string $one): bool => $one !== ''));
        if (mb_strlen($note) > self::NOTE) {
            return 'its note has '.mb_strlen($note).' letters, and '.self::NOTE.' are kept: shorten it';
        }

        return new LogbookEntry(
            $line,
            $at,
            $kept['aircraft'],
            $seconds,
            $kept['site'],
            $kept['pilot'],
            $cell('pack'),
            is_float($charged) ? $charged : null,
            $kept['weather'],
            $note,
            $facts,
            [...$marks, ...$told ?? []],
        );
    }

    /** A charge of "1,240" is no charge of a mAh and a quarter. */
    private static function whole(string $charge): string
    {
        return preg_match('/^\d{1,2}[.,]\d{3}(?=\D|$)/', $charge) === 1
            ? (string) preg_replace('/^(\d+)[.,]/', '$1', $charge)
            : $charge;
    }

    /**
     * @param  list<string>  $cells
     * @return array{array<string, string>, list<string>} what fits, and what is too long for its place
     */
    private function texts(array $cells): array
    {
        $kept = $longer = [];
        foreach (self::LETTERS as $key => $most) {
            $text = $this->columns->cell($cells, $key);
            $fits = mb_strlen($text) <= $most;
            $kept[$key] = $fits ? $text : mb_substr($text, 0, $most - 1).'…';
            $longer = $fits ? $longer : [...$longer, $text];
        }

        return [$kept, $longer];
    }

    /**
     * @param  list<string>  $cells
     * @return int|string|null seconds since 1970, or why not
     */
    private function at(array $cells): int|string|null
    {
        [$moment, $day, $clock] = array_map(fn (string $key): string => $this->columns->cell($cells, $key), [
            'at',
            'day',
            'clock',
        ]);
        $text = $moment === '' ? $day : $moment;
        if ($text === '') {
            return null;
        }
        $whole = TimeText::moment($text, $this->monthFirst);
        $date = $whole ?? (self::counted($text) ?? TimeText::date($text, $this->monthFirst));
        $time = $whole !== null || $clock === '' ? 0.0 : TimeText::clock(self::withSeconds($clock));

        return match (true) {
            $date === null => "\"{$text}\" is no date",
            $time === null => "\"{$clock}\" is no time of day",
            default => (int) floor($date + $time),
        };
    }

    /** A day of a spreadsheet that was saved without its looks: "46143.6". */
    private static function counted(string $text): ?float
    {
        $days = preg_match('/^\d{5}([.,]\d+)?$/', $text) === 1 ? (float) str_replace(',', '.', $text) : 0.0;

        return $days >= self::COUNTED[0] && $days < self::COUNTED[1] ? self::FROM + round($days * self::DAY) : null;
    }

    /** A time of day as pilots write it has no seconds: 9:05 isn't nine minutes after midnight. */
    private static function withSeconds(string $clock): string
    {
        return (string) preg_replace('/^(\d{1,2})[:.h](\d{2})\s*(h|Uhr)?(?=$|\s*[AaPp])/', '$1:$2:00', $clock);
    }

    /** @return float|string|null seconds, or why not */
    private function seconds(string $cell): float|string|null
    {
        if ($cell === '') {
            return null;
        }
        if (preg_match('/^(\d+):(\d{2})(?::(\d{2}))?$/', $cell, $found) === 1) {
            $whole = isset($found[3])
                ? (int) $found[1] * 3600 + (int) $found[2] * 60 + (int) $found[3]
                : ((int) $found[1] * 60 + (int) $found[2]) * ($this->columns->isInHours ? 60 : 1);

            return $whole <= self::DAY ? (float) $whole : "\"{$cell}\" is longer than a day";
        }
        $count = match (1) {
            preg_match('/\d\s*(min|m|\')$/i', $cell) => 60.0,
            preg_match('/\d\s*(s|sec|")$/i', $cell) => 1.0,
            preg_match('/\d\s*(h|std)$/i', $cell) => 3600.0,
            default => $this->columns->count,
        };
        $number = NumberText::read((string) preg_replace('/(?<=\d)\s*[a-z\'"]+$/i', '', $cell));

        return match (true) {
            ! is_float($number) || $number < 0.0 => "\"{$cell}\" is no duration",
            $number * $count > self::DAY => "\"{$cell}\" is longer than a day",
            default => round($number * $count, 1),
        };
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, float>|string in base units, or why not
     */
    private function facts(array $cells): array|string
    {
        $facts = [];
        foreach ($this->columns->facts as $id => [$column, $unit]) {
            $number = NumberText::read($cells[$column] ?? '');
            if ($number === false) {
                return "\"{$cells[$column]}\" is no number under \"{$this->table->headings[$column]}\"";
            }
            $facts += $number === null ? [] : [$id => $unit->toBase($number)];
        }

        return $facts;
    }
}
