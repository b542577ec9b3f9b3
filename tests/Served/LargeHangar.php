<?php

namespace DuskSwitch\Tests\Served;

use PDO;

/** Fills a hangar with aircraft, revisions, what was done with them, and flights with recordings: a season and more. */
final class LargeHangar
{
    private function __construct(private readonly PDO $pdo, private readonly string $recordings) {}

    /**
     * Fills a database that is there, and its folder of recordings.
     *
     * @param  int  $flights  recorded, each with so many rows
     * @param  int  $acts  for each aircraft
     * @param  int  $typed  flights without a recording
     */
    public static function fill(
        string $database,
        int $aircraft,
        int $revisions,
        int $flights,
        int $acts,
        int $rows = 40,
        int $typed = 0,
    ): void {
        $pdo = new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $pdo->exec('PRAGMA synchronous = OFF');
        $pdo->beginTransaction();
        $one = new self($pdo, dirname($database).'/recordings');
        is_dir($one->recordings) || mkdir($one->recordings);
        $one->aircraft($aircraft, $revisions, $acts);
        $one->flights($flights, $typed, $aircraft, $rows);
        $pdo->commit();
    }

    private function aircraft(int $count, int $revisions, int $acts): void
    {
        $texts = array_map(
            fn (string $file): string => (string) file_get_contents($file),
            glob('database/demo/*.json') ?: [],
        );
        $add = $this->pdo->prepare(
            'INSERT INTO aircraft (id, uuid, name, family, transmitter, head, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
        );
        $revise = $this->pdo->prepare(
            'INSERT INTO revisions (aircraft_id, number, parent, document, note, aside, created_at) VALUES (?, ?, ?, ?, ?, 0, ?)',
        );
        $do = $this->pdo->prepare(
            "INSERT INTO acts (aircraft_id, kind, about, revision, fingerprint, items, note, created_at) VALUES (?, 'check', 'each-flight', ?, ?, ?, ?, ?)",
        );
        for ($i = 1; $i <= $count; $i++) {
            $document = json_decode($texts[$i % count($texts)]);
            $document->name = "Aircraft {$i}";
            $add->execute([
                1000 + $i,
                self::uuid("aircraft {$i}"),
                $document->name,
                $document->family,
                $document->transmitter,
                $revisions,
                '2026-03-01 10:00:00',
                '2026-03-01 10:00:00',
            ]);
            for ($number = 1; $number <= $revisions; $number++) {
                $document->notes = "Revision {$number} of {$i}: ".hash('sha256', "{$i} {$number}");
                $text =
                    json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION).
                    "\n";
                $revise->execute([
                    1000 + $i,
                    $number,
                    $number === 1 ? null : $number - 1,
                    $text,
                    "Edit {$number}",
                    '2026-03-01 10:00:00',
                ]);
            }
            for ($act = 0; $act < $acts; $act++) {
                $do->execute([
                    1000 + $i,
                    1 + ($act % $revisions),
                    hash('xxh128', "{$i} {$act}"),
                    json_encode(["Propellers tight, number {$act}", str_repeat('checked ', 20)]),
                    "Act {$act}",
                    '2026-03-02 10:00:00',
                ]);
            }
        }
    }

    private function flights(int $count, int $typed, int $aircraft, int $rows): void
    {
        $record = $this->pdo->prepare(
            "INSERT INTO recordings (id, uuid, sha256, name, bytes, format, report, created_at) VALUES (?, ?, ?, ?, ?, 'csv', ?, '2026-04-01 10:00:00')",
        );
        $fly = $this->pdo->prepare(
            "INSERT INTO flights (uuid, recording_id, place, aircraft_id, aircraft_name, revision, flown_at, seconds, note, facts, marks, created_at, updated_at) VALUES (?, ?, 0, ?, ?, 1, ?, ?, ?, ?, '[]', '2026-04-01 10:00:00', '2026-04-01 10:00:00')",
        );
        $column = fn (string $key, string $heading, string $quantity): array => [
            'key' => $key,
            'heading' => $heading,
            'quantity' => $quantity,
            'unit' => null,
            'confidence' => 0.9,
            'told' => false,
        ];
        $headed = array_map(fn (int $at): array => $column("c{$at}", "Value {$at}", 'other'), range(1, 12));
        for ($i = 1; $i <= $count + $typed; $i++) {
            $isTyped = $i > $count;
            $text = $isTyped
                ? ''
                : "time,alt(m)\n".
                    implode(
                        "\n",
                        array_map(fn (int $t): string => "{$t},".(crc32("{$i} {$t}") % 1000) / 10, range(0, $rows)),
                    );
            $sum = hash('sha256', $text);
            if ($isTyped) {
                $fly->execute([
                    self::uuid("flight {$i}"),
                    null,
                    1001 + ($i % $aircraft),
                    'Aircraft',
                    gmdate('Y-m-d H:i:s', 1_767_225_600 + $i * 3600),
                    100 + ($i % 900),
                    "Flight {$i}: ".str_repeat('calm air. ', 60),
                    '[]',
                ]);

                continue;
            }
            mkdir("{$this->recordings}/{$sum}");
            file_put_contents("{$this->recordings}/{$sum}/original", $text);
            $report = [
                'rows' => $rows,
                'epoch' => null,
                'dayIsGuessed' => false,
                'bad' => 0,
                'badLines' => [],
                'doubled' => 0,
                'sorted' => 0,
                'repeated' => 0,
                'kept' => [],
                'headed' => $headed,
                'flights' => [],
                'choice' => [],
            ];
            $record->execute([
                $i,
                self::uuid("recording {$i}"),
                $sum,
                "flight-{$i}.csv",
                strlen($text),
                json_encode($report),
            ]);
            $facts = array_combine(
                array_map(fn (int $at): string => "fact{$at}", range(1, 20)),
                array_map(fn (int $at): float => crc32("{$i} {$at}") / 7, range(1, 20)),
            );
            $fly->execute([
                self::uuid("flight {$i}"),
                $i,
                1001 + ($i % $aircraft),
                'Aircraft',
                gmdate('Y-m-d H:i:s', 1_767_225_600 + $i * 3600),
                100 + ($i % 900),
                "Flight {$i}: ".str_repeat('calm air. ', 20),
                json_encode($facts),
            ]);
        }
    }

    private static function uuid(string $name): string
    {
        $sum = hash('sha256', $name);

        return implode('-', [
            substr($sum, 0, 8),
            substr($sum, 8, 4),
            '4'.substr($sum, 13, 3),
            '8'.substr($sum, 17, 3),
            substr($sum, 20, 12),
        ]);
    }
}
