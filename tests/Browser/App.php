<?php

namespace DuskSwitch\Tests\Browser;

use Symfony\Component\Process\Process;

/** The real app on a port and a database of its own, with the demo in it. */
final class App
{
    private ?Process $server = null;

    private readonly string $folder;

    public readonly int $port;

    /** @param  array<string, string>  $env  other settings of its server */
    public function __construct(private readonly array $env = [])
    {
        $this->folder = sys_get_temp_dir().'/dusk-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->port = Ports::free();
    }

    public function url(string $path = '/'): string
    {
        return "http://127.0.0.1:{$this->port}{$path}";
    }

    /** Prepares the data where there's none yet, and serves. */
    public function start(): void
    {
        $root = dirname(__DIR__, 2);
        $env = [
            'DUSK_DATABASE' => "{$this->folder}/dusk.sqlite",
            'APP_CONFIG_CACHE' => "{$this->folder}/config.php",
            'APP_ROUTES_CACHE' => "{$this->folder}/routes.php",
            'DUSK_RUN_FOLDER' => "{$this->folder}/serve",
            ...$this->env,
        ];
        foreach ([['data:prepare'], ['config:cache'], ['route:cache']] as $command) {
            (new Process([PHP_BINARY, 'artisan', ...$command, '-q'], $root, $env, timeout: 60))->mustRun();
        }
        $this->server = new Process(['serve/run', (string) $this->port], $root, $env, timeout: null);
        $this->server->start();
        Ports::await($this->port, $this->server);
    }

    /** As when the pilot closes the laptop: the data stays. */
    public function stop(): void
    {
        $this->server?->stop(5, SIGTERM);
        $this->server = null;
    }

    /** The folder of its data. */
    public function folder(): string
    {
        return $this->folder;
    }

    public function __destruct()
    {
        $this->stop();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }
}
