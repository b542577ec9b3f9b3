<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Tests\Browser\App;

/** Four writers who save at once, each an aircraft of its own, against one who saves alone. */
final class SaveBench
{
    private const EACH = 60;

    /** @return array{float, float} ms, 95 of a hundred are faster: four writers, one */
    public static function run(App $app): array
    {
        return [self::write($app, 4), self::write($app, 1)];
    }

    private static function write(App $app, int $writers): float
    {
        $multi = curl_multi_init();
        $writer = $times = [];
        $send = function (int $id) use (&$writer, $app, $multi): void {
            $one = &$writer[$id];
            $one['document']->notes = "edit {$one['left']} of {$id}, ".hrtime(true);
            $one['handle'] = curl_init($app->url("/api/aircraft/{$id}/program"));
            curl_setopt_array($one['handle'], [
                CURLOPT_CUSTOMREQUEST => 'PUT',
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:'],
                CURLOPT_POSTFIELDS => json_encode(['base' => $one['base'], 'document' => $one['document']]),
            ]);
            curl_multi_add_handle($multi, $one['handle']);
        };
        for ($id = 1; $id <= $writers; $id++) {
            $aircraft = json_decode((string) file_get_contents($app->url("/api/aircraft/{$id}")));
            $writer[$id] = ['document' => $aircraft->document, 'base' => $aircraft->revision, 'left' => self::EACH];
            $send($id);
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
            while ($info = curl_multi_info_read($multi)) {
                foreach ($writer as $id => $one) {
                    if (($one['handle'] ?? null) !== $info['handle']) {
                        continue;
                    }
                    if (curl_getinfo($one['handle'], CURLINFO_HTTP_CODE) !== 200) {
                        throw new \RuntimeException('a save failed: '.curl_multi_getcontent($one['handle']));
                    }
                    $times[] = 1000 * curl_getinfo($one['handle'], CURLINFO_TOTAL_TIME);
                    $writer[$id]['base'] = json_decode((string) curl_multi_getcontent($one['handle']))->revision;
                    curl_multi_remove_handle($multi, $one['handle']);
                    if (--$writer[$id]['left'] > 0) {
                        $send($id);
                        $running = 1;
                    }
                }
            }
        } while ($running > 0);

        return LiveBench::p95($times);
    }
}
