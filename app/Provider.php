<?php

namespace DuskSwitch\App;

use DuskSwitch\App\Backup\BeforeRestore;
use DuskSwitch\App\Database\Connector;
use DuskSwitch\App\Database\Generation;
use DuskSwitch\App\Database\WriteGate;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Equipment\OwnDefinitions;
use DuskSwitch\App\Equipment\ShippedDefinitions;
use DuskSwitch\App\Hangar\ReadinessBook;
use DuskSwitch\App\Hangar\ReadinessSummaries;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Jobs\Line;
use DuskSwitch\App\Log\KeptAnalyses;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Program\CircuitCache;
use DuskSwitch\App\Program\Clips;
use DuskSwitch\App\Program\KeptFlights;
use DuskSwitch\App\Program\Rehearser;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Transmitters;
use DuskSwitch\Core\Link\ControllerPort;
use DuskSwitch\Core\Rehearsal\Scenarios;
use DuskSwitch\StandIn\SimulatedController;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\ServiceProvider;

/** Binds the ports of the core to what stands behind them here. */
final class Provider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', Connector::class);
        // Of this server: what another one computes stands in nobody's way here.
        $this->app->singleton(Line::class, fn () => new Line((getenv('DUSK_RUN_FOLDER') ?: storage_path('serve')).'/line'));
        $this->app->singleton(WriteGate::class, fn () => new WriteGate(self::beside('restore.lock')));
        $this->app->afterResolving('db', function (DatabaseManager $all): void {
            $all->connection()->beforeExecuting(function (string $query): void {
                preg_match('/^\s*(insert|update|delete|replace)\b/i', $query) === 1 && $this->beforeWriting();
            });
        });
        $this->app->singleton(
            Equipment::class,
            fn () => new Equipment(new ShippedDefinitions(database_path('demo/stores')), new OwnDefinitions()),
        );
        $this->app->bind(Catalogue::class, Equipment::class);
        $this->app->bind(Transmitters::class, Equipment::class);
        $this->app->bind(Scenarios::class, Equipment::class);
        $this->app->bind(
            Rehearser::class,
            fn ($app) => new Rehearser(
                $app->make(Catalogue::class),
                $app->make(Scenarios::class),
                new KeptFlights(storage_path('framework/rehearsals')),
            ),
        );
        $this->app->singleton(BeforeRestore::class, fn () => new BeforeRestore((string) self::beside('')));
        $this->app->singleton(RecordingFiles::class, fn () => new RecordingFiles(self::recordings()));
        $this->app->bind(
            KeptAnalyses::class,
            fn ($app) => new KeptAnalyses($app->runningUnitTests() ? null : storage_path('framework/flights')),
        );
        $this->app->singleton(Jobs::class, fn () => new Jobs(getenv('DUSK_JOBS') ?: storage_path('jobs')));
        $this->app->singleton(Clips::class, fn () => new Clips(storage_path('framework/clips')));
        $this->app->singleton(
            CircuitCache::class,
            fn ($app) => new CircuitCache($app->runningInConsole() ? null : storage_path('framework/circuits')),
        );
        $this->app->bind(
            ReadinessSummaries::class,
            fn ($app) => new ReadinessSummaries(
                $app->make(ReadinessBook::class),
                $app->runningInConsole() ? null : storage_path('framework/readiness'),
            ),
        );
        $this->app->bind(ControllerPort::class, SimulatedController::class);
    }

    private function beforeWriting(): void
    {
        $this->app->make(WriteGate::class)->enter();
        Generation::check($this->app->make('request')->headers->get(Generation::HEADER));
    }

    /** A file beside the database; null where that lies in the memory. */
    private static function beside(string $name): ?string
    {
        $database = (string) config('database.connections.sqlite.database');

        return $database === ':memory:' ? null : rtrim(dirname($database)."/{$name}", '/');
    }

    /** Beside the database; in tests, whose database is in the memory, a folder of this process. */
    private static function recordings(): string
    {
        $database = (string) config('database.connections.sqlite.database');

        return (string) (config('app.recordings') ??
            ($database === ':memory:'
                ? sys_get_temp_dir().'/dusk-recordings-'.getmypid()
                : dirname($database).'/recordings'));
    }
}
