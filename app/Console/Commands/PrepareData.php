<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Backup\Copies;
use DuskSwitch\App\Backup\Integrity;
use DuskSwitch\App\Database\Trouble;
use DuskSwitch\App\Hangar\Demo;
use DuskSwitch\App\Logbook\DemoLogbook;
use DuskSwitch\App\Program\CircuitCache;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Throwable;

/** Makes the database ready: looks whether it is whole, copies it, migrates it, and loads the demo into a new one. */
final class PrepareData extends Command
{
    protected $signature = 'data:prepare
        {--fresh : load the demo in place of everything, after a copy}
        {--from-copy : go back to the newest copy that is whole}';

    protected $description = 'Check, copy and migrate the database, and load the demo where it is new';

    public function handle(Demo $demo): int
    {
        $file = (string) config('database.connections.sqlite.database');
        try {
            return $this->prepare($file, new Copies($file), $demo);
        } catch (Throwable $problem) {
            return $this->tell(self::cause($problem, $file));
        }
    }

    private function prepare(string $file, Copies $copies, Demo $demo): int
    {
        if ($this->option('from-copy')) {
            return $this->fromCopy($file, $copies);
        }
        if (is_file($file) && Integrity::of($file) !== null) {
            $aside = self::setAside($file, 'damaged');
            if (! $this->option('fresh')) {
                return $this->tell(
                    "The database was damaged. It is set aside as {$aside}; nothing of it was thrown away.\n".
                        self::ways($copies),
                );
            }
        }
        if (! is_file($file) && ! $this->option('fresh') && (glob("{$file}.damaged-*") ?: []) !== []) {
            return $this->tell(
                "There is no database: the last one was damaged and is set aside beside it.\n".self::ways($copies),
            );
        }
        if (! is_file($file) && @touch($file) === false) {
            return $this->tell("{$file} can't be made: is the folder there, and may it be written to?");
        }
        if (! is_writable($file) || ! is_writable(dirname($file))) {
            return $this->tell("{$file} may not be written to: give yourself the right to write it and its folder.");
        }
        $unknown = $this->unknownMigrations();
        if ($unknown !== [] && ! $this->option('fresh')) {
            return $this->tell(
                'This database was made by a newer version of Dusk Switch (it has '.
                    implode(', ', $unknown).
                    '). Update Dusk Switch; nothing was changed.',
            );
        }
        $isNew = ! Schema::hasTable('aircraft');
        if ($this->option('fresh') && ! $isNew) {
            $this->info('What was there is in '.$copies->make('before-fresh').'.');
            DB::purge();
            array_map(unlink(...), array_filter([$file, "{$file}-wal", "{$file}-shm"], is_file(...)));
            touch($file);
            $isNew = true;
        }
        // What was compiled before was compiled by another state of the code.
        (new CircuitCache(storage_path('framework/circuits')))->clear();
        array_map(unlink(...), glob(storage_path('framework/readiness/*')) ?: []);
        array_map(unlink(...), glob(storage_path('framework/flights/*')) ?: []);
        $this->migrate($copies, $isNew);
        if ($isNew) {
            DB::transaction(fn () => $demo->load());
            $this->info('Loaded the demo: Saltmarsh Field.');
            config('app.demo_logbook') === true && $this->loadFlights();
        } elseif ($copies->isDue()) {
            $copies->make('daily');
        }

        return self::SUCCESS;
    }

    /** The flights of the demo, all of them or none: what the app is for runs without. */
    private function loadFlights(): void
    {
        try {
            DB::transaction(fn () => app(DemoLogbook::class)->load());
        } catch (Throwable $problem) {
            $this->warn(
                'Its flights couldn\'t be loaded: '.(Trouble::behind($problem)->says ?? $problem->getMessage()),
            );
        }
    }

    /** All that is new in one transaction: a migration that fails half-way leaves the database as it was. */
    private function migrate(Copies $copies, bool $isNew): void
    {
        if ($isNew || $this->pendingMigrations() !== []) {
            if (! $isNew) {
                $copies->make('before-update');
            }
            DB::transaction(fn () => $this->callSilent('migrate', ['--force' => true]));
        }
    }

    private function fromCopy(string $file, Copies $copies): int
    {
        $copy = $copies->newestGood();
        if ($copy === null) {
            return $this->tell('There is no copy of the database that is whole.');
        }
        DB::purge();
        if (is_file($file)) {
            self::setAside($file, 'replaced');
        }
        copy($copy, $file);
        $this->info('Went back to '.basename($copy).'.');
        $this->migrate($copies, false);

        return self::SUCCESS;
    }

    /** Puts a database file out of the way, with what belongs to it; gives its new name. */
    private static function setAside(string $file, string $why): string
    {
        for ($number = 1; file_exists("{$file}.{$why}-{$number}"); $number++);
        foreach (['', '-wal', '-shm'] as $part) {
            if (is_file("{$file}{$part}")) {
                rename("{$file}{$part}", "{$file}.{$why}-{$number}{$part}");
            }
        }

        return "{$file}.{$why}-{$number}";
    }

    private static function ways(Copies $copies): string
    {
        $copy = $copies->newestGood();

        return ($copy === null
            ? 'There is no copy that is whole.'
            : 'The newest copy that is whole is '.
                basename($copy).
                ', from '.
                date('j F Y, H:i', (int) filemtime($copy)).
                '. Go back to it: ./dusk start --from-copy').
            "\nOr bring a backup in: ./dusk restore FILE. Or start over with the demo: ./dusk start --fresh";
    }

    /** @return list<string> migrations that the database has been through and this version doesn't know */
    private function unknownMigrations(): array
    {
        $known = array_map(
            fn (string $file): string => basename($file, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );

        return Schema::hasTable('migrations')
            ? array_values(array_diff(DB::table('migrations')->pluck('migration')->all(), $known))
            : [];
    }

    /** @return list<string> */
    private function pendingMigrations(): array
    {
        $known = array_map(
            fn (string $file): string => basename($file, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );

        return array_values(
            array_diff(
                $known,
                Schema::hasTable('migrations') ? DB::table('migrations')->pluck('migration')->all() : [],
            ),
        );
    }

    /** Why it failed, in words. */
    public static function cause(Throwable $problem, string $file): string
    {
        $trouble = Trouble::behind($problem);
        if ($trouble !== null) {
            return "{$file}: {$trouble->says}";
        }

        return "The database couldn't be made ready: {$problem->getMessage()}. It is as it was.";
    }

    private function tell(string $says): int
    {
        fwrite(STDERR, "{$says}\n");

        return self::FAILURE;
    }
}
