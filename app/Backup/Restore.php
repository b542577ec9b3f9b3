<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Database\Generation;
use DuskSwitch\App\Database\WriteGate;
use DuskSwitch\App\Log\RecordingFiles;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Takes a backup that lies unpacked beside the hangar over: beside what is here, or in its place. The change is one
 * transaction of the database; recordings are put there before it and taken away after it. So wherever it ends, the
 * hangar is as it was or as it is to be.
 */
final readonly class Restore
{
    /** In the order in which rows hang on others. */
    private const TABLES = [
        'aircraft',
        'revisions',
        'acts',
        'definitions',
        'definition_revisions',
        'packs',
        'pack_acts',
        'recordings',
        'flights',
        'upkeep',
        'fields',
        'papers',
        'pilots',
    ];

    /** Seconds to wait for those who are writing. */
    private const PATIENCE = 30.0;

    public function __construct(
        private WriteGate $gate,
        private RecordingFiles $files,
        private BeforeRestore $before,
    ) {}

    /** What restoring would do: everything in the backup with how it stands to what is here. */
    public function preview(StagedHangar $staged): Preview
    {
        return $this->attached($staged, fn (): Preview => Preview::of((new Merge(false))->all()));
    }

    /** Takes in what is new, and keeps both where two differ. Those who save meanwhile wait for a moment. */
    public function merge(StagedHangar $staged): Preview
    {
        $this->bringRecordings($staged);

        return $this->attached(
            $staged,
            fn (): Preview => DB::transaction(function (): Preview {
                $this->before->take();

                return Preview::of((new Merge(true))->all());
            }),
        );
    }

    /**
     * Everything becomes as it was in the backup. Whoever wants to save from {@see self::shut()} on is refused until
     * it has ended.
     */
    public function replace(StagedHangar $staged): void
    {
        $this->bringRecordings($staged);
        $this->attached(
            $staged,
            fn () => DB::transaction(function (): void {
                $this->before->take();
                array_map(fn (string $table) => DB::table("main.{$table}")->delete(), array_reverse(self::TABLES));
                array_map(self::takeOver(...), self::TABLES);
                Generation::next();
            }),
        );
    }

    /** Keeps everybody from saving; what was being saved is saved. */
    public function shut(): void
    {
        if (! $this->gate->shut(self::PATIENCE)) {
            throw new RuntimeException('Something is being written: an import may be running. Wait until it has ended');
        }
    }

    public function reopen(): void
    {
        $this->gate->reopen();
    }

    /**
     * Keeps what was here before as a backup, and takes recordings away that nothing needs any more.
     *
     * @return string its file
     */
    public function finish(): string
    {
        $file = $this->before->finish();
        $this->gate->leave();
        if ($this->gate->shut(self::PATIENCE)) {
            try {
                $this->files->sweep(DB::table('recordings')->pluck('sha256')->all());
            } finally {
                $this->gate->reopen();
            }
        }

        return $file;
    }

    /** @return list<string> copies of what was here before that no backup was made of yet */
    public function copies(): array
    {
        return $this->before->left();
    }

    private function bringRecordings(StagedHangar $staged): void
    {
        foreach (is_dir($staged->recordings()) ? new \FilesystemIterator($staged->recordings()) : [] as $file) {
            $this->files->bring((string) $file, basename((string) $file));
        }
    }

    private static function takeOver(string $table): void
    {
        $columns = implode(
            ', ',
            array_map(fn (\stdClass $one): string => "\"{$one->name}\"", DB::select("PRAGMA main.table_info({$table})")),
        );
        DB::statement("INSERT INTO main.{$table} ({$columns}) SELECT {$columns} FROM staged.{$table}");
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $do
     * @return T
     */
    private function attached(StagedHangar $staged, \Closure $do): mixed
    {
        DB::statement('ATTACH DATABASE ? AS staged', [$staged->file()]);
        try {
            return $do();
        } finally {
            DB::statement('DETACH DATABASE staged');
        }
    }
}
