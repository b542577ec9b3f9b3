<?php

namespace DuskSwitch\App\Backup;

use Illuminate\Support\Facades\DB;
use PDO;

/**
 * What was here at the moment of a restore. It is copied inside the restore's transaction, while nobody can write, and
 * made a backup of afterwards; where the machine stops in between, the next start does that.
 */
final readonly class BeforeRestore
{
    private const NAME = 'before-restore';

    /** @param  string  $folder  of the data */
    public function __construct(private string $folder) {}

    /** Copies the database as it is, whoever holds the writer's lock. */
    public function take(): void
    {
        if ($this->folder === '') {
            return;
        }
        $file = "{$this->folder}/".self::NAME.'-'.bin2hex(random_bytes(4)).'.sqlite';
        $pdo = new PDO(
            'sqlite:'.config('database.connections.sqlite.database'),
            options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
        );
        $pdo->exec('VACUUM INTO '.$pdo->quote("{$file}.part"));
        rename("{$file}.part", $file);
    }

    /** Makes a backup of each copy that lies there. @return string the file of the last */
    public function finish(): string
    {
        $last = '';
        foreach ($this->left() as $copy) {
            $folder = "{$this->folder}/backups";
            is_dir($folder) || @mkdir($folder, 0o775, true);
            $last = "{$folder}/".self::NAME.'-'.Backup::name();
            config(['database.connections.before' => ['driver' => 'sqlite', 'database' => $copy, 'prefix' => '']]);
            DB::purge('before');
            Backup::write($last, db: DB::connection('before'));
            DB::purge('before');
            @unlink($copy);
        }

        return $last;
    }

    /** @return list<string> copies that no backup was made of yet */
    public function left(): array
    {
        array_map(unlink(...), glob("{$this->folder}/".self::NAME.'-*.sqlite.part*') ?: []);

        return glob("{$this->folder}/".self::NAME.'-*.sqlite') ?: [];
    }
}
