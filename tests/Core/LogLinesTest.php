<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogReading;
use DuskSwitch\Core\Log\LogReport;
use DuskSwitch\Core\Log\LogSource;
use DuskSwitch\Core\Log\TextSource;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What real recordings have: cut lines, headings in the middle, gaps, rows out of order, several flights. */
final class LogLinesTest extends TestCase
{
    /**
     * @param  list<string>  $lines  below "time,alt(m),volt(V)"
     * @return array{LogReport, list<LoggedFlight>}
     */
    private static function read(array $lines, string $headings = 'time,alt(m),volt(V)'): array
    {
        return LogReading::flights(new TextSource(implode("\n", [$headings, ...$lines]), 'log.csv'));
    }

    /** @return list<string> */
    private static function rows(int $from, int $to): array
    {
        return array_map(fn (int $t): string => "{$t},".$t / 2 .',12.1', range($from, $to));
    }

    /** @return list<int> */
    private static function badLines(LogReport $report): array
    {
        return array_column($report->bad->listed(), 0);
    }

    public function test_a_line_that_is_cut_off_is_left_out_and_named(): void
    {
        [$report, $flights] = self::read([...self::rows(0, 4), '5,2.', ...self::rows(6, 9), '10,5.0,12']);

        self::assertSame([7], self::badLines($report));
        self::assertStringContainsString('cut off: 2 of 3 cells', $report->bad->listed()[0][1]);
        self::assertSame([0.0, 1.0, 2.0, 3.0, 4.0, 6.0, 7.0, 8.0, 9.0, 10.0], $flights[0]->times);
    }

    public function test_headings_in_the_middle_head_what_follows(): void
    {
        [$report, $flights] = self::read([
            ...self::rows(0, 3),
            'time,alt(m),volt(V)',
            ...self::rows(4, 6),
            'time,volt(V),alt(m)',
            '7,11.9,88',
            '8,11.8,89',
            '9,11.7,90',
        ]);

        self::assertSame([], self::badLines($report));
        self::assertSame(2, $report->repeated);
        self::assertSame(88.0, ($flights[0]->column('altitude') ?? [])[7], 'in another order');
        self::assertSame(11.9, ($flights[0]->column('volts') ?? [])[7]);
    }

    public function test_a_gap_of_more_than_a_minute_begins_another_flight(): void
    {
        [, $one] = self::read([...self::rows(0, 9), ...self::rows(69, 79)]);
        [, $two] = self::read([...self::rows(0, 9), ...self::rows(70, 79)]);

        self::assertCount(1, $one, 'sixty seconds');
        self::assertCount(2, $two, 'sixty-one');
        self::assertSame([0.0, 70.0], [$two[0]->start, $two[1]->start]);
    }

    public function test_a_time_that_goes_back_by_more_than_a_minute_begins_another_flight(): void
    {
        [$report, $flights] = self::read([...self::rows(0, 200), ...self::rows(0, 100)]);

        self::assertSame([201, 101], [$flights[0]->count(), $flights[1]->count()]);
        self::assertSame([], self::badLines($report));
    }

    public function test_a_single_row_with_a_wild_time_is_bad_and_parts_nothing(): void
    {
        [$report, $flights] = self::read([...self::rows(0, 9), '999999,5,12.1', ...self::rows(10, 20)]);

        self::assertCount(1, $flights);
        self::assertSame([12], self::badLines($report));
        self::assertSame(21, $flights[0]->count());
    }

    public function test_rows_that_come_late_are_put_in_their_place(): void
    {
        [$report, $flights] = self::read([...self::rows(0, 9), '11,5.5,12.1', '10,5.0,12.1', ...self::rows(12, 15)]);

        self::assertSame([], self::badLines($report));
        self::assertSame(1, $report->sorted);
        self::assertSame(range(0.0, 15.0), $flights[0]->times);
        self::assertSame(5.0, ($flights[0]->column('altitude') ?? [])[10]);
    }

    public function test_of_two_that_contradict_each_other_the_later_line_is_bad(): void
    {
        [$report, $flights] = self::read([...self::rows(0, 9), '4,77,12.1', '5,2.5,12.1', ...self::rows(10, 12)]);

        self::assertSame([12], self::badLines($report));
        self::assertStringContainsString('contradicts line 6', $report->bad->listed()[0][1]);
        self::assertSame(1, $report->doubled, 'the other says once more what was known');
        self::assertSame(2.0, ($flights[0]->column('altitude') ?? [])[4]);
    }

    public function test_rows_that_tell_different_things_of_one_moment_become_one(): void
    {
        [$report, $flights] = self::read(['0,1,12', '1,2,', '2,3,12', '1,,11.5', '3,4,12']);

        self::assertSame([[], 0], [self::badLines($report), $report->doubled]);
        self::assertSame(
            [2.0, 11.5],
            [($flights[0]->column('altitude') ?? [])[1], ($flights[0]->column('volts') ?? [])[1]],
        );
    }

    public function test_rows_of_one_second_are_parted_evenly(): void
    {
        $lines = [];
        for ($row = 0; $row < 20; $row++) {
            $lines[] = sprintf('12:00:%02d,%d,12.1', intdiv($row, 4), $row);
        }
        [$report, $flights] = self::read($lines);

        self::assertSame([], self::badLines($report));
        $quarters = array_map(fn (int $row): float => $row / 4, range(0, 19));
        self::assertEqualsWithDelta($quarters, $flights[0]->times, 1e-6);
    }

    public function test_a_clock_without_a_date_goes_over_midnight(): void
    {
        [, $flights] = self::read(['23:59:58,1,12', '23:59:59,2,12', '00:00:00,3,12', '00:00:01,4,12']);

        self::assertCount(1, $flights);
        self::assertSame([0.0, 1.0, 2.0, 3.0], $flights[0]->times);
    }

    public function test_a_date_that_is_only_that_of_the_start_goes_over_midnight_too(): void
    {
        [$report, $flights] = self::read(
            ['2026-03-31,23:59:59,1,12', '2026-03-31,00:00:00,2,12', '2026-03-31,00:00:01,3,12'],
            'date,time,alt(m),volt(V)',
        );

        self::assertSame([0.0, 1.0, 2.0], $flights[0]->times);
        self::assertSame('2026-03-31T23:59:59', gmdate('Y-m-d\TH:i:s', (int) $report->epoch));
    }

    /** @return iterable<string, array{string, list<float>, list<float>}> heading, counts, seconds */
    public static function counts(): iterable
    {
        yield 'seconds' => ['time', [5.0, 5.5, 6.0, 6.5], [0.0, 0.5, 1.0, 1.5]];
        yield 'whole seconds' => ['t', [0, 1, 2, 3], [0.0, 1.0, 2.0, 3.0]];
        yield 'milliseconds' => ['time', [1000, 1250, 1500, 1750], [0.0, 0.25, 0.5, 0.75]];
        yield 'slow milliseconds' => ['time', [0, 2000, 4000, 6000], [0.0, 2.0, 4.0, 6.0]];
        yield 'microseconds' => ['time', [0, 100_000, 200_000, 300_000], [0.0, 0.1, 0.2, 0.3]];
        yield 'minutes' => ['time', [0.0, 0.016667, 0.033333, 0.05], [0.0, 1.0, 2.0, 3.0]];
        yield 'ticks of a hundredth' => ['ticks', [0, 100, 200, 300], [0.0, 1.0, 2.0, 3.0]];
        yield 'a quick logger in seconds' => ['time', [0.0, 0.02, 0.04, 0.06], [0.0, 0.02, 0.04, 0.06]];
    }

    /**
     * @param  list<float>  $counts
     * @param  list<float>  $seconds
     */
    #[DataProvider('counts')]
    public function test_what_is_counted_is_told_by_its_step(string $heading, array $counts, array $seconds): void
    {
        [, $flights] = self::read(array_map(fn (float $t): string => "{$t},1,12", $counts), "{$heading},alt(m),volt(V)");

        self::assertEqualsWithDelta($seconds, $flights[0]->times, 1e-4);
    }

    public function test_a_cell_that_is_no_number_names_its_column_and_nothing_is_a_blank(): void
    {
        [$report, $flights] = self::read(['0,1,12.1', '1,---,12.1', '2,1x,12.1', '3,n/a,12.1V', '4,5,12.1']);

        self::assertSame([[4, '"1x" below "alt(m)" is no number']], $report->bad->listed());
        self::assertSame([1.0, null, null, 5.0], $flights[0]->column('altitude'));
        self::assertSame([12.1, 12.1, 12.1, 12.1], $flights[0]->column('volts'));
    }

    public function test_a_place_outside_the_globe_is_bad_and_none_is_nothing(): void
    {
        [$report, $flights] = self::read(
            ['0,54.1,8.3', '1,0,0', '2,154.1,8.3', '3,54.1,188', '4,54.2,8.3', '5,,8.3'],
            'time,lat,lon',
        );

        self::assertSame([4, 5], self::badLines($report));
        self::assertSame([54.1, null, 54.2, null], $flights[0]->column('latitude'));
    }

    public function test_a_line_of_ten_megabytes_is_named_and_not_kept(): void
    {
        $before = memory_get_usage();
        [$report] = self::read([
            ...self::rows(0, 3),
            '4,'.str_repeat('9', 10_000_000).',12.1',
            ...self::rows(5, 9),
        ]);

        self::assertSame([6], self::badLines($report));
        self::assertStringContainsString('longer than any row', $report->bad->listed()[0][1]);
        self::assertLessThan(4 * LogSource::LONGEST, strlen(serialize($report)));
        self::assertLessThan(40e6, memory_get_usage() - $before);
    }

    /** @return iterable<string, array{string, string}> text and what is told */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'it is empty'];
        yield 'blanks' => [" \n\n", 'it is empty'];
        yield 'an archive' => ["PK\x03\x04rest", 'ZIP archive: unpack it'];
        yield 'a picture' => ["\x89PNG\r\n", 'a picture'];
        yield 'bytes' => ["abc\x00\x01\x02def", 'it is no text'];
        yield 'prose' => ["Dear pilot,\nhow was the flight?\n", 'no line of headings'];
        yield 'headings alone' => ["time,alt,volt\n", 'no rows below'];
        yield 'no time' => ["alt,volt\n1,2\n2,3\n", 'no column says when'];
        yield 'a time that stands still' => ["time,alt\n".str_repeat("5,1\n", 3)."5,2\n5,3\n", 'time stands still'];
        yield 'nothing but bad lines' => ["time,alt\n0,x1\n1,x2\n2,x3\n3,x4\n", 'line 2: "x1" below "alt"'];
        yield 'XML of another kind' => ['<?xml version="1.0"?><html><body/></html>', 'begins with <html>'];
        yield 'names of its own' => ['<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY a "b">]><gpx/>', 'names of its own'];
        yield 'an outline' => [
            '{"type":"Polygon","coordinates":[[[8,54],[8.1,54],[8,54.1],[8,54]]]}',
            'may be an outline',
        ];
        yield 'broken JSON' => ['{"type":', 'isn\'t whole JSON'];
        yield 'lines without times' => [
            '<kml><LineString><coordinates>8,54,0 8.1,54,0</coordinates></LineString></kml>',
            'no track with times',
        ];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_recording_is_refused_with_its_reason(string $text, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        LogReading::flights(new TextSource($text, 'log.csv'));
    }

    public function test_progress_is_told_and_may_end_it(): void
    {
        $seen = [];
        $source = new TextSource(
            "time,alt\n".implode("\n", array_map(fn (int $t): string => "{$t},1", range(0, 9000))),
            'a.csv',
        );
        try {
            LogReading::into(
                new \DuskSwitch\Core\Log\MemorySink(),
                $source,
                progress: function (int $line) use (&$seen): void {
                    $seen[] = $line;
                    if (count($seen) === 2) {
                        throw new \RuntimeException('stopped');
                    }
                },
            );
            self::fail('it went on');
        } catch (\RuntimeException $stopped) {
            self::assertSame('stopped', $stopped->getMessage());
        }
        self::assertSame([2001, 4001], $seen);
    }

    public function test_what_the_pack_drives_is_read_by_its_unit_and_a_servo_is_not(): void
    {
        $rows = array_map(fn (int $t): string => "{$t},12.{$t},8.{$t},0.{$t}", range(1, 9));
        [$report] = self::read($rows, 'Time_s,Antriebsakku (V),Motor_A,Servo_A');
        self::assertSame(
            ['elapsed', 'volts', 'amperes', 'other'],
            array_map(fn (LogColumn $one): string => $one->quantity->value, $report->headed),
        );
    }

    /** @return iterable<string, array{list<string>, bool, string}> */
    public static function days(): iterable
    {
        yield 'either' => [['05/09/2026', '05/09/2026'], true, '2026-09-05'];
        yield 'a later day tells' => [['05/12/2026', '05/13/2026'], false, '2026-05-12'];
        yield 'the day first' => [['13/05/2026', '14/05/2026'], false, '2026-05-13'];
        yield 'points' => [['05.09.2026', '05.09.2026'], false, '2026-09-05'];
        yield 'twice the same' => [['07/07/2026', '07/07/2026'], false, '2026-07-07'];
        yield 'the year first' => [['2026-05-09', '2026-05-09'], false, '2026-05-09'];
    }

    /** @param  list<string>  $days */
    #[DataProvider('days')]
    public function test_a_day_that_could_be_the_month_is_said(array $days, bool $guessed, string $first): void
    {
        $rows = array_map(
            fn (int $t): string => $days[intdiv($t, 3)].sprintf(',23:59:%02d,%d', 50 + $t % 3, $t),
            range(0, 5),
        );
        [$report] = self::read($rows, 'Date,Time,alt(m)');

        self::assertSame($guessed, $report->isDayGuessed);
        self::assertSame($first, gmdate('Y-m-d', (int) $report->epoch));
    }
}
