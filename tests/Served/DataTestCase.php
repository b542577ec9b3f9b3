<?php

namespace DuskSwitch\Tests\Served;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Databases in a folder of the test's own, and the commands that keep them. */
abstract class DataTestCase extends TestCase
{
    protected string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/dusk-keep-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['umount', '-q', "{$this->folder}/small"]))->run();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    protected function database(string $name = 'dusk'): string
    {
        return "{$this->folder}/{$name}.sqlite";
    }

    protected function artisan(string $database, string ...$arguments): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', ...$arguments],
            dirname(__DIR__, 2),
            ['DUSK_DATABASE' => $database, 'DUSK_DEMO_LOGBOOK' => 'false'],
            timeout: 60,
        );
        $process->run();

        return $process;
    }

    protected static function open(string $database): PDO
    {
        return new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    protected static function rows(string $database, string $what): int
    {
        return (int) self::open($database)
            ->query("SELECT count(*) FROM {$what}")
            ->fetchColumn();
    }
}
