<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Definition;
use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\App\Models\Recording;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;
use Throwable;
use ZipArchive;

/**
 * Everything as one ZIP of open documents with a manifest of SHA-256 sums. The same data gives the same bytes: nothing
 * in it tells when or where it was made.
 */
final class Backup
{
    public const FORMAT = 'dusk-switch/backup';

    public const VERSION = 3;

    public const MANIFEST = 'manifest.json';

    /** The time that every file in the ZIP bears: the first that a ZIP can say. */
    private const NO_TIME = 315_532_800;

    private const FLAGS =
        JSON_THROW_ON_ERROR |
        JSON_PRETTY_PRINT |
        JSON_UNESCAPED_SLASHES |
        JSON_UNESCAPED_UNICODE |
        JSON_PRESERVE_ZERO_FRACTION;

    /** @var array<string, array{sha256: string, bytes: int}> */
    private array $files = [];

    private function __construct(private readonly ZipArchive $zip) {}

    /** Writes the ZIP; it's there when it is whole, not before. */
    public static function write(string $file, Progress $progress = new NoProgress()): void
    {
        $aside = "{$file}.part";
        $zip = new ZipArchive();
        if (! is_dir(dirname($file)) || $zip->open($aside, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("{$file} can't be written; is the folder there, and may it be written to?");
        }
        // One reading of everything, that keeps nobody from saving: what is saved meanwhile is in the next backup.
        DB::connection()->getPdo()->exec('BEGIN');
        try {
            (new self($zip))->everything($progress);
        } catch (Throwable $problem) {
            // What was put in until then isn't written.
            $zip->unchangeAll();
            @$zip->close();
            @unlink($aside);
            throw $problem;
        } finally {
            DB::connection()->getPdo()->exec('COMMIT');
        }
        if (@$zip->close() !== true || ! @rename($aside, $file)) {
            @unlink($aside);
            throw new RuntimeException("{$file} can't be written: the disk may be full");
        }
    }

    private function everything(Progress $progress): void
    {
        $all = Aircraft::withTrashed()->orderBy('uuid')->get();
        $total = $all->count() + 2;
        foreach ($all->values() as $done => $aircraft) {
            $this->aircraft($aircraft);
            $progress->at($done + 1, $total);
        }
        foreach (Definition::withTrashed()->orderBy('kind')->orderBy('slug')->get() as $definition) {
            $this->definition($definition);
        }
        $this->json('pilot.json', ['units' => Pilot::here()->units->value]);
        $this->json('logbook.json', LogbookTables::all());
        foreach (Recording::orderBy('sha256')->get() as $recording) {
            $this->original($recording);
        }
        $progress->at($total - 1, $total);
        ksort($this->files);
        $this->add(
            self::MANIFEST,
            json_encode(['format' => self::FORMAT, 'version' => self::VERSION, 'files' => $this->files], self::FLAGS).
                "\n",
        );
        $progress->at($total, $total);
    }

    /** The file as it came; what was read of it is read again where it's restored. */
    private function original(Recording $recording): void
    {
        $path = app(RecordingFiles::class)->original($recording);
        if (! is_file($path)) {
            return;
        }
        $name = "recordings/{$recording->sha256}";
        $this->files[$name] = ['sha256' => (string) hash_file('sha256', $path), 'bytes' => (int) filesize($path)];
        $this->zip->addFile($path, $name);
        $this->zip->setMtimeName($name, self::NO_TIME);
    }

    private function aircraft(Aircraft $aircraft): void
    {
        $folder = "aircraft/{$aircraft->uuid}";
        $revisions = [];
        foreach ($aircraft->revisions()->orderBy('number')->lazy(200) as $revision) {
            $this->file("{$folder}/revisions/{$revision->number}.json", $revision->document);
            $revisions[] = [
                'number' => $revision->number,
                'parent' => $revision->parent,
                'note' => $revision->note,
                'aside' => $revision->aside,
                'at' => self::time($revision, 'created_at'),
            ];
        }
        $acts = Act::where('aircraft_id', $aircraft->id)
            ->orderBy('id')
            ->get()
            ->map(
                fn (Act $one): array => [
                    'kind' => $one->kind,
                    'about' => $one->about,
                    'revision' => $one->revision,
                    'fingerprint' => $one->fingerprint,
                    'items' => $one->items,
                    'note' => $one->note,
                    'at' => self::time($one, 'created_at'),
                ],
            )
            ->all();
        $this->json("{$folder}/aircraft.json", [
            'uuid' => $aircraft->uuid,
            'id' => $aircraft->id,
            'name' => $aircraft->name,
            'family' => $aircraft->family,
            'transmitter' => $aircraft->transmitter,
            'head' => $aircraft->head,
            'made' => self::time($aircraft, 'created_at'),
            'changed' => self::time($aircraft, 'updated_at'),
            'deleted' => self::time($aircraft, 'deleted_at'),
            'revisions' => $revisions,
            'acts' => $acts,
        ]);
    }

    private function definition(Definition $definition): void
    {
        $folder = "equipment/{$definition->kind}/{$definition->slug}";
        $revisions = [];
        foreach (
            DefinitionRevision::where('kind', $definition->kind)
                ->where('slug', $definition->slug)
                ->orderBy('number')
                ->get() as $revision
        ) {
            $this->file("{$folder}/revisions/{$revision->number}.json", $revision->document);
            $revisions[] = ['number' => $revision->number, 'at' => self::time($revision, 'created_at')];
        }
        $this->json("{$folder}/definition.json", [
            'kind' => $definition->kind,
            'id' => $definition->slug,
            'head' => $definition->head,
            'made' => self::time($definition, 'created_at'),
            'changed' => self::time($definition, 'updated_at'),
            'deleted' => self::time($definition, 'deleted_at'),
            'revisions' => $revisions,
        ]);
    }

    /** As the database has it, to the letter. */
    private static function time(\Illuminate\Database\Eloquent\Model $model, string $key): ?string
    {
        $time = $model->getRawOriginal($key);

        return is_string($time) ? $time : null;
    }

    /** @param  array<string, mixed>  $value */
    private function json(string $name, array $value): void
    {
        $this->file($name, json_encode($value, self::FLAGS)."\n");
    }

    private function file(string $name, string $text): void
    {
        $this->files[$name] = ['sha256' => hash('sha256', $text), 'bytes' => strlen($text)];
        $this->add($name, $text);
    }

    private function add(string $name, string $text): void
    {
        $this->zip->addFromString($name, $text);
        $this->zip->setMtimeName($name, self::NO_TIME);
    }

    /** A name for a backup made now. */
    public static function name(): string
    {
        return 'dusk-switch-'.now()->format('Y-m-d-His').'-'.Str::lower(Str::random(4)).'.zip';
    }
}
