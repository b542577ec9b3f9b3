<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Logbook\LogbookEntry;
use DuskSwitch\Core\Logbook\LogbookMarks;
use DuskSwitch\Core\Logbook\LogbookReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Logbooks that pilots kept by themselves, in tables of their own making. */
final class LogbookReaderTest extends TestCase
{
    /** @return array{string|null, string, float|null, string, string, float|null, string} */
    private static function told(LogbookEntry $one): array
    {
        return [
            $one->at === null ? null : gmdate('Y-m-d H:i:s', $one->at),
            $one->aircraft,
            $one->seconds,
            $one->site,
            $one->pack,
            $one->charged,
            $one->note,
        ];
    }

    /** @return iterable<string, array{string, list<mixed>}> the same flight each time */
    public static function own(): iterable
    {
        $flight = ['2026-05-17 14:05:00', 'Möwe', 390.0, 'Deich', 'Akku 3', 1240.0, 'ruhig'];
        yield 'German, semicolons, minutes and seconds' => [
            "Datum;Startzeit;Modell;Flugzeit;Ort;Akku;geladen (mAh);Bemerkung\n17.05.2026;14:05;Möwe;6:30;Deich;Akku 3;1240;ruhig\n",
            $flight,
        ];
        yield 'tabs, decimal minutes with a comma, Windows letters' => [
            mb_convert_encoding(
                "Tag\tUhrzeit\tModell\tDauer (min)\tPlatz\tBatterie\tLadung\tNotiz\n17.5.26\t14:05:00\tMöwe\t6,5\tDeich\tAkku 3\t1240\truhig\n",
                'Windows-1252',
                'UTF-8',
            ),
            $flight,
        ];
        yield 'month first, as its other line tells; a title above; quotes' => [
            "My flights 2026\n\n\"Date\",\"Time\",\"Model\",\"Flight time (sec)\",\"Field\",\"Battery\",\"Charged mAh\",\"Remarks\"\n\"05/17/2026\",\"2:05 PM\",\"Möwe\",\"390\",\"Deich\",\"Akku 3\",\"1,240\",\"ruhig\"\n",
            $flight,
        ];
        yield 'French, units in the cells' => [
            "Date|Heure|Avion|Durée|Lieu|Batterie|Charge rendue|Remarque\n2026/05/17|14:05|Möwe|6.5 min|Deich|Akku 3|1240 mAh|ruhig\n",
            $flight,
        ];
        yield 'one column of date and time, hours' => [
            "when,aircraft,duration h:mm:ss,place,pack,put back,notes\n2026-05-17T14:05:00Z,Möwe,0:06:30,Deich,Akku 3,1240,ruhig\n",
            $flight,
        ];
        yield 'a spreadsheet\'s wide letters, its days counted, a line that names the delimiter' => [
            "\xFF\xFE".
            mb_convert_encoding(
                "sep=;\nDate;Plane;Hours;Ort;Battery;Charge;Note\n46159,5868055556;Möwe;0,1083333;Deich;Akku 3;1240;ruhig\n",
                'UTF-16LE',
                'UTF-8',
            ),
            $flight,
        ];
        yield 'months by name, hours and minutes' => [
            "Fecha,Hora,Modelo,Duración,Lugar,Batería,Cargado,Notas\n17 de mayo de 2026,14:05,Möwe,00:06,Deich,Akku 3,1240,ruhig\n",
            [...array_slice($flight, 0, 2), 360.0, ...array_slice($flight, 3)],
        ];
        yield 'JSON of one\'s own' => [
            (string) json_encode([
                [
                    'date' => '2026-05-17 14:05',
                    'model' => 'Möwe',
                    'minutes' => 6.5,
                    'place' => 'Deich',
                    'battery' => 'Akku 3',
                    'charged' => 1240,
                    'note' => 'ruhig',
                ],
            ]),
            $flight,
        ];
    }

    /** @param  list<mixed>  $flight */
    #[DataProvider('own')]
    public function test_a_table_of_ones_own_is_read(string $text, array $flight): void
    {
        $read = LogbookReader::read($text);
        self::assertSame([], $read->bad);
        self::assertSame([$flight], array_map(self::told(...), $read->entries));
        self::assertSame([], array_filter($read->remarks, fn (string $one): bool => ! str_contains($one, 'duration')));
    }

    public function test_a_note_of_several_lines_stays_one_and_lines_keep_their_numbers(): void
    {
        $read = LogbookReader::read(
            "Date,Model,Minutes,Note\r\n2026-05-01,Ente,5,\"one\r\ntwo; \"\"three\"\"\"\r\n2026-13-01,Ente,5,\r\n2026-05-03,Ente,'=5,x\r\n2026-05-04,Ente,6,'+1 better\r\n",
        );
        self::assertSame("one\ntwo; \"three\"", $read->entries[0]->note);
        self::assertSame('+1 better', $read->entries[1]->note, 'a sign against formulas isn\'t part of it');
        self::assertSame([[4, '"2026-13-01" is no date'], [5, '"=5" is no duration']], $read->bad);
    }

    public function test_what_can_not_be_decided_is_said(): void
    {
        $either = "Date,Model,Duration\n05/09/2026,Ente,300\n06/08/2026,Ente,420\n";
        $read = LogbookReader::read($either);
        self::assertTrue($read->isDayGuessed);
        self::assertSame(['2026-09-05', '2026-08-06'], self::days($read->entries));
        self::assertSame(['2026-05-09', '2026-06-08'], self::days(LogbookReader::read($either, true)->entries));
        self::assertSame([300.0, 420.0], array_column($read->entries, 'seconds'));
        self::assertStringContainsString('taken as seconds', $read->remarks[0]);

        $short = LogbookReader::read("Date,Model,Duration,Mood\n25/09/2026,Ente,5.5,fine\n", true);
        self::assertFalse($short->isDayGuessed);
        self::assertSame(['2026-09-25'], self::days($short->entries), 'twenty-five is no month, whatever was said');
        self::assertSame(330.0, $short->entries[0]->seconds);
        self::assertStringContainsString('"Mood"', $short->remarks[0]);
        self::assertStringContainsString('taken as minutes', $short->remarks[1]);
    }

    /** @param  list<LogbookEntry>  $entries
     * @return list<string>
     */
    private static function days(array $entries): array
    {
        return array_map(fn (LogbookEntry $one): string => gmdate('Y-m-d', (int) $one->at), $entries);
    }

    public function test_facts_are_read_in_their_units(): void
    {
        $facts = LogbookReader::read(
            "Date,Aircraft,Highest ft,Fastest km/h,Best climb (ft/min),Used mAh,Lowest cell V,Lowest link at ft,Lowest link %,Highest furlong\n2026-05-01,Ente,328.084,36,,812,3.51,1000,61,2\n",
        );
        self::assertEqualsWithDelta(
            [
                'highest' => 100.0,
                'fastest' => 10.0,
                'used' => 812.0,
                'cellLowest' => 3.51,
                'linkLowestAt' => 304.8,
                'linkLowest' => 61.0,
            ],
            $facts->entries[0]->facts,
            1e-4,
        );
        self::assertStringContainsString('"Highest furlong"', $facts->remarks[0]);
    }

    public function test_days_are_read_as_they_are_written_in_four_languages(): void
    {
        foreach (
            ['1 March 2026', '1. März 2026', '1 mars 2026', '1 marzo 2026', 'Mar 1, 2026', '01-Mar-2026'] as $day
        ) {
            self::assertSame(
                ['2026-03-01'],
                self::days(LogbookReader::read("Date;Model;Minutes\n{$day};Ente;3\n")->entries),
                $day,
            );
        }
        foreach (['1 Marble', '1 Foo 2026', '31 Feb 2026', '30000', '99999'] as $day) {
            $read = LogbookReader::read("Date;Model;Minutes\n{$day};Ente;3\n2026-01-01;Ente;3\n");
            self::assertSame("\"{$day}\" is no date", $read->bad[0][1]);
        }
    }

    public function test_how_long_and_how_much_a_line_may_say(): void
    {
        $one = fn (string $heads, string $cells): LogbookEntry|string => self::one(
            "Date;Model;{$heads}\n2026-05-01;Ente;{$cells}\n",
        );
        foreach (
            [
                '24:00:00' => 86_400.0,
                '1:02:03' => 3723.0,
                '0.2 h' => 720.0,
                '4.5 min' => 270.0,
                "5'" => 300.0,
                '95 s' => 95.0,
                '0' => 0.0,
                '90' => 5400.0,
            ] as $duration => $seconds
        ) {
            self::assertSame($seconds, self::told($one('Duration', (string) $duration))[2], (string) $duration);
        }
        self::assertSame(91.0, self::told($one('Duration', '91'))[2], 'nobody flies a model for 91 minutes each time');
        foreach (['24:00:01', '25 h', '1441'] as $duration) {
            self::assertSame("\"{$duration}\" is longer than a day", $one('Duration min', $duration), $duration);
        }
        self::assertSame(720.0, self::told($one('Duration h:mm', '0:12'))[2]);
        self::assertSame(60.0, self::told($one('Duration', '1:00'))[2], 'a minute is a flight');
        self::assertSame(3540.0, self::told($one('Duration', '0:59'))[2], 'less than one is none: hours and minutes');

        self::assertSame(100_000.0, self::told($one('Charged', '100000'))[5]);
        self::assertSame('"100001" is no charge in mAh', $one('Charged', '100001'));
        self::assertSame(0.0, self::told($one('Charged', '0'))[5]);
        self::assertSame(1.24, self::told($one('Charged', '1,24'))[5]);

        self::assertSame(
            [str_repeat('y', 60), ''],
            [self::told($one('Place', str_repeat('y', 60)))[3], self::told($one('Place', str_repeat('y', 60)))[6]],
        );
        self::assertSame(str_repeat('y', 61), self::told($one('Place', str_repeat('y', 61)))[6]);
        self::assertSame(str_repeat('z', 2000), self::told($one('Note', str_repeat('z', 2000)))[6]);
        self::assertSame(['2000-01-01'], self::days(LogbookReader::read("Date;Model\n36526;Ente\n")->entries));
    }

    /** @return LogbookEntry|string the flight of a table with one, or why it's left out */
    private static function one(string $table): LogbookEntry|string
    {
        $read = LogbookReader::read("{$table}2026-06-01;Gans;\n");

        return $read->bad[0][1] ?? $read->entries[0];
    }

    public function test_headings_stand_in_the_first_twenty_lines_and_a_list_counts_its_flights(): void
    {
        $table = "Date;Model;Minutes\n2026-05-01;Ente;3\n";
        self::assertCount(1, LogbookReader::read(str_repeat("my flights\n", 19).$table)->entries);
        $list = LogbookReader::read(
            (string) json_encode([
                ['date' => 'never', 'model' => 'Ente'],
                [
                    'date' => '2026-05-01',
                    'model' => 'Ente',
                    'marks' => [
                        ['at' => 3.5, 'says' => str_repeat('é', 81)],
                        ['at' => 'soon', 'says' => 'x'],
                        'y',
                        ['says' => 'z'],
                    ],
                ],
            ]),
        );
        self::assertSame([[1, '"never" is no date']], $list->bad);
        self::assertSame(
            [2, [['at' => 3.5, 'says' => str_repeat('é', 80)]]],
            [$list->entries[0]->line, $list->entries[0]->marks],
        );
        $many = LogbookReader::read(
            'Date;Model;'.
                implode(';', array_map(fn (int $one): string => "x{$one}", range(1, 13))).
                "\n2026-05-01;Ente;\n",
        );
        self::assertStringEndsWith('"x11", "x12".', $many->remarks[0]);
        $units = LogbookReader::read(
            (string) json_encode([
                'columns' => [['id' => 'highest', 'unit' => 'ft'], ['id' => 'used'], 'x', ['unit' => 'm']],
                'flights' => [
                    ['date' => '2026-05-01', 'model' => 'Ente', 'facts' => ['highest' => 100, 'used' => 5, 'odd' => 1]],
                ],
            ]),
        );
        self::assertEqualsWithDelta(['highest' => 30.48], $units->entries[0]->facts, 1e-9);
        $this->expectExceptionMessage('none of its first 20 lines');
        LogbookReader::read(str_repeat("my flights\n", 21).$table);
    }

    public function test_numbers_of_another_database_mean_nothing(): void
    {
        $ours = LogbookReader::read(
            (string) json_encode([
                'flights' => [
                    [
                        'id' => 7,
                        'flownAt' => '2026-05-01T10:00:00Z',
                        'aircraft' => 3,
                        'aircraftName' => 'Ente',
                        'revision' => 12,
                        'recording' => 4,
                        'pack' => 2,
                        'packLabel' => 'Akku 3',
                        'seconds' => 61.0,
                        'charged' => null,
                    ],
                ],
            ]),
        );
        self::assertSame(
            ['Ente', 'Akku 3', 61.0],
            [$ours->entries[0]->aircraft, $ours->entries[0]->pack, $ours->entries[0]->seconds],
        );
        self::assertSame([], $ours->remarks);
        $own = LogbookReader::read(
            (string) json_encode([['date' => '2026-05-01', 'aircraft' => 'Ente', 'pack' => 'Akku 9']]),
        );
        self::assertSame(['Ente', 'Akku 9'], [$own->entries[0]->aircraft, $own->entries[0]->pack]);
        $table = LogbookReader::read("Date;Aircraft;Revision;;Mood\n2026-05-01;Ente;12;x;y\n");
        self::assertSame(['Left out, as no flight of the logbook has such a thing: "Mood".'], $table->remarks);
    }

    public function test_a_long_name_is_kept_whole_in_the_note(): void
    {
        $name = str_repeat('Ente ', 13);
        $one = LogbookReader::read("Date;Model;Note\n2026-05-01;{$name};gut\n")->entries[0];
        self::assertSame([60, "gut\n".trim($name)], [mb_strlen($one->aircraft), $one->note]);
    }

    public function test_marks_stand_in_a_cell_a_line_each(): void
    {
        $marks = [
            ['at' => 41.5, 'says' => '=Loop; "round"'],
            ['at' => 3725.0, 'says' => '1:05 Landing'],
            ['at' => 0.125, 'says' => 'ä'],
        ];
        $cell = LogbookMarks::write($marks);
        self::assertSame("0:41.5 =Loop; \"round\"\n62:05 1:05 Landing\n0:00.125 ä", $cell);
        self::assertSame($marks, LogbookMarks::read($cell));
        self::assertSame([], LogbookMarks::read(' '));
        self::assertNull(LogbookMarks::read("0:41 Loop\nsomewhere a roll"));
        $own = LogbookReader::read(
            "Date;Model;Marks;Note\n2026-05-01;Ente;three rolls;gut\n2026-05-02;Ente;\"0:10 up\n1:20 down\";\n",
        );
        self::assertSame(["gut\nthree rolls", []], [$own->entries[0]->note, $own->entries[0]->marks]);
        self::assertSame([10.0, 80.0], array_column($own->entries[1]->marks, 'at'));
    }

    public function test_a_sum_is_no_flight(): void
    {
        $read = LogbookReader::read("Date;Model;Minutes\n2026-05-01;Ente;3\n;;3\n;Summe 2026;3\n;Summer;4\n");
        self::assertSame(['Ente', 'Summer'], array_column($read->entries, 'aircraft'));
        self::assertSame(
            [[3, 'it has neither a date nor an aircraft'], [4, '"Summe 2026" heads a sum, not a flight']],
            $read->bad,
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function none(): iterable
    {
        yield 'nothing' => ['', 'none of its first'];
        yield 'a picture' => ["\x89PNG\r\n\0\0\0", 'it isn\'t text'];
        yield 'another table' => ["a,b,c\n1,2,3\n", 'none of its first'];
        yield 'a list of something else' => ['[{"a": 1}]', 'no list of flights'];
        yield 'torn JSON' => ['{"flights": [', 'it is no JSON'];
        yield 'only headings' => ["Date,Model,Minutes\n", 'no flight that can be read'];
        yield 'nothing but bad lines' => [
            "Date,Model,Minutes\nx,Ente,1\n31.02.2026,Ente,1\n2026-05-01,Ente,-4\n2026-05-02,Ente,1e9\n",
            'line 2: "x" is no date; line 3: "31.02.2026" is no date; line 4: "-4" is no duration',
        ];
    }

    #[DataProvider('none')]
    public function test_what_is_no_logbook_is_refused(string $text, string $why): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($why);
        LogbookReader::read($text);
    }

    public function test_what_is_too_long_for_its_place_stands_in_the_note(): void
    {
        $place = str_repeat('weit ', 20);
        $read = LogbookReader::read(
            "Date,Model,Place,Note\n2026-05-01,Ente,{$place},gut\n2026-05-02,Ente,,".str_repeat('y', 2001)."\n",
        );
        self::assertSame(60, mb_strlen($read->entries[0]->site));
        self::assertSame("gut\n".trim($place), $read->entries[0]->note);
        self::assertSame('its note has 2001 letters, and 2000 are kept: shorten it', $read->bad[0][1]);
    }
}
