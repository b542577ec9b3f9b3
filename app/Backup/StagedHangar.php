<?php

namespace DuskSwitch\App\Backup;

use Illuminate\Database\Connection;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Where a backup lies while it is unpacked: a database of the hangar's shape, and recordings, in a folder of their
 * own.
 */
final readonly class StagedHangar
{
    private const NAME = 'staged';

    private function __construct(private string $folder) {}

    /** A new and empty one. */
    public static function make(string $folder): self
    {
        $one = new self($folder);
        $one->remove();
        if (! @mkdir($one->recordings(), 0o775, true) || ! @touch($one->file())) {
            throw new RuntimeException('There is no room to unpack the backup: the disk may be full.');
        }
        $one->connection();
        Artisan::call('migrate', ['--database' => self::NAME, '--force' => true]);

        return $one;
    }

    /** One that was filled before; null where there is none. */
    public static function at(string $folder): ?self
    {
        $one = new self($folder);

        return is_file("{$folder}/whole") && is_file($one->file()) ? $one : null;
    }

    /** One that a restore which was killed has left. */
    public static function leftAt(string $folder): self
    {
        return new self($folder);
    }

    /** Says that everything is in it. */
    public function seal(): void
    {
        DB::purge(self::NAME);
        touch("{$this->folder}/whole");
    }

    public function file(): string
    {
        return "{$this->folder}/staged.sqlite";
    }

    public function recordings(): string
    {
        return "{$this->folder}/recordings";
    }

    public function connection(): Connection
    {
        config([
            'database.connections.'.self::NAME => [
                'driver' => 'sqlite',
                'database' => $this->file(),
                'prefix' => '',
                'foreign_key_constraints' => false,
                // Nothing of it is worth keeping where the machine stops.
                'journal_mode' => 'MEMORY',
                'synchronous' => 'OFF',
            ],
        ]);

        return DB::connection(self::NAME);
    }

    public function remove(): void
    {
        DB::purge(self::NAME);
        (new Filesystem())->deleteDirectory($this->folder);
    }
}
