<?php

namespace DuskSwitch\Tests\Browser;

use Symfony\Component\Process\Process;

/** The real app on a port and a database of its own, with the demo in it. */
final class App
{
    private ?Process $server = null;

    private readonly string $folder;

    public readonly int $port;

    public function __construct()
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
            'PHP_CLI_SERVER_WORKERS' => '4',
        ];
        foreach ([['data:prepare'], ['config:cache'], ['route:cache']] as $command) {
            (new Process([PHP_BINARY, 'artisan', ...$command, '-q'], $root, $env, timeout: 60))->mustRun();
        }
        $options = ['-q', '-d', 'post_max_size=0', '-d', 'opcache.enable=1', '-d', 'display_errors=stderr'];
        // A session of its own: the server's workers outlive it unless the whole group is ended.
        $this->server = new Process(['setsid', PHP_BINARY, ...$options, '-S', "127.0.0.1:{$this->port}", '-t', 'public', 'public/index.php'], $root, $env, timeout: null);
        $this->server->start();
        Ports::await($this->port, $this->server);
    }

    /** As when the pilot closes the laptop: the data stays. */
    public function stop(): void
    {
        $pid = $this->server?->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, SIGTERM);
        }
        $this->server?->stop(2);
        $this->server = null;
    }

    public function __destruct()
    {
        $this->stop();
        foreach (glob("{$this->folder}/*") ?: [] as $file) {
            @unlink($file);
        }
        @rmdir($this->folder);
    }
}
