<?php

namespace DuskSwitch\Tests\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Core\Given;

/** From a flipped switch to the words that it brings, over HTTP: what is left is to play a clip that is there. */
final class HeardBench
{
    private const FLIPS = 60;

    /** @return array{float, float} ms: 95 of a hundred are faster; the empty route */
    public static function run(App $app): array
    {
        $document = json_decode(Given::demo('petrel'));
        $moment = fn (string $cut): array => [
            'inputs' => ['controls' => ['top-left' => $cut === 'cut' ? 'toward' : 'away']],
            'phase' => 'cruise',
            'steps' => ['cut' => $cut, 'task' => 'cruise', 'camber' => 'none'],
            'functions' => (object) [],
            'values' => ['cell' => 3.9, 'link-quality' => 99],
        ];
        $times = $empty = [];
        for ($i = 0; $i < self::FLIPS; $i++) {
            [$before, $now] = $i % 2 === 0 ? ['cut', 'ready'] : ['ready', 'cut'];
            $body = json_encode(['document' => $document, 'before' => $moment($before), 'now' => $moment($now)]);
            $times[] = self::time($app->url('/api/heard'), $body);
            $empty[] = self::time($app->url('/api/empty'), null);
        }

        return [LiveBench::p95($times), LiveBench::p95($empty)];
    }

    private static function time(string $url, string|false|null $body): float
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
        $answer = curl_exec($request);
        $time = (hrtime(true) - $start) / 1e6;
        if (curl_getinfo($request, CURLINFO_HTTP_CODE) !== 200) {
            throw new \RuntimeException("{$url} didn't answer: ".substr((string) $answer, 0, 200));
        }

        return $time;
    }
}
