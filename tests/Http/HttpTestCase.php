<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Hangar\Demo;
use DuskSwitch\App\Models\Aircraft;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** The app over HTTP with a database in memory; every answer is checked against the published contract. */
abstract class HttpTestCase extends TestCase
{
    public function createApplication(): Application
    {
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        $app->make(Kernel::class)->call('migrate', ['--force' => true]);

        return $app;
    }

    protected function demo(): void
    {
        $this->app->make(Demo::class)->load();
    }

    protected function aircraft(string $name = 'Nightjar'): Aircraft
    {
        if (Aircraft::count() === 0) {
            $this->demo();
        }

        return Aircraft::where('name', $name)->firstOrFail();
    }

    /** The document of a demo aircraft as the interface gets it. */
    protected function demoDocument(string $aircraft): \stdClass
    {
        return json_decode(
            (string) $this->api('GET', "/api/aircraft/{$this->aircraft($aircraft)->id}")->getContent(),
        )->document;
    }

    /** Sends JSON; the answer must fit the contract. */
    protected function api(string $method, string $path, mixed $body = null, int $status = 200): TestResponse
    {
        $text = is_string($body) ? $body : ($body === null ? '' : (string) json_encode($body));

        return $this->send($method, $path, $text, $status);
    }

    /** Sends text as it is. */
    protected function send(string $method, string $path, string $text, int $status, array $headers = []): TestResponse
    {
        $server = $this->transformHeadersToServerVars([
            'Accept' => 'application/json',
            'Content-Type' => 'application/json',
            ...$headers,
        ]);
        $response = $this->call(
            $method,
            'http://'.($headers['Host'] ?? 'localhost').$path,
            [],
            [],
            [],
            $server,
            $text,
        );
        $response->assertStatus($status);
        if ($status !== Response::HTTP_FORBIDDEN) {
            Contract::check($method, strtok($path, '?') ?: $path, $status, (string) $response->getContent());
        }
        $response->assertDontSee('.php', false);

        return $response;
    }
}
