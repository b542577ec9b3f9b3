<?php

namespace DuskSwitch\Tests\Browser;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;

/** The real app on a port and a database of its own, with the demo in it. */
final class App
{
    /** The one that a process's classes share, one after the other. */
    private static ?self $shared = null;

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
        is_file("{$this->folder}/routes.php") || $this->prepare();
        $this->server = new Process(['serve/run', (string) $this->port], dirname(__DIR__, 2), $this->env(), timeout: null);
        $this->server->start();
        Ports::await($this->port, $this->server);
    }

    private function prepare(): void
    {
        foreach (['data:prepare', 'config:cache', 'route:cache'] as $command) {
            (new Process([PHP_BINARY, 'artisan', $command, '-q'], dirname(__DIR__, 2), $this->env(), timeout: 60))->mustRun();
        }
    }

    /** @return array<string, string> */
    private function env(): array
    {
        return [
            'DUSK_DATABASE' => "{$this->folder}/dusk.sqlite",
            'APP_CONFIG_CACHE' => "{$this->folder}/config.php",
            'APP_ROUTES_CACHE' => "{$this->folder}/routes.php",
            'DUSK_RUN_FOLDER' => "{$this->folder}/serve",
            // Nobody waits for the long work of another test.
            'DUSK_JOBS' => "{$this->folder}/jobs",
            'DUSK_DEMO_LOGBOOK' => 'false',
            'DUSK_NICE' => '0',
            ...$this->env,
        ];
    }

    /** As when the pilot closes the laptop: the data stays. */
    public function stop(): void
    {
        $this->server?->stop(5, SIGTERM);
        $this->server = null;
    }

    /** As when the machine is switched off: nothing gets the time to finish anything. */
    public function kill(): void
    {
        // php-fpm makes a session of its own, so that a group is not enough.
        for ($all = [(int) $this->server?->getPid()], $next = 0; isset($all[$next]); $next++) {
            $children = new Process(['pgrep', '-P', (string) $all[$next]]);
            $children->run();
            $all = [
                ...$all,
                ...array_map(
                    intval(...),
                    preg_split('/\s+/', trim($children->getOutput()), flags: PREG_SPLIT_NO_EMPTY) ?: [],
                ),
            ];
        }
        array_map(fn (int $one): bool => posix_kill($one, SIGKILL), $all);
        try {
            $this->server?->wait();
        } catch (ProcessSignaledException) {
            // That is what was wanted.
        }
        $this->server = null;
        // What is killed lets go of its port a moment later.
        for (
            $try = 0;
            $try < 200 && ($socket = @fsockopen('127.0.0.1', $this->port, $code, $text, 0.2)) !== false;
            $try++
        ) {
            fclose($socket);
            usleep(20_000);
        }
    }

    /**
     * The app with fresh data, served. The same address each time, and its data prepared once: so the browser and the
     * server keep what they made of the code.
     */
    public static function fresh(): self
    {
        if (self::$shared === null) {
            self::$shared = new self();
            self::$shared->prepare();
            self::$shared->copy(self::$shared->folder, self::$shared->folder.'-new');
        } else {
            self::$shared->stop();
            self::$shared->copy(self::$shared->folder.'-new', self::$shared->folder);
        }
        self::$shared->start();

        return self::$shared;
    }

    private function copy(string $from, string $to): void
    {
        (new Process(['rm', '-rf', $to]))->mustRun();
        (new Process(['cp', '-a', $from, $to]))->mustRun();
    }

    /** The folder of its data. */
    public function folder(): string
    {
        return $this->folder;
    }

    public function __destruct()
    {
        $this->stop();
        (new Process(['rm', '-rf', $this->folder, "{$this->folder}-new"]))->run();
    }

    /** Takes a recording into the logbook. @return int the flight's id */
    public function record(string $text, int $aircraft, string $name = 'flight.csv'): int
    {
        $request = curl_init($this->url('/api/recordings?name='.rawurlencode($name)."&aircraft={$aircraft}"));
        curl_setopt_array($request, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => ['Content-Type: application/octet-stream', 'Accept: application/json', 'Expect:'],
            CURLOPT_POSTFIELDS => $text,
        ]);
        $job = json_decode((string) curl_exec($request))->job;
        do {
            usleep(50_000);
            $state = json_decode((string) file_get_contents($this->url("/api/jobs/{$job}")));
        } while (in_array($state->state, ['queued', 'running'], true));

        return $state->took->flights[0] ?? throw new \RuntimeException("it wasn't taken: {$state->says}");
    }

    /** Takes a program file in, as the hangar does. @return int the aircraft's id */
    public function import(string $text): int
    {
        $request = curl_init($this->url('/api/import'));
        curl_setopt_array($request, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
            CURLOPT_POSTFIELDS => $text,
        ]);
        $answer = (string) curl_exec($request);

        return json_decode($answer)->id ?? throw new \RuntimeException("it wasn't taken: {$answer}");
    }
}
