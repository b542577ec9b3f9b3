<?php

namespace DuskSwitch\Tests\Served;

use DuskSwitch\Tests\Browser\Ports;
use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The one command that starts it, on data of its own. */
final class StartTest extends TestCase
{
    private string $folder;

    private ?Process $running = null;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/dusk-start-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        $this->stop();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** With the demo's flights where a test is of them: they take seconds each time. */
    private bool $flights = false;

    private function dusk(string ...$arguments): Process
    {
        return new Process(
            ['./dusk', ...$arguments],
            dirname(__DIR__, 2),
            [
                'DUSK_DATABASE' => "{$this->folder}/dusk.sqlite",
                'APP_CONFIG_CACHE' => "{$this->folder}/config.php",
                'APP_ROUTES_CACHE' => "{$this->folder}/routes.php",
                'DUSK_RUN_FOLDER' => "{$this->folder}/serve",
                'DUSK_DEMO_LOGBOOK' => $this->flights ? 'true' : 'false',
            ],
            timeout: 60,
        );
    }

    /** Starts and gives the address that it prints. */
    private function start(string ...$arguments): string
    {
        $this->running = $this->dusk('start', ...$arguments);
        $this->running->start();
        $address = '';
        $this->running->waitUntil(function (string $type, string $text) use (&$address): bool {
            if (preg_match('#http://127\.0\.0\.1:\d+#', $text, $match) === 1) {
                $address = $match[0];
            }

            return $address !== '';
        });
        Ports::await((int) substr($address, 17), $this->running);

        return $address;
    }

    private function stop(): void
    {
        $this->running?->signal(SIGTERM);
        $this->running?->wait();
        $this->running = null;
    }

    /** @return list<string> */
    private function hangar(string $address): array
    {
        return array_column(
            json_decode((string) file_get_contents("{$address}/api/aircraft"), true)['aircraft'],
            'name',
        );
    }

    private function delete(string $address, int $id): void
    {
        file_get_contents(
            "{$address}/api/aircraft/{$id}",
            false,
            stream_context_create([
                'http' => ['method' => 'DELETE', 'header' => 'Content-Type: application/json', 'content' => '{"base": 1}'],
            ]),
        );
    }

    public function test_it_starts_keeps_what_the_pilot_did_and_starts_afresh_when_told(): void
    {
        $address = $this->start('--port='.Ports::free());
        self::assertCount(10, $this->hangar($address));
        $this->delete($address, 1);
        $this->stop();
        self::assertFalse(@file_get_contents("{$address}/api/aircraft"), 'nothing is left running');

        $again = $this->start('--port='.Ports::free());
        self::assertCount(9, $this->hangar($again));
        $this->stop();

        $fresh = $this->start('--port='.Ports::free(), '--fresh');
        self::assertCount(10, $this->hangar($fresh));
    }

    public function test_a_port_that_is_taken_gives_way_to_the_next_free_one(): void
    {
        $this->flights = true;
        $taken = Ports::free();
        $socket = stream_socket_server("tcp://127.0.0.1:{$taken}");
        $address = $this->start("--port={$taken}");

        self::assertGreaterThan($taken, (int) substr($address, 17));
        self::assertCount(10, $this->hangar($address));
        fclose($socket);
    }

    public function test_the_database_writes_ahead_and_minds_its_keys(): void
    {
        $this->start('--port='.Ports::free());
        $database = new PDO("sqlite:{$this->folder}/dusk.sqlite");

        self::assertSame('wal', $database->query('PRAGMA journal_mode')->fetchColumn());
        self::assertSame([], $database->query('PRAGMA foreign_key_check')->fetchAll());
        $keys = $database->query('PRAGMA foreign_key_list(revisions)')->fetchAll(PDO::FETCH_ASSOC);
        self::assertSame(['aircraft', 'CASCADE'], [$keys[0]['table'], $keys[0]['on_delete']]);
    }

    public function test_help_and_words_that_it_does_not_know(): void
    {
        $help = $this->dusk('help');
        self::assertSame(0, $help->run());
        foreach (['start', 'test', 'shots', 'bench'] as $command) {
            self::assertStringContainsString("./dusk {$command}", $help->getOutput());
        }
        foreach ([['fly'], ['start', '--prot=1'], ['start', '--port=many']] as $arguments) {
            $run = $this->dusk(...$arguments);
            self::assertSame(1, $run->run());
            self::assertStringContainsString('dusk: ', $run->getErrorOutput());
        }
    }
}
