<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Jobs\Stopped;
use DuskSwitch\App\Log\ColumnChoices;
use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Log\LogFile;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Models\Field;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pack;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\ColumnChoice;
use DuskSwitch\Core\Log\LogQuantity;
use Illuminate\Support\Str;

/** The logbook: recordings in, flights with their facts and notes, and out again. */
final class LogbookTest extends HttpTestCase
{
    use TakesRecordings;

    public function test_a_recording_becomes_flights_with_their_facts(): void
    {
        $this->take(self::table(2));
        $book = json_decode((string) $this->api('GET', '/api/logbook')->getContent());

        self::assertCount(2, $book->flights);
        self::assertSame(
            ['2026-04-11T11:00:00Z', '2026-04-11T10:00:00Z'],
            array_column($book->flights, 'flownAt'),
            'the newest first',
        );
        $flight = $book->flights[1];
        self::assertSame(['Tern', 1], [$flight->aircraftName, $flight->revision]);
        self::assertEqualsWithDelta(
            [60, 43.2, 79],
            [$flight->facts->highest, $flight->facts->fastest, $flight->seconds],
            2.0,
        );
        self::assertSame(['Tern', 2], [$book->totals->aircraft[0]->name, $book->totals->flights]);
    }

    public function test_facts_are_read_in_the_pilots_units(): void
    {
        $this->take(self::table());
        $this->api('PUT', '/api/pilot', ['units' => 'imperial']);
        $book = json_decode((string) $this->api('GET', '/api/logbook')->getContent());

        self::assertEqualsWithDelta(60 / 0.3048, $book->flights[0]->facts->highest, 7.0);
        self::assertSame('ft', array_column($book->columns, 'unit', 'id')['highest']);
    }

    public function test_a_flight_is_opened_with_what_it_tells_and_what_nothing_tells(): void
    {
        $this->take(self::table(), null);
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());
        $findings = array_column($page->findings, null, 'id');

        self::assertSame('1:19', $findings['air']->says);
        self::assertFalse($findings['link']->known);
        self::assertStringContainsString('link level', $findings['link']->says);
        self::assertStringContainsString(
            'how many cells',
            $findings['battery']->says,
            'nobody said which pack: that is asked, not guessed',
        );
        self::assertSame(120, count($page->recording->times));
        self::assertSame(['Height', 'Speed', 'Climb', 'Current'], array_column($page->recording->traces, 'name'));
        $columns = array_column($page->file->columns, null, 'heading');
        self::assertSame(['height', 'm'], [$columns['Höhe (m)']->quantity, $columns['Höhe (m)']->unit]);
        self::assertSame('other', $columns['Rätsel']->quantity);
    }

    public function test_a_pack_tells_the_cells(): void
    {
        $this->take(self::table());
        $pack = Pack::create([
            'uuid' => (string) Str::uuid(),
            'label' => 'Blue 2',
            'cells' => 3,
            'capacity' => 1500,
            'plug' => 'the yellow one',
        ]);
        $this->api('PATCH', '/api/logbook/1', ['pack' => $pack->id, 'charged' => 412.5]);
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());

        self::assertSame(['Blue 2', 412.5], [$page->flight->packLabel, $page->flight->charged]);
        self::assertTrue(array_column($page->findings, 'known', 'id')['battery']);
        // The pack was made with 0.03 ohm, ten milliohms a cell.
        self::assertEqualsWithDelta(0.01, $page->analysis->battery->resistance, 0.001);
    }

    public function test_the_same_file_twice_is_noticed_whatever_it_is_called(): void
    {
        $this->take(self::table());
        try {
            $this->take(self::table(), 'Tern', 'another-name.csv');
            self::fail('it was taken twice');
        } catch (Refused $refused) {
            self::assertStringContainsString('in the logbook already, as "saturday.csv"', $refused->getMessage());
        }
        self::assertSame([1, 1], [Recording::count(), Flight::count()]);
    }

    public function test_what_is_refused_or_stopped_leaves_nothing_behind(): void
    {
        $files = fn (): array => glob("{$this->folder}/kept/*") ?: [];
        foreach (["no recording at all\n", "time,alt\n1,x\n2,y\n", ''] as $text) {
            try {
                $this->take($text);
                self::fail('it was taken');
            } catch (Refused) {
                self::assertSame([], $files());
            }
        }
        $long = "time,alt\n".implode("\n", array_map(fn (int $t): string => "{$t},5", range(0, 9000)));
        $stops = new class implements Progress
        {
            public function at(int $done, int $total): void
            {
                throw new Stopped();
            }
        };
        $path = $this->file($long);
        try {
            $this->app->make(Imports::class)->take(new LogFile($path, 'long.csv'), $path, null, $stops);
            self::fail('it went on');
        } catch (Stopped) {
            self::assertSame([[], 0, 0], [$files(), Recording::count(), Flight::count()]);
        }
    }

    public function test_the_file_is_kept_as_it_came_and_goes_with_its_last_flight(): void
    {
        $recording = $this->take(self::table(2));
        $kept = $this->app->make(RecordingFiles::class)->original($recording);
        self::assertSame(self::table(2), file_get_contents($kept));
        $this->api('DELETE', '/api/logbook/1');
        self::assertFileExists($kept, 'a flight of it is left');
        $this->api('DELETE', '/api/logbook/2');

        self::assertFileDoesNotExist($kept);
        self::assertSame(0, Recording::count());
    }

    public function test_a_column_that_was_corrected_is_read_that_way_in_the_next_file_too(): void
    {
        $text = fn (int $shift): string => "time,Alt,Puzzle\n".
            implode("\n", array_map(fn (int $t): string => $shift + $t.',0,'.(100 + $t), range(0, 60)));
        $recording = $this->take($text(0), 'Tern', 'one.csv');
        $choice = ColumnChoices::read(['Puzzle' => ['quantity' => 'height', 'unit' => 'ft']]);
        $this->app->make(Imports::class)->remap($recording, $choice);
        $next = $this->take($text(500), 'Tern', 'two.csv');
        foreach ([1, 2] as $flight) {
            $page = json_decode((string) $this->api('GET', "/api/logbook/{$flight}")->getContent());
            self::assertSame('height', array_column($page->file->columns, 'quantity', 'heading')['Puzzle']);
            // Over the field: less what it read in the first moments.
            self::assertEqualsWithDelta(59 * 0.3048, max($page->recording->truth->height), 0.1);
        }
        self::assertNotSame($recording->sha256, $next->sha256);
    }

    public function test_a_column_that_can_not_be_is_refused_with_its_heading(): void
    {
        $this->take(self::table());
        $answer = json_decode(
            (string) $this->api(
                'POST',
                '/api/recordings/1/columns',
                ['Strom' => ['quantity' => 'height', 'unit' => 'V']],
                422,
            )->getContent(),
        );
        self::assertSame('columns.Strom.unit', $answer->faults[0]->path);
        $answer = json_decode(
            (string) $this->api(
                'POST',
                '/api/recordings/1/columns',
                ['Strom' => ['quantity' => 'happiness']],
                422,
            )->getContent(),
        );
        self::assertStringContainsString('must be one of', $answer->faults[0]->says);
    }

    public function test_a_flight_of_a_deleted_aircraft_stays_readable(): void
    {
        $this->take(self::table());
        $this->api('DELETE', '/api/aircraft/'.$this->aircraft('Tern')->id, ['base' => 1]);
        $page = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent());

        self::assertSame('Tern', $page->flight->aircraftName);
        self::assertSame(120, count($page->recording->times));
    }

    public function test_a_flight_is_typed_in_and_changed(): void
    {
        $id = $this->aircraft('Petrel')->id;
        $made = json_decode(
            (string) $this->api(
                'POST',
                '/api/logbook',
                [
                    'aircraft' => $id,
                    'flownAt' => '2026-02-03T15:20',
                    'seconds' => 640,
                    'site' => 'North slope',
                    'note' => 'Cold fingers',
                ],
                201,
            )->getContent(),
        );
        self::assertSame(
            ['2026-02-03T15:20:00Z', 640.0, 'North slope', null],
            [$made->flownAt, (float) $made->seconds, $made->site, $made->recording],
        );
        $this->api('PATCH', "/api/logbook/{$made->id}", [
            'weather' => 'East, gusty',
            'marks' => [['at' => 12.5, 'says' => 'first lift']],
        ]);
        $page = json_decode((string) $this->api('GET', "/api/logbook/{$made->id}")->getContent());

        self::assertSame(
            ['East, gusty', 'first lift', 'Cold fingers'],
            [$page->flight->weather, $page->flight->marks[0]->says, $page->flight->note],
        );
        self::assertNull($page->recording);
    }

    public function test_marks_part_a_flight_into_legs_with_their_own_facts(): void
    {
        $this->take(self::table());
        $this->api('PATCH', '/api/logbook/1', [
            'marks' => [['at' => 60, 'says' => 'half way'], ['at' => 40, 'says' => 'climbed out']],
        ]);
        $legs = json_decode((string) $this->api('GET', '/api/logbook/1')->getContent())->legs;

        self::assertSame(['From the beginning', 'climbed out', 'half way'], array_column($legs, 'says'));
        self::assertSame(
            [[0.0, 40.0], [40.0, 60.0], [60.0, 119.0]],
            array_map(fn (\stdClass $one): array => [(float) $one->from, (float) $one->to], $legs),
        );
        // 60·sin(20/80·π) = 42 m at 40 s; the top at 60 s.
        self::assertEqualsWithDelta(
            [42.0, 60.0, 60.0],
            array_map(fn (\stdClass $one): float => $one->facts->highest, $legs),
            1.5,
        );
        self::assertEqualsWithDelta([56.0, 56.0], [$legs[0]->facts->used, $legs[1]->facts->used], 0.2);
    }

    public function test_the_logbook_goes_out_as_a_table_and_as_json(): void
    {
        $this->take(self::table());
        $this->api('PATCH', '/api/logbook/1', ['note' => "=danger, \"quoted\"\nsecond line"]);
        $csv = (string) $this->get('/api/logbook.csv')->assertOk()->getContent();
        $rows = array_map(fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim($csv)));

        self::assertSame(['Date', 'Aircraft', 'Revision'], array_slice($rows[0], 0, 3));
        self::assertSame(['2026-04-11T10:00:00Z', 'Tern', '1'], array_slice($rows[1], 0, 3));
        self::assertStringContainsString("\"'=danger, \"\"quoted\"\"", $csv, 'no spreadsheet runs it');
        self::assertCount(1, json_decode((string) $this->api('GET', '/api/logbook.json')->getContent())->flights);
    }

    public function test_bad_notes_are_refused_with_their_path_and_change_nothing(): void
    {
        $id = $this->aircraft('Petrel')->id;
        $this->api('POST', '/api/logbook', ['aircraft' => $id, 'site' => 'Field'], 201);
        foreach (
            [
                [['seconds' => -3], 'seconds'],
                [['flownAt' => 'yesterday'], 'flownAt'],
                [['aircraft' => 999], 'aircraft'],
                [['pack' => 77], 'pack'],
                [['site' => str_repeat('x', 61)], 'site'],
                [['charged' => 'much'], 'charged'],
                [['marks' => [['at' => 1]]], 'marks[0].says'],
            ] as [$body, $path]
        ) {
            $answer = json_decode(
                (string) $this->api('PATCH', '/api/logbook/1', ['site' => 'Elsewhere', ...$body], 422)->getContent(),
            );
            self::assertContains($path, array_column($answer->faults, 'path'));
            self::assertSame('Field', Flight::find(1)?->site);
        }
    }

    public function test_what_is_put_back_is_read_as_it_was_and_not_as_others_are_since(): void
    {
        $imports = $this->app->make(Imports::class);
        $riddle = fn (LogQuantity $is): ColumnChoice => new ColumnChoice(['Rätsel' => [$is, null]]);
        $numbers = fn (int $is): string => str_replace(';x', ";{$is}", self::table());
        $first = $this->take($numbers(7), 'Tern', 'first.csv');
        $imports->remap($first, $riddle(LogQuantity::Satellites));
        // The same headings mean something else on another day.
        $imports->remap($this->take($numbers(8), 'Tern', 'second.csv'), $riddle(LogQuantity::Temperature));

        // A backup brings the file as it came alone.
        $files = $this->app->make(RecordingFiles::class);
        $isUnread = function () use ($files, $first): bool {
            array_map(unlink(...), glob($files->folder($first->sha256).'/*.columns') ?: []);

            return $files->isUnread($first);
        };
        self::assertTrue($isUnread());
        $imports->readAgain($first);
        self::assertFalse($files->isUnread($first));
        self::assertContains('satellites', array_column($first->refresh()->report['headed'], 'quantity'));
        self::assertNotContains('temperature', array_column($first->report['headed'], 'quantity'));
        // A report of before choices were kept is read with the mapping of now.
        $report = $first->report;
        unset($report['choice']);
        $first->update(['report' => $report]);
        self::assertTrue($isUnread());
        $imports->readAgain($first);
        self::assertContains('temperature', array_column($first->refresh()->report['headed'], 'quantity'));
    }
}
