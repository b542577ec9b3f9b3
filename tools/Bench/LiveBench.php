<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Core\Given;

/** A live frame over HTTP against a route that does nothing, on the same server, turn about. */
final class LiveBench
{
    private const REQUESTS = 400;

    /**
     * @return array{array{float, float}, array{float, float}} ms, live and empty: half are faster, 95 of a hundred are
     * faster
     */
    public static function run(App $app): array
    {
        $document = json_decode(Given::demo('nightjar'));
        // The browser sends no more than what moves channels.
        unset($document->sense);
        $times = [[], []];
        for ($i = 0; $i < self::REQUESTS; $i++) {
            $body = json_encode([
                'document' => $document,
                'ticks' => 2,
                'inputs' => ['axes' => ['roll' => sin($i), 'throttle' => cos($i)], 'controls' => ['left-shoulder' => 'away']],
                'explain' => 1,
                'function' => 'roll',
            ]);
            $times[0][] = self::time($app->url('/api/live'), $body);
            $times[1][] = self::time($app->url('/api/empty'), null);
        }

        return [array_map(fn (array $of): float => self::share($of, 0.5), $times), array_map(self::p95(...), $times)];
    }

    /** ms that an answer takes; a body is posted as JSON */
    public static function time(string $url, ?string $body): float
    {
        $request = curl_init($url);
        curl_setopt_array(
            $request,
            [CURLOPT_RETURNTRANSFER => true] +
                ($body === null
                    ? []
                    : [CURLOPT_POSTFIELDS => $body, CURLOPT_HTTPHEADER => ['Content-Type: application/json']]),
        );
        $start = hrtime(true);
        curl_exec($request);
        $time = (hrtime(true) - $start) / 1e6;
        if (curl_getinfo($request, CURLINFO_HTTP_CODE) !== 200) {
            throw new \RuntimeException("{$url} didn't answer");
        }

        return $time;
    }

    /** @param  list<float>  $times */
    public static function p95(array $times): float
    {
        return self::share($times, 0.95);
    }

    /** @param  list<float>  $times */
    public static function share(array $times, float $share): float
    {
        sort($times);

        return $times[(int) floor($share * count($times))];
    }
}
