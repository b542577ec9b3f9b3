<?php

namespace DuskSwitch\Tools\Bench;

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
            $body = (string) json_encode(['document' => $document, 'before' => $moment($before), 'now' => $moment($now)]);
            $times[] = LiveBench::time($app->url('/api/heard'), $body);
            $empty[] = LiveBench::time($app->url('/api/empty'), null);
        }

        return [LiveBench::p95($times), LiveBench::p95($empty)];
    }
}
