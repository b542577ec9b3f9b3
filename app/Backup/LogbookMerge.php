<?php

namespace DuskSwitch\App\Backup;

use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use stdClass;

/**
 * Lays the logbook of an unpacked backup over what is here: packs, fields, flights with their marks and notes,
 * work.
 */
final class LogbookMerge
{
    /** Columns that a row has of this machine or of the moment alone. */
    private const OWN = ['id' => true, 'created_at' => true, 'updated_at' => true];

    private const PACK = [
        'label' => 'label',
        'cells' => 'cells',
        'capacity' => 'capacity, mAh',
        'plug' => 'plug',
        'grams' => 'weight, g',
        'retired_on' => 'retired',
    ];

    private const FLIGHT = [
        'flown_at' => 'flown',
        'seconds' => 'seconds in the air',
        'site' => 'place',
        'pilot' => 'pilot',
        'charged' => 'charged, mAh',
        'weather' => 'weather',
    ];

    /** @var array<string, array<int, int>> ids of ours by those of the backup */
    private array $ids = ['aircraft_id' => [], 'pack_id' => [], 'recording_id' => []];

    /** @var array<string, Tally> */
    private array $tallies = [];

    /** @param  bool  $keep  false only looks */
    public function __construct(private readonly bool $keep) {}

    /** @return array<string, Tally> by what is counted */
    public function all(): array
    {
        foreach (
            ['packs', 'charges and measurements', 'flights', 'recordings', 'work', 'fields', 'other settings'] as $what
        ) {
            $this->tallies[$what] = new Tally();
        }
        $this->ids['aircraft_id'] = DB::table('staged.aircraft as s')
            ->join('main.aircraft as m', 'm.uuid', '=', 's.uuid')
            ->pluck('m.id', 's.id')
            ->all();
        $this->each('packs', 'packs', 'uuid', $this->pack(...));
        $this->each('recordings', 'recordings', 'sha256', $this->recording(...));
        $this->rows('charges and measurements', 'pack_acts');
        $this->flights();
        $this->rows('work', 'upkeep');
        $this->each('fields', 'fields', 'uuid', $this->field(...));
        foreach (DB::table('staged.papers')->orderBy('id')->get() as $one) {
            $this->paper($one);
        }

        return $this->tallies;
    }

    /**
     * Rows that one thing names on every machine.
     *
     * @param  \Closure(stdClass, stdClass|null): bool  $merge  theirs and ours; true where it adds something to ours
     */
    private function each(string $what, string $table, string $by, \Closure $merge): void
    {
        $found = 0;
        foreach (
            DB::table("staged.{$table}")
                ->orderBy('id')
                ->lazy(500) as $theirs
        ) {
            $ours = DB::table("main.{$table}")
                ->where($by, $theirs->{$by})
                ->first();
            $found += $ours === null ? 0 : 1;
            $this->count($what, $ours === null, $merge($theirs, $ours));
        }
        $this->tallies[$what]->gone +=
            DB::table("main.{$table}")->count() - $found - ($this->keep ? $this->tallies[$what]->new : 0);
    }

    private function count(string $what, bool $isNew, bool $adds): void
    {
        match (true) {
            $isNew => $this->tallies[$what]->new++,
            $adds => $this->tallies[$what]->both++,
            default => $this->tallies[$what]->same++,
        };
    }

    private function pack(stdClass $theirs, ?stdClass $ours): bool
    {
        if ($ours === null) {
            $this->ids['pack_id'][$theirs->id] = $this->insert('packs', $theirs);

            return true;
        }
        $this->ids['pack_id'][$theirs->id] = (int) $ours->id;

        return $this->update('packs', $ours, (new RowMerge($ours, $theirs))->values(self::PACK));
    }

    private function recording(stdClass $theirs, ?stdClass $ours): bool
    {
        $this->ids['recording_id'][$theirs->id] =
            $ours === null ? $this->insert('recordings', $theirs) : (int) $ours->id;

        return false;
    }

    private function flights(): void
    {
        // One recording that was imported here and there is one flight.
        $recorded = DB::table('main.flights')
            ->join('main.recordings', 'recordings.id', '=', 'flights.recording_id')
            ->get(['flights.id', 'flights.place', 'recordings.sha256'])
            ->mapWithKeys(fn (stdClass $one): array => ["{$one->sha256} {$one->place}" => (int) $one->id])
            ->all();
        $sums = DB::table('staged.recordings')->pluck('sha256', 'id')->all();
        $this->each('flights', 'flights', 'uuid', function (stdClass $theirs, ?stdClass $ours) use (
            $recorded,
            $sums,
        ): bool {
            $same = $recorded[($sums[$theirs->recording_id] ?? '')." {$theirs->place}"] ?? null;
            if ($ours === null && $same !== null) {
                $ours = DB::table('main.flights')->where('id', $same)->first();
                $this->tallies['flights']->new--;
                $this->tallies['flights']->same++;
            }

            return $this->flight($theirs, $ours);
        });
    }

    private function flight(stdClass $theirs, ?stdClass $ours): bool
    {
        if ($ours === null) {
            $this->insert('flights', $theirs);

            return true;
        }
        $merge = new RowMerge($ours, $theirs);
        $mine = [];
        foreach ($this->ids as $column => $known) {
            $mine[$column] = $theirs->{$column} === null ? null : $known[$theirs->{$column}] ?? null;
        }
        $values = [...$merge->values(self::FLIGHT), ...$merge->marks()];
        foreach ($mine as $column => $id) {
            if ($ours->{$column} === null && $id !== null) {
                $values[$column] = $id;
                $values += match ($column) {
                    'aircraft_id' => ['aircraft_name' => $theirs->aircraft_name, 'revision' => $theirs->revision],
                    'recording_id' => [
                        'place' => $theirs->place,
                        'facts' => $theirs->facts,
                        'reader' => $theirs->reader,
                    ],
                    default => [],
                };
            }
        }
        if ($ours->pack_id !== null && $mine['pack_id'] !== null && $mine['pack_id'] !== (int) $ours->pack_id) {
            $values = $merge->noted(
                $values,
                'pack '.DB::table('staged.packs')->where('id', $theirs->pack_id)->value('label'),
            );
        }
        if (
            $ours->aircraft_id !== null &&
            $mine['aircraft_id'] !== null &&
            $mine['aircraft_id'] !== (int) $ours->aircraft_id
        ) {
            $values = $merge->noted($values, "flown with {$theirs->aircraft_name}");
        }

        return $this->update('flights', $ours, $values);
    }

    /** An outline that differs becomes a field beside ours. */
    private function field(stdClass $theirs, ?stdClass $ours): bool
    {
        if ($ours === null) {
            $this->insert('fields', $theirs);

            return true;
        }
        if (array_diff_key((array) $ours, self::OWN) == array_diff_key((array) $theirs, self::OWN)) {
            return false;
        }
        $content = (string) json_encode(array_diff_key((array) $theirs, self::OWN));
        $uuid = (string) Uuid::uuid5(Uuid::NAMESPACE_OID, $content);
        if (DB::table('main.fields')->where('uuid', $uuid)->exists()) {
            return false;
        }
        $this->insert(
            'fields',
            (object) [
                ...(array) $theirs,
                'uuid' => $uuid,
                'name' => mb_substr($theirs->name, 0, 46).' (from backup)',
            ],
        );

        return true;
    }

    /** Rows that nothing names: as many alike as the backup has come in. */
    private function rows(string $what, string $table): void
    {
        $key = fn (array $row): string => (string) json_encode(array_diff_key($row, self::OWN));
        $known = [];
        foreach (
            DB::table("main.{$table}")
                ->orderBy('id')
                ->lazy(500) as $one
        ) {
            $known[$key((array) $one)] = ($known[$key((array) $one)] ?? 0) + 1;
        }
        foreach (
            DB::table("staged.{$table}")
                ->orderBy('id')
                ->lazy(500) as $one
        ) {
            $row = $this->mapped((array) $one);
            $is = $key($row);
            $isKnown = ($known[$is] ?? 0) > 0;
            $isKnown && $known[$is]--;
            $isKnown || ! $this->keep || DB::table("main.{$table}")->insert(array_diff_key($row, ['id' => true]));
            $this->count($what, ! $isKnown, false);
        }
        $this->tallies[$what]->gone += array_sum($known);
    }

    private function paper(stdClass $theirs): void
    {
        $ours = DB::table('main.papers')->where('kind', $theirs->kind)->where('about', $theirs->about)->first();
        $isSame = $ours !== null && json_decode($ours->content) == json_decode($theirs->content);
        $adds = $ours !== null && ! $isSame && $this->addPaper($theirs, $ours);
        $ours === null && $this->insert('papers', $theirs);
        $this->count('other settings', $ours === null, $adds);
    }

    /** @return bool true where something of theirs was added to ours */
    private function addPaper(stdClass $theirs, stdClass $ours): bool
    {
        if ($theirs->kind === 'video') {
            $mine = (array) json_decode($ours->content, true);
            $more = array_filter(
                (array) json_decode($theirs->content, true),
                fn (array $one): bool => ! in_array($one, $mine, true),
            );

            return $more !== [] &&
                $this->update('papers', $ours, ['content' => json_encode([...$mine, ...array_values($more)])]);
        }
        $aircraft =
            $theirs->kind === 'balance' ? DB::table('main.aircraft')->where('uuid', $theirs->about)->value('id') : null;
        if ($aircraft === null) {
            // How columns of a kind of file are read: what was said here goes on.
            return false;
        }
        $work = [
            'aircraft_id' => $aircraft,
            'part' => 'Balance',
            'did' => 'Another one was in a backup',
            'note' => self::balance($theirs),
            'done_on' => substr((string) $theirs->updated_at, 0, 10),
        ];
        if (DB::table('main.upkeep')->where($work)->exists()) {
            return false;
        }
        $this->keep && DB::table('main.upkeep')->insert([...$work, 'created_at' => now(), 'updated_at' => now()]);

        return true;
    }

    private static function balance(stdClass $paper): string
    {
        $is = (array) json_decode($paper->content, true);
        $parts = array_map(
            fn (array $one): string => "{$one['name']}: {$one['mass']} g at {$one['arm']} mm",
            (array) ($is['items'] ?? []),
        );

        return implode('; ', [
            ...isset($is['mark']) ? ["mark at {$is['mark']} mm"] : [],
            ...isset($is['within']) ? ["within {$is['within']} mm"] : [],
            ...$parts,
        ]);
    }

    private function insert(string $table, stdClass $row): int
    {
        return $this->keep
            ? (int) DB::table("main.{$table}")->insertGetId(array_diff_key($this->mapped((array) $row), ['id' => true]))
            : 0;
    }

    /** @param  array<string, mixed>  $values  those that change */
    private function update(string $table, stdClass $ours, array $values): bool
    {
        $changed = array_filter(
            $values,
            fn (mixed $value, string $key): bool => $ours->{$key} !== $value,
            ARRAY_FILTER_USE_BOTH,
        );
        $this->keep &&
            $changed !== [] &&
            DB::table("main.{$table}")
                ->where('id', $ours->id)
                ->update([...$changed, 'updated_at' => now()]);

        return $changed !== [];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed> with the ids of here
     */
    private function mapped(array $row): array
    {
        foreach (array_intersect_key($this->ids, $row) as $column => $known) {
            $row[$column] = $row[$column] === null ? null : $known[$row[$column]] ?? null;
        }

        return $row;
    }
}
