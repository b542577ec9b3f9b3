<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Hangar\Demo;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Makes the database ready: migrates it, and loads the demo into a new one. */
final class PrepareData extends Command
{
    protected $signature = 'data:prepare {--fresh : throw everything away and load the demo}';

    protected $description = 'Create or migrate the database and load the demo where it is new';

    public function handle(Demo $demo): int
    {
        $file = (string) config('database.connections.sqlite.database');
        if (! is_file($file)) {
            touch($file);
        }
        $isNew = (bool) $this->option('fresh') || ! Schema::hasTable('aircraft');
        $this->callSilent($this->option('fresh') ? 'migrate:fresh' : 'migrate', ['--force' => true]);
        if ($isNew) {
            DB::transaction(fn () => $demo->load());
            $this->info('Loaded the demo: Saltmarsh Field.');
        }

        return self::SUCCESS;
    }
}
