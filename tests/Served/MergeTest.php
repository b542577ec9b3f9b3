<?php

namespace DuskSwitch\Tests\Served;

use PDO;

/**
 * Two machines, each with its own evening, brought together: nothing of either is lost, and once more changes
 * nothing.
 */
final class MergeTest extends DataTestCase
{
    private string $here;

    private string $there;

    protected function setUp(): void
    {
        parent::setUp();
        $this->here = $this->database('here');
        $this->artisan($this->here, 'data:prepare');
        $pdo = self::open($this->here);
        $pdo->exec(
            "INSERT INTO packs (id, uuid, label, cells, capacity, plug, note, created_at, updated_at) VALUES
                (1, '10000000-0000-4000-8000-000000000001', 'Red', 3, 900, 'small', '', '2026-05-01 10:00:00', '2026-05-01 10:00:00')",
        );
        $pdo->exec(
            "INSERT INTO flights (uuid, aircraft_id, aircraft_name, flown_at, seconds, note, facts, marks,
                created_at, updated_at) VALUES
                ('20000000-0000-4000-8000-000000000001', 4, 'Petrel', '2026-05-02 10:00:00', 300, 'calm',
                '[]', '[]', '2026-05-02 11:00:00', '2026-05-02 11:00:00'),
                ('20000000-0000-4000-8000-000000000002', 4, 'Petrel', '2026-05-03 10:00:00', 310, '',  '[]',
                '[{\"at\": 5, \"says\": \"gust\"}]', '2026-05-03 11:00:00', '2026-05-03 11:00:00')",
        );
        $pdo->exec(
            "INSERT INTO fields (uuid, name, outline, runway, height) VALUES
            ('30000000-0000-4000-8000-000000000001', 'Meadow', '[[54, 8], [54.1, 8], [54, 8.1]]',  '[]', 90)",
        );
        unset($pdo);
        $this->artisan($this->here, 'data:backup', "{$this->folder}/both.zip");
        mkdir("{$this->folder}/elsewhere");
        $this->there = "{$this->folder}/elsewhere/there.sqlite";
        $this->artisan($this->there, 'data:restore', "{$this->folder}/both.zip", '--replace');
    }

    public function test_notes_marks_packs_and_acts_of_both_are_kept(): void
    {
        $edit = 'updated_at = \'2026-06-01 10:00:00\'';
        // Here: a note on the first flight, another mark, a charge, a binding.
        self::open($this->here)->exec(
            "UPDATE flights SET note = 'calm, then thermals', site = 'Dyke', {$edit} WHERE note = 'calm';
             UPDATE flights SET marks = '[{\"at\": 5, \"says\": \"gust\"}, {\"at\": 90, \"says\": \"here\"}]', note = 'mine', {$edit}
             WHERE note = '';
             INSERT INTO pack_acts (pack_id, kind, done_on, mah) VALUES (1, 'charge', '2026-06-01', 700);
             UPDATE packs SET label = 'Red one', {$edit};
             INSERT INTO acts (aircraft_id, kind, about, revision, items, created_at) VALUES
             (4, 'bind', 'binding', 1, '[\"here\"]', '2026-06-01 10:00:00');
             UPDATE fields SET height = 100",
        );
        // There: a note on the second, a mark, the same charge twice, another pack's name, a checklist.
        self::open($this->there)->exec(
            "UPDATE flights SET pilot = 'Ada', {$edit} WHERE note = 'calm';
             UPDATE flights SET marks = '[{\"at\": 5, \"says\": \"gust\"}, {\"at\": 40, \"says\": \"there\"}]', note = 'theirs', charged = 640, {$edit}
             WHERE note = '';
             INSERT INTO pack_acts (pack_id, kind, done_on, mah) SELECT id, 'charge', '2026-06-01', 700
             FROM packs UNION ALL SELECT id, 'charge', '2026-06-01', 700 FROM packs;
             UPDATE packs SET label = 'Club pack', note = 'lent', {$edit};
             INSERT INTO acts (aircraft_id, kind, about, revision, items, created_at)
             SELECT id, 'check', 'each-flight', 1, '[\"there\"]', '2026-06-02 10:00:00' FROM aircraft
             WHERE name = 'Petrel';
             UPDATE fields SET height = 120",
        );
        $this->artisan($this->there, 'data:backup', "{$this->folder}/there.zip");

        $shown = $this->artisan($this->here, 'data:restore', "{$this->folder}/there.zip")->getErrorOutput();
        self::assertMatchesRegularExpression('/flights +2 differ, both kept/', $shown);
        self::assertMatchesRegularExpression('/packs +1 differ, both kept/', $shown);
        self::assertMatchesRegularExpression('/charges and measurements +1 new, 1 already here/', $shown);
        self::assertMatchesRegularExpression('/what was done +1 new, 1 only here/', $shown);
        self::assertMatchesRegularExpression('/fields +1 differ, both kept/', $shown);

        $merged = null;
        foreach ([1, 2] as $time) {
            self::assertSame(
                0,
                $this->artisan($this->here, 'data:restore', "{$this->folder}/there.zip", '--merge')->getExitCode(),
            );
            $state = $this->state();
            self::assertSame($merged ?? $state, $state, 'once more changes nothing');
            $merged = $state;
        }
        [$flights, $packs, $acts, $charges, $fields] = $merged;
        self::assertSame(
            ['calm, then thermals', 'Dyke', 'Ada'],
            [$flights[0]['note'], $flights[0]['site'], $flights[0]['pilot']],
            'what one side wrote is taken',
        );
        self::assertSame("mine\nFrom the backup: theirs", $flights[1]['note'], 'what both wrote is kept');
        self::assertSame(640.0, (float) $flights[1]['charged']);
        self::assertSame(
            ['gust', 'there', 'here'],
            array_column(json_decode($flights[1]['marks'], true), 'says'),
            'by their time',
        );
        self::assertSame('Red one', $packs[0]['label']);
        self::assertSame("lent\nFrom the backup: label Club pack", $packs[0]['note']);
        self::assertSame(['bind', 'check'], array_column($acts, 'kind'));
        self::assertCount(2, $charges, 'one of the two was the same charge');
        self::assertSame(
            [['Meadow', 100.0], ['Meadow (from backup)', 120.0]],
            array_map(fn (array $one): array => [$one['name'], (float) $one['height']], $fields),
        );
    }

    public function test_one_recording_that_was_imported_on_both_is_one_flight(): void
    {
        file_put_contents(
            "{$this->folder}/log.csv",
            "time,alt(m)\n".implode("\n", array_map(fn (int $t): string => "{$t},".$t % 50, range(0, 200))),
        );
        foreach ([$this->here, $this->there] as $database) {
            self::assertSame(
                0,
                $this->artisan($database, 'log:import', "{$this->folder}/log.csv", '--aircraft=4')->getExitCode(),
            );
        }
        self::open($this->there)->exec("UPDATE flights SET note = 'from there' WHERE recording_id IS NOT NULL");
        $this->artisan($this->there, 'data:backup', "{$this->folder}/there.zip");
        self::assertSame(
            0,
            $this->artisan($this->here, 'data:restore', "{$this->folder}/there.zip", '--merge')->getExitCode(),
        );
        self::assertSame(3, self::rows($this->here, 'flights'));
        self::assertSame(1, self::rows($this->here, "flights WHERE note = 'from there' AND recording_id IS NOT NULL"));
    }

    /** @return list<list<array<string, mixed>>> */
    private function state(): array
    {
        $pdo = self::open($this->here);

        return array_map(fn (string $rows): array => $pdo->query($rows)->fetchAll(PDO::FETCH_ASSOC), [
            'SELECT note, site, pilot, charged, marks FROM flights ORDER BY flown_at',
            'SELECT label, note FROM packs',
            'SELECT kind, items FROM acts ORDER BY created_at',
            'SELECT mah FROM pack_acts',
            'SELECT name, height FROM fields ORDER BY name',
        ]);
    }
}
