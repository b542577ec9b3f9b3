<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Backup\BeforeRestore;
use DuskSwitch\App\Backup\Copies;
use DuskSwitch\App\Backup\Integrity;
use DuskSwitch\App\Backup\StagedHangar;
use DuskSwitch\App\Database\Generation;
use DuskSwitch\App\Database\Migrations;
use DuskSwitch\App\Database\Trouble;
use DuskSwitch\App\Files\KeptResults;
use DuskSwitch\App\Hangar\Demo;
use DuskSwitch\App\Logbook\DemoLogbook;
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
        if (! $this->option('fresh') && self::isEmpty($file) && $copies->newestGood() !== null) {
            // Nobody who has copies begins with the demo: something went wrong with the file.
            return $this->tell(
                (is_file($file) ? 'The database is empty' : 'There is no database').
                    ', and there are copies of one: nothing was changed.'.
                    "\n".
                    self::ways($copies),
            );
        }
        if (! is_file($file) && @touch($file) === false) {
            return $this->tell("{$file} can't be made: is the folder there, and may it be written to?");
        }
        if (! is_writable($file) || ! is_writable(dirname($file))) {
            return $this->readOnly($file);
        }
        $unknown = Migrations::unknown();
        if ($unknown !== [] && ! $this->option('fresh')) {
            return $this->tell(Migrations::newer($unknown));
        }
        $isNew = ! Schema::hasTable('aircraft');
        if ($this->option('fresh') && ! $isNew) {
            $this->info('What was there is in '.$copies->make('before-fresh').'.');
            DB::purge();
            array_map(unlink(...), array_filter([$file, "{$file}-wal", "{$file}-shm"], is_file(...)));
            touch($file);
            $isNew = true;
        }
        // What was worked out before was worked out by another state of the code.
        KeptResults::clear();
        $this->migrate($copies, $isNew);
        if ($isNew) {
            Generation::next();
            DB::transaction(fn () => $demo->load());
            $this->info('Loaded the demo: Saltmarsh Field.');
            config('app.demo_logbook') === true && $this->loadFlights();
        } elseif ($copies->isDue()) {
            $this->copyOfTheDay($copies);
        }
        $this->tidy();

        return self::SUCCESS;
    }

    /** A pilot whose disk is full wants to look at what is there, and to make room. */
    private function copyOfTheDay(Copies $copies): void
    {
        try {
            $copies->make('daily');
        } catch (Throwable $problem) {
            $this->warn('No copy was made today: '.(Trouble::behind($problem)->says ?? $problem->getMessage()));
        }
    }

    /** What a restore that was killed has left: the backup of before is made now, what was unpacked goes. */
    private function tidy(): void
    {
        $folder = dirname((string) config('database.connections.sqlite.database'));
        foreach (glob("{$folder}/restoring-*", GLOB_ONLYDIR) ?: [] as $left) {
            StagedHangar::leftAt($left)->remove();
        }
        $before = app(BeforeRestore::class);
        if ($before->left() === []) {
            return;
        }
        try {
            $this->info('What was here before a restore that was cut off is in '.basename($before->finish()).'.');
        } catch (Throwable $problem) {
            $this->warn('What was here before a restore is still to be backed up: '.$problem->getMessage());
        }
    }

    /** True where there is no file, nothing in it, or no hangar in it. */
    private static function isEmpty(string $file): bool
    {
        return ! is_file($file) || filesize($file) === 0 || ! Schema::hasTable('aircraft');
    }

    /** A disk that can't be written: what is there can be looked at, where it is of this version. */
    private function readOnly(string $file): int
    {
        if (self::isEmpty($file) || Migrations::unknown() !== [] || Migrations::pending() !== []) {
            return $this->tell("{$file} may not be written to: give yourself the right to write it and its folder.");
        }
        $this->warn(
            "{$file} may not be written to: you can look at everything, and nothing can be saved until you have the right to write it and its folder.",
        );

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
        if ($isNew || Migrations::pending() !== []) {
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
        Generation::next();

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
