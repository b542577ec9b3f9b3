<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Log\RecordingFiles;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use Illuminate\Support\Str;
use stdClass;
use Throwable;

/**
 * Everything as one ZIP of open documents with a list of SHA-256 sums. The same data gives the same bytes: nothing in
 * it tells when or where it was made. It is written as it is read, so it takes the memory of one document.
 */
final class Backup
{
    public const FORMAT = 'dusk-switch/backup';

    public const VERSION = 4;

    public const MANIFEST = 'manifest.json';

    /** Every file with its sum, a line each. */
    public const LISTING = 'files.jsonl';

    private const FLAGS =
        JSON_THROW_ON_ERROR |
        JSON_PRETTY_PRINT |
        JSON_UNESCAPED_SLASHES |
        JSON_UNESCAPED_UNICODE |
        JSON_PRESERVE_ZERO_FRACTION;

    private const LINE = self::FLAGS & ~JSON_PRETTY_PRINT;

    /** @var array<string, array{sha256: string, bytes: int}> */
    private array $files = [];

    /** @var list<string> recordings that have no file any more */
    private array $missing = [];

    private function __construct(private readonly Connection $db, private readonly ZipWriter $zip) {}

    /**
     * Writes the ZIP; it's there when it is whole, not before.
     *
     * @param  Connection|null  $db  of what; of the hangar where nothing is said
     * @return list<string> names of recordings whose files are gone or damaged: they are not in it
     */
    public static function write(string $file, Progress $progress = new NoProgress(), ?Connection $db = null): array
    {
        $db ??= DB::connection();
        $zip = new ZipWriter($file);
        $one = new self($db, $zip);
        // One reading of everything, that keeps nobody from saving: what is saved meanwhile is in the next backup.
        $db->getPdo()->exec('BEGIN');
        try {
            $one->everything($progress);
        } catch (Throwable $problem) {
            $zip->abandon();
            throw $problem;
        } finally {
            $db->getPdo()->exec('COMMIT');
        }
        $zip->close($progress);

        return $one->missing;
    }

    private function everything(Progress $progress): void
    {
        $total = $this->db->table('aircraft')->count() + 1;
        foreach ($this->db->table('aircraft')->orderBy('uuid')->get()->all() as $done => $aircraft) {
            $this->aircraft($aircraft);
            $progress->at($done + 1, $total);
        }
        foreach ($this->db->table('definitions')->orderBy('kind')->orderBy('slug')->get() as $definition) {
            $this->definition($definition);
        }
        $units = $this->db->table('pilots')->orderBy('id')->value('units');
        $this->json('pilot.json', ['units' => is_string($units) ? $units : 'metric']);
        foreach (LogbookRows::tables($this->db) as $table => $rows) {
            $this->lines("logbook/{$table}.jsonl", $rows);
        }
        foreach (
            $this->db
                ->table('recordings')
                ->orderBy('sha256')
                ->get(['sha256', 'name']) as $recording
        ) {
            $this->original($recording);
            $progress->at($total, $total);
        }
        $listing = $this->zip->text(
            self::LISTING,
            (function () {
                foreach ($this->files as $name => $is) {
                    yield json_encode(['name' => $name, ...$is], self::LINE)."\n";
                }
            })(),
        );
        $this->zip->text(self::MANIFEST, [
            json_encode(
                [
                    'format' => self::FORMAT,
                    'version' => self::VERSION,
                    'files' => count($this->files),
                    'listing' => $listing,
                ],
                self::FLAGS,
            )."\n",
        ]);
    }

    /** The file as it came; what was read of it is read again where it's restored. */
    private function original(stdClass $recording): void
    {
        $path = app(RecordingFiles::class)->folder($recording->sha256).'/original';
        if (! is_file($path) || hash_file('sha256', $path) !== $recording->sha256) {
            $this->missing[] = $recording->name;

            return;
        }
        $name = "recordings/{$recording->sha256}";
        $this->zip->file($name, $path);
        $this->files[$name] = ['sha256' => $recording->sha256, 'bytes' => (int) filesize($path)];
    }

    private function aircraft(stdClass $aircraft): void
    {
        $folder = "aircraft/{$aircraft->uuid}";
        $revisions = $this->db->table('revisions')->where('aircraft_id', $aircraft->id)->orderBy('number');
        foreach ($revisions->clone()->lazy(200) as $revision) {
            $this->file("{$folder}/revisions/{$revision->number}.json", $revision->document);
        }
        $this->lines(
            "{$folder}/revisions.jsonl",
            $revisions
                ->select(['number', 'parent', 'note', 'aside', 'created_at'])
                ->lazy(1000)
                ->map(
                    fn (stdClass $one): array => [
                        'number' => $one->number,
                        'parent' => $one->parent,
                        'note' => $one->note,
                        'aside' => (bool) $one->aside,
                        'at' => $one->created_at,
                    ],
                ),
        );
        $this->lines(
            "{$folder}/acts.jsonl",
            $this->db->table('acts')->where('aircraft_id', $aircraft->id)->orderBy('id')->lazy(500)->map(
                fn (stdClass $one): array => [
                    'kind' => $one->kind,
                    'about' => $one->about,
                    'revision' => $one->revision,
                    'fingerprint' => $one->fingerprint,
                    'items' => json_decode($one->items),
                    'note' => $one->note,
                    'at' => $one->created_at,
                ],
            ),
        );
        $this->json("{$folder}/aircraft.json", [
            'uuid' => $aircraft->uuid,
            'id' => $aircraft->id,
            'name' => $aircraft->name,
            'family' => $aircraft->family,
            'transmitter' => $aircraft->transmitter,
            'head' => $aircraft->head,
            'made' => $aircraft->created_at,
            'changed' => $aircraft->updated_at,
            'deleted' => $aircraft->deleted_at,
        ]);
    }

    private function definition(stdClass $definition): void
    {
        $folder = "equipment/{$definition->kind}/{$definition->slug}";
        $revisions = [];
        $all = $this->db
            ->table('definition_revisions')
            ->where('kind', $definition->kind)
            ->where('slug', $definition->slug)
            ->orderBy('number');
        foreach ($all->lazy(100) as $revision) {
            $this->file("{$folder}/revisions/{$revision->number}.json", $revision->document);
            $revisions[] = ['number' => $revision->number, 'at' => $revision->created_at];
        }
        $this->json("{$folder}/definition.json", [
            'kind' => $definition->kind,
            'id' => $definition->slug,
            'head' => $definition->head,
            'made' => $definition->created_at,
            'changed' => $definition->updated_at,
            'deleted' => $definition->deleted_at,
            'revisions' => $revisions,
        ]);
    }

    /** @param  LazyCollection<int, array<string, mixed>>  $rows */
    private function lines(string $name, LazyCollection $rows): void
    {
        $this->files[$name] = $this->zip->text(
            $name,
            $rows->map(fn (array $row): string => json_encode($row, self::LINE)."\n"),
        );
    }

    /** @param  array<string, mixed>  $value */
    private function json(string $name, array $value): void
    {
        $this->file($name, json_encode($value, self::FLAGS)."\n");
    }

    private function file(string $name, string $text): void
    {
        $this->files[$name] = $this->zip->text($name, [$text]);
    }

    /** A name for a backup made now. */
    public static function name(): string
    {
        return 'dusk-switch-'.now()->format('Y-m-d-His').'-'.Str::lower(Str::random(4)).'.zip';
    }
}
