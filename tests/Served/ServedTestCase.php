<?php

namespace DuskSwitch\Tests\Served;

use CurlHandle;
use DuskSwitch\Tests\Browser\App;
use PHPUnit\Framework\TestCase;

/** The app as pilots get it: the real server, a database file, and several clients at once. */
abstract class ServedTestCase extends TestCase
{
    /**
     * One request.
     *
     * @param  list<string>  $headers
     * @return array{int, mixed, string} status (0 where nothing came), the JSON that came, its headers
     */
    protected static function ask(
        App $app,
        string $method,
        string $path,
        mixed $body = null,
        array $headers = [],
    ): array {
        $handle = self::handle($app, $method, $path, $body, $headers);
        $text = curl_exec($handle);
        [$head, $json] = self::split($handle, is_string($text) ? $text : '');

        return [(int) curl_getinfo($handle, CURLINFO_HTTP_CODE), json_decode($json), $head];
    }

    /**
     * A request that is not sent yet.
     *
     * @param  list<string>  $headers
     */
    protected static function handle(
        App $app,
        string $method,
        string $path,
        mixed $body = null,
        array $headers = [],
    ): CurlHandle {
        $handle = curl_init($app->url($path));
        curl_setopt_array(
            $handle,
            [
                CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HEADER => true,
                CURLOPT_TIMEOUT => 60,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:', ...$headers],
            ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => is_string($body) ? $body : (string) json_encode($body)]),
        );

        return $handle;
    }

    /** @return array{string, string} headers and body */
    protected static function split(CurlHandle $handle, string $text): array
    {
        $at = (int) curl_getinfo($handle, CURLINFO_HEADER_SIZE);

        return [substr($text, 0, $at), substr($text, $at)];
    }

    /** The document of an aircraft, and its revision. */
    protected static function document(App $app, int $id): array
    {
        [$status, $aircraft] = self::ask($app, 'GET', "/api/aircraft/{$id}");
        self::assertSame(200, $status);

        return [$aircraft->document, $aircraft->revision];
    }

    /** A document that says something of its own. */
    protected static function noting(\stdClass $document, string $notes): \stdClass
    {
        $changed = clone $document;
        $changed->notes = $notes;

        return $changed;
    }
}
