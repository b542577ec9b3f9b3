<?php

namespace DuskSwitch\Tests\Served;

use DuskSwitch\Tests\Browser\App;
use PHPUnit\Framework\Attributes\DataProvider;

/** What comes through the door, and what goes out: bodies, addresses, headers, requests that nobody waits for. */
final class DoorsTest extends ServedTestCase
{
    private static App $nginx;

    private static App $plain;

    public static function setUpBeforeClass(): void
    {
        self::$nginx = new App([
            'DUSK_WORKERS' => '2',
            'DUSK_COMPUTE_SECONDS' => '2',
            'DUSK_WALL_SECONDS' => '4',
            'DUSK_SLOW_ROUTE' => '1',
        ]);
        self::$nginx->start();
        self::$plain = new App(['DUSK_PLAIN_SERVER' => '1']);
        self::$plain->start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$nginx->stop();
        self::$plain->stop();
    }

    /** @return array<string, array{string}> */
    public static function servers(): array
    {
        return ['nginx and php-fpm' => ['nginx'], 'PHP alone' => ['plain']];
    }

    private static function app(string $server): App
    {
        return $server === 'nginx' ? self::$nginx : self::$plain;
    }

    public function test_a_body_that_is_too_large_is_refused_before_it_has_arrived(): void
    {
        $socket = fsockopen('127.0.0.1', self::$nginx->port) ?: self::fail('nobody listens');
        fwrite(
            $socket,
            "POST /api/import HTTP/1.1\r\nHost: 127.0.0.1:".
                self::$nginx->port.
                "\r\nContent-Type: application/json\r\nContent-Length: 400000000\r\n\r\n",
        );
        fwrite($socket, str_repeat('x', 10_000));
        stream_set_timeout($socket, 5);
        $answer = (string) stream_get_contents($socket, 2000);
        fclose($socket);
        self::assertStringStartsWith('HTTP/1.1 413', $answer);
        self::assertStringContainsString('application/json', $answer);
        self::assertStringContainsString('This is too large: at most 2 MB', $answer);
        self::assertStringContainsString('nosniff', $answer);
    }

    public function test_a_document_of_nearly_a_megabyte_is_taken_and_a_larger_one_refused_with_its_size(): void
    {
        foreach (['nginx', 'plain'] as $server) {
            $document = json_decode((string) file_get_contents('database/demo/tern.json'));
            $text = (string) json_encode($document);
            $padded = str_replace('{"format"', '{'.str_repeat(' ', 990_000 - strlen($text)).'"format"', $text);
            self::assertSame(201, self::ask(self::app($server), 'POST', '/api/import', $padded)[0]);
            $larger = str_replace('{"format"', '{'.str_repeat(' ', 1_100_000).'"format"', $text);
            [$status, $answer] = self::ask(self::app($server), 'POST', '/api/import', $larger);
            self::assertSame(422, $status);
            self::assertStringContainsString('a document is at most 1 MB', $answer->message);
        }
    }

    public function test_what_computes_too_long_is_ended_and_said(): void
    {
        [$status, $answer, $head] = self::ask(self::$nginx, 'GET', '/api/slow?what=compute');
        self::assertSame(503, $status);
        self::assertStringContainsString('took too long, so it was ended', $answer->message);
        self::assertStringContainsString('Retry-After', $head);
        self::assertStringContainsString('Content-Length', $head);
    }

    public function test_what_waits_too_long_is_ended_by_the_wall_clock_and_its_worker_is_replaced(): void
    {
        foreach (range(1, 2) as $ignored) {
            [$status, $answer] = self::ask(self::$nginx, 'GET', '/api/slow?what=wait');
            self::assertSame(503, $status);
            self::assertStringContainsString('took too long, so it was ended', $answer->message);
        }
        self::assertSame(200, self::ask(self::$nginx, 'GET', '/api/aircraft')[0], 'both workers are there again');
    }

    public function test_what_takes_too_much_memory_is_ended_and_said(): void
    {
        [$status, $answer] = self::ask(self::$nginx, 'GET', '/api/slow?what=memory');
        self::assertSame(503, $status);
        self::assertStringContainsString('more memory', $answer->message);
    }

    public function test_clients_that_have_gone_keep_no_worker(): void
    {
        // As many as there are workers, each computing its two seconds, and many more in the queue behind them.
        foreach (range(1, 20) as $ignored) {
            $socket = fsockopen('127.0.0.1', self::$nginx->port) ?: self::fail('nobody listens');
            fwrite(
                $socket,
                "GET /api/slow?what=compute HTTP/1.1\r\nHost: 127.0.0.1:".self::$nginx->port."\r\n\r\n",
            );
            usleep(20_000);
            fclose($socket);
        }
        $start = microtime(true);
        self::assertSame(200, self::ask(self::$nginx, 'GET', '/api/empty')[0]);
        // Twenty times two seconds on two workers would be twenty.
        self::assertLessThan(15.0, microtime(true) - $start, 'nobody waits for those who have gone');
    }

    #[DataProvider('servers')]
    public function test_every_answer_says_what_a_browser_may_do_with_it(string $server): void
    {
        $files = glob('public/build/assets/*.js') ?: [];
        foreach (['/', '/api/aircraft', '/api/nothing', '/aircraft/1/wire'] as $path) {
            [, , $head] = self::ask(self::app($server), 'GET', $path);
            foreach (
                [
                    'X-Content-Type-Options: nosniff',
                    'Referrer-Policy: no-referrer',
                    'Cross-Origin-Resource-Policy: same-origin',
                    "form-action 'none'",
                    "base-uri 'none'",
                    'Content-Length: ',
                ] as $wanted
            ) {
                self::assertStringContainsString($wanted, $head, "{$path}: {$wanted}");
            }
            self::assertStringNotContainsStringIgnoringCase('x-powered-by', $head, $path);
        }
        if ($server === 'nginx') {
            [$status, , $head] = self::ask(
                self::$nginx,
                'GET',
                '/build/assets/'.basename($files[0]),
                headers: ['Accept-Encoding: gzip'],
            );
            self::assertSame(200, $status);
            foreach (['nosniff', 'Content-Encoding: gzip', 'max-age=31536000', 'same-origin'] as $wanted) {
                self::assertStringContainsString($wanted, $head);
            }
        }
    }

    #[DataProvider('servers')]
    public function test_no_file_is_looked_for_outside_public(string $server): void
    {
        foreach (
            [
                '/../composer.json',
                '/..%2fcomposer.json',
                '/%2e%2e/composer.json',
                '/build/../../composer.json',
                '/build/..%2f..%2fcomposer.json',
                '/....//composer.json',
                '/index.php',
                '/.htaccess',
                '/storage/logs/dusk.log',
                '/../.git/config',
            ] as $path
        ) {
            $handle = self::handle(self::app($server), 'GET', '/');
            curl_setopt_array($handle, [CURLOPT_URL => self::app($server)->url($path), CURLOPT_PATH_AS_IS => true]);
            [, $body] = self::split($handle, (string) curl_exec($handle));
            self::assertStringNotContainsString('dusk-switch/dusk-switch', $body, $path);
            self::assertStringNotContainsString('<?php', $body, $path);
            self::assertStringNotContainsString('[core]', $body, $path);
        }
    }

    #[DataProvider('servers')]
    public function test_no_answer_tells_of_php_or_of_this_machine(string $server): void
    {
        $root = dirname(__DIR__, 2);
        $strange = [
            ['GET', '/api/aircraft/1/sheet?transmitter[]=a'],
            ['GET', '/api/aircraft/1/sheet?transmitter[a][b]=c'],
            ['GET', '/api/aircraft/99999999999999999999'],
            ['GET', '/api/aircraft/1/compare/99999999999999999999/1'],
            ['GET', '/api/aircraft/1/sheet.csv?transmitter=%ff'],
            ['GET', '/api/aircraft/1/sheet.html?transmitter='.str_repeat('a', 3000)],
            ['POST', '/api/live'],
            ['PUT', '/api/aircraft/1/program'],
            ['POST', '/api/stores/kites'],
            ['DELETE', '/api/stores/packs/%00'],
            ['PATCH', '/api/aircraft/1'],
            ['GET', '/api/%ff'],
            ['TRACE', '/api/aircraft'],
        ];
        foreach ($strange as [$method, $path]) {
            $handle = self::handle(
                self::app($server),
                $method,
                $path,
                $method === 'GET' ? null : '{"base": 1e400, "document": []}',
            );
            [, $body] = self::split($handle, (string) curl_exec($handle));
            $status = (int) curl_getinfo($handle, CURLINFO_HTTP_CODE);
            self::assertContains($status, [200, 400, 404, 405, 414, 422], "{$method} {$path}: {$status} {$body}");
            foreach ([$root, '.php', 'Stack trace', 'Exception', 'Warning:', 'Deprecated:', '/vendor/'] as $told) {
                self::assertStringNotContainsString($told, $body, "{$method} {$path}");
            }
        }
    }
}
