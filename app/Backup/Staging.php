<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Hangar\Acts;
use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Units\UnitSystem;
use Generator;
use Illuminate\Database\Connection;
use stdClass;

/**
 * Unpacks a backup beside the hangar: into a database of the same shape, where every document was read by the decoders
 * that an edit goes through and every reference leads somewhere, and its recordings into a folder. Nothing of it is in
 * use until {@see Restore} puts it in place.
 */
final class Staging
{
    private const LETTERS = 20_000;

    private const MOST = 2_000_000_000;

    /** What a pilot does with an aircraft in hand ({@see \DuskSwitch\App\Models\Act}). */
    private const ACTS = ['bind', 'test', 'check', 'entry', 'aside', 'named', 'settings'];

    /** @var array<string, array<string, int>> ids by column and the name that every machine knows */
    private array $ids = ['aircraft_id' => [], 'pack_id' => [], 'recording_id' => []];

    /** @var array<string, true> sums of documents that could be read */
    private array $readable = [];

    private function __construct(
        private readonly BackupFile $backup,
        private readonly Connection $db,
        private readonly string $recordings,
        private readonly RecordingFiles $here,
        private readonly Progress $progress,
    ) {}

    /**
     * Unpacks everything.
     *
     * @param  string  $recordings  a folder for those that aren't here
     *
     * @throws Refused with the file in the backup and what is wrong with it
     */
    public static function fill(
        BackupFile $backup,
        StagedHangar $staged,
        RecordingFiles $here,
        Progress $progress = new NoProgress(),
    ): void {
        $one = new self($backup, $staged->connection(), $staged->recordings(), $here, $progress);
        $one->db->transaction($one->everything(...));
        $unread = $backup->unread();
        if ($unread !== []) {
            throw Refused::because(
                $unread[0],
                'nothing in this backup needs this file, so it is none of ours. Take another backup',
            );
        }
        $problem = $one->db->select('PRAGMA foreign_key_check');
        if ($problem !== []) {
            throw Refused::because('', 'this backup names things that it doesn\'t hold. Take another backup');
        }
    }

    private function everything(): void
    {
        $units = $this->backup->object('pilot.json')->units ?? null;
        $system = is_string($units) ? UnitSystem::tryFrom($units) : null;
        if ($units !== null && $system === null) {
            throw Refused::because(
                'pilot.json: units',
                'must be one of '.implode(', ', array_column(UnitSystem::cases(), 'value')),
            );
        }
        $system === null || $this->db->table('pilots')->insert(['units' => $system->value]);
        foreach ($this->backup->names('equipment/') as $name) {
            str_ends_with($name, '/definition.json') &&
                $this->definition(new Row($this->backup->object($name), $name), dirname($name));
        }
        foreach ($this->backup->names('aircraft/') as $name) {
            str_ends_with($name, '/aircraft.json') &&
                $this->aircraft(new Row($this->backup->object($name), $name), dirname($name));
        }
        foreach ($this->logbook() as $table => $rows) {
            foreach ($rows as $row) {
                $this->logbookRow($table, $row);
            }
        }
        $this->recordings();
    }

    private function definition(Row $about, string $folder): void
    {
        [, $kind, $id] = explode('/', $folder);
        $read = $about->choice('kind', DefinitionKind::class);
        if ($read->value !== $kind || $about->raw('id') !== $id) {
            $about->fault('id', 'it lies in another folder than its own');
        }
        $texts = [];
        foreach ($this->list($about, 'revisions') as $revision) {
            $number = $revision->whole('number', 1, self::MOST);
            $name = "{$folder}/revisions/{$number}.json";
            $text = isset($texts[$number])
                ? $revision->fault('number', "revision {$number} is there twice")
                : $this->backup->text($name);
            $found = self::reading($name, fn () => $read->decode($text));
            $found->id === $id || $revision->fault('number', "the document of revision {$number} has another id");
            $this->db->table('definition_revisions')->insert([
                'kind' => $kind,
                'slug' => $id,
                'number' => $number,
                'document' => $text,
                'created_at' => $revision->time('at'),
            ]);
            $texts[$number] = $text;
        }
        $head = $about->whole('head', 1, self::MOST);
        $this->db->table('definitions')->insert([
            'kind' => $kind,
            'slug' => $id,
            'head' => $head,
            'document' => $texts[$head] ?? $about->fault('head', "there is no revision {$head} in this backup"),
            'created_at' => $about->timeOrNothing('made'),
            'updated_at' => $about->timeOrNothing('changed'),
            'deleted_at' => $about->timeOrNothing('deleted'),
        ]);
        $this->step();
    }

    private function aircraft(Row $about, string $folder): void
    {
        $uuid = $about->uuid('uuid');
        $folder === "aircraft/{$uuid}" || $about->fault('uuid', 'it lies in another folder than its own');
        $id = $about->whole('id', 1, self::MOST);
        $head = $about->whole('head', 1, self::MOST);
        $row = [
            'uuid' => $uuid,
            'name' => $about->text('name', 60, false),
            'head' => $head,
            'created_at' => $about->timeOrNothing('made'),
            'updated_at' => $about->timeOrNothing('changed'),
            'deleted_at' => $about->timeOrNothing('deleted'),
            // What the document of its head says.
            'family' => '',
            'transmitter' => '',
        ];
        $isFree = $this->db->table('aircraft')->where('id', $id)->doesntExist();
        $this->ids['aircraft_id'][$uuid] = $id = (int) $this->db
            ->table('aircraft')
            ->insertGetId([...$isFree ? ['id' => $id] : [], ...$row]);
        $program = $this->revisions($this->revisionRows($about, $folder), $folder, $id, $head);
        $program ?? $about->fault('head', "there is no revision {$head} in this backup");
        $this->db
            ->table('aircraft')
            ->where('id', $id)
            ->update(['family' => $program->family->value, 'transmitter' => $program->transmitter]);
        foreach ($this->actRows($about, $folder) as $act) {
            $this->act($act, $id);
        }
    }

    /**
     * @param  iterable<Row>  $rows
     * @return Program|null of the head
     */
    private function revisions(iterable $rows, string $folder, int $id, int $head): ?Program
    {
        $program = null;
        $numbers = [];
        foreach ($rows as $row) {
            $number = $row->whole('number', 1, self::MOST);
            $parent = $row->wholeOrNothing('parent', 1, self::MOST);
            if (isset($numbers[$number])) {
                $row->fault('number', "revision {$number} is there twice");
            }
            if ($parent !== null && ! isset($numbers[$parent])) {
                $row->fault('parent', "there is no revision {$parent} before it");
            }
            $numbers[$number] = true;
            $name = "{$folder}/revisions/{$number}.json";
            $text = $this->backup->text($name);
            $found = $this->program($name, $text, $number === $head);
            $program = $found ?? $program;
            $this->db->table('revisions')->insert([
                'aircraft_id' => $id,
                'number' => $number,
                'parent' => $parent,
                'document' => $text,
                'note' => $row->text('note', 1000),
                'aside' => $row->flag('aside'),
                'created_at' => $row->time('at'),
            ]);
            $this->step();
        }

        return $program;
    }

    /** The program of a text, where it's asked for; a text that was read before isn't read again. */
    private function program(string $name, string $text, bool $isAskedFor): ?Program
    {
        $sum = hash('sha256', $text, true);
        if (! $isAskedFor && isset($this->readable[$sum])) {
            return null;
        }
        $program = self::reading($name, fn (): Program => ProgramDecoder::decode($text));
        $this->readable[$sum] = true;

        return $isAskedFor ? $program : null;
    }

    private function act(Row $act, int $aircraft): void
    {
        $revision = $act->whole('revision', 1, self::MOST);
        if ($this->db->table('revisions')->where('aircraft_id', $aircraft)->where('number', $revision)->doesntExist()) {
            $act->fault('revision', "there is no revision {$revision} of this aircraft in the backup");
        }
        $items = $act->raw('items');
        if (! LogbookRows::isList($items, is_string(...), 10_000)) {
            $act->fault('items', 'must be a list of texts');
        }
        $this->db->table('acts')->insert([
            'aircraft_id' => $aircraft,
            'kind' => $act->oneOf('kind', self::ACTS),
            'about' => $act->text('about', 255),
            'revision' => $revision,
            'fingerprint' => $act->textOrNothing('fingerprint', 255),
            // As Eloquent writes it, so that the same act is known as the same.
            'items' => json_encode($items, JSON_THROW_ON_ERROR),
            'note' => $act->textOrNothing('note', self::LETTERS),
            'created_at' => $act->time('at'),
        ]);
    }

    private function logbookRow(string $table, Row $row): void
    {
        $values = LogbookRows::read($table, $row);
        $what = ['aircraft_id' => 'aircraft', 'pack_id' => 'pack', 'recording_id' => 'recording'];
        foreach (array_intersect_key($this->ids, $values) as $column => $known) {
            $name = $values[$column];
            $values[$column] =
                $name === null
                    ? null
                    : $known[$name] ?? $row->fault($column, "there is no {$what[$column]} {$name} in this backup");
        }
        foreach (
            ['uuid' => ['packs', 'fields', 'flights', 'recordings'], 'sha256' => ['recordings']] as $key => $tables
        ) {
            if (in_array($table, $tables, true) && $this->db->table($table)->where($key, $values[$key])->exists()) {
                $row->fault($key, 'it is there twice');
            }
        }
        if (
            $table === 'papers' &&
            $this->db->table('papers')->where('kind', $values['kind'])->where('about', $values['about'])->exists()
        ) {
            $row->fault('about', 'it is there twice');
        }
        $id = (int) $this->db->table($table)->insertGetId($values);
        match ($table) {
            'packs' => ($this->ids['pack_id'][$values['uuid']] = $id),
            'recordings' => ($this->ids['recording_id'][$values['sha256']] = $id),
            default => null,
        };
    }

    /** The files as they came; one that is here already is only found to be whole. */
    private function recordings(): void
    {
        foreach ($this->backup->names('recordings/') as $name) {
            $sum = substr($name, strlen('recordings/'));
            isset($this->ids['recording_id'][$sum]) ||
                throw Refused::because($name, 'no recording of the logbook is this file. Take another backup');
            $isHere = is_file($this->here->folder($sum).'/original');
            $this->backup->copy($name, $isHere ? null : "{$this->recordings}/{$sum}");
            $this->step();
        }
    }

    /** @return Generator<string, iterable<Row>> rows by table */
    private function logbook(): Generator
    {
        $former =
            $this->backup->version < 4 && $this->backup->has('logbook.json')
                ? $this->backup->object('logbook.json')
                : new stdClass();
        foreach (array_keys(LogbookRows::TABLES) as $table) {
            $name = "logbook/{$table}.jsonl";
            yield $table => $this->backup->version < 4
                ? $this->rowsOf($former->{$table} ?? [], "logbook.json: {$table}")
                : ($this->backup->has($name)
                    ? $this->backup->rows($name)
                    : []);
        }
    }

    /** @return iterable<Row> */
    private function revisionRows(Row $about, string $folder): iterable
    {
        return $this->backup->version < 4
            ? $this->list($about, 'revisions')
            : $this->backup->rows("{$folder}/revisions.jsonl");
    }

    /** @return iterable<Row> */
    private function actRows(Row $about, string $folder): iterable
    {
        if ($this->backup->version >= 4) {
            return $this->backup->rows("{$folder}/acts.jsonl");
        }
        if ($about->raw('acts') !== null) {
            return $this->list($about, 'acts');
        }
        // Version 1 had bindings and checklists only, without a fingerprint.
        $acts = [];
        foreach ($about->raw('checks') === null ? [] : $this->list($about, 'checks') as $check) {
            $acts[] = new Row(
                (object) [
                    'kind' => $check->raw('list') === Acts::BINDING ? 'bind' : 'check',
                    'about' => $check->raw('list'),
                    'revision' => $check->raw('revision'),
                    'fingerprint' => null,
                    'items' => $check->raw('items'),
                    'note' => $check->raw('reason'),
                    'at' => $check->raw('at'),
                ],
                $check->at,
            );
        }

        return $acts;
    }

    /** @return Generator<Row> the objects of a list in a document */
    private function list(Row $about, string $key): Generator
    {
        return $this->rowsOf($about->raw($key), "{$about->at}: {$key}");
    }

    /** @return Generator<Row> */
    private function rowsOf(mixed $list, string $at): Generator
    {
        is_array($list) || throw Refused::because($at, 'must be a list. Take another backup');
        foreach ($list as $index => $one) {
            $one instanceof stdClass ||
                throw Refused::because("{$at}[{$index}]", 'must be an object. Take another backup');
            yield new Row($one, "{$at}[{$index}]");
        }
    }

    /**
     * What a decoder makes of a text; its faults are told with the file in the backup.
     *
     * @template T
     *
     * @param  \Closure(): T  $decode
     * @return T
     */
    private static function reading(string $name, \Closure $decode): mixed
    {
        try {
            return $decode();
        } catch (Refused $refused) {
            throw new Refused(
                array_map(
                    fn (Fault $one): Fault => new Fault($one->path === '' ? $name : "{$name}: {$one->path}", $one->says),
                    $refused->faults,
                ),
            );
        }
    }

    private function step(): void
    {
        $this->progress->at(...$this->backup->progress());
    }
}
