<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Core\Hard;

/** The slowest answer to any document that was built to be hard, over HTTP. */
final class HardBench
{
    /** @return array{float, string} seconds, and of what */
    public static function run(App $app): array
    {
        $worst = [0.0, ''];
        foreach (Hard::documents() as $name => $document) {
            foreach (
                [
                    'prove' => [],
                    'live' => ['inputs' => (object) [], 'ticks' => 50],
                    'sense' => [],
                    'propose/transmitter' => ['transmitter' => 'lamplight-12'],
                    'rehearsal' => ['script' => 'out-and-back', 'seed' => 1],
                ] as $path => $more
            ) {
                $request = curl_init($app->url("/api/{$path}"));
                curl_setopt_array($request, [
                    CURLOPT_RETURNTRANSFER => true,
                    CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:'],
                    CURLOPT_POSTFIELDS => json_encode(['document' => $document, ...$more]),
                ]);
                curl_exec($request);
                $seconds = curl_getinfo($request, CURLINFO_TOTAL_TIME);
                if ($seconds > $worst[0]) {
                    $worst = [$seconds, "{$path}, {$name}"];
                }
            }
        }

        return $worst;
    }
}
