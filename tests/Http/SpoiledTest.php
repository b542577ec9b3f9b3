<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ScriptDecoder;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Tests\Core\Given;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/**
 * Documents spoiled at random, the same ones every time: each gets an answer, none of them is "something went wrong".
 */
final class SpoiledTest extends HttpTestCase
{
    private const QUICK = 60;

    private const LONG = 2000;

    private Randomizer $chance;

    private static function rounds(): int
    {
        return Long::is() ? self::LONG : self::QUICK;
    }

    /** @return array<string, array{int}> */
    public static function seeds(): array
    {
        return ['seed 1' => [1], 'seed 2' => [2], 'seed 3' => [3]];
    }

    /** A value that nobody expects. */
    private function strange(mixed $instead): mixed
    {
        $all = [
            null,
            true,
            false,
            0,
            -1,
            1,
            0.5,
            -0.0,
            1e308,
            -1e308,
            PHP_INT_MAX,
            PHP_INT_MIN,
            1.5,
            33,
            64,
            '',
            ' ',
            'a',
            "a\0b",
            '😀',
            str_repeat('x', 5000),
            '-',
            '../../etc/passwd',
            "'; DROP TABLE aircraft; --",
            '=1+1',
            [],
            [[]],
            [null],
            [1, 2, 3],
            new stdClass(),
            (object) ['a' => 1],
            is_array($instead) ? [...$instead, ...$instead] : $instead,
            is_array($instead) ? array_reverse($instead) : [$instead],
            is_string($instead) ? $instead.$instead : $instead,
            is_int($instead) || is_float($instead) ? -$instead : $instead,
            is_int($instead) || is_float($instead) ? $instead * 1000 : $instead,
        ];

        return $all[$this->chance->getInt(0, count($all) - 1)];
    }

    private function spoil(mixed $value, int $times): mixed
    {
        $value = json_decode((string) json_encode($value));
        for ($i = 0; $i < $times; $i++) {
            $value = $this->touch($value, 0);
        }

        return $value;
    }

    private function touch(mixed $value, int $depth): mixed
    {
        $keys =
            $value instanceof stdClass
                ? array_keys(get_object_vars($value))
                : (is_array($value)
                    ? array_keys($value)
                    : []);
        if ($keys === [] || ($depth > 0 && $this->chance->getInt(0, 3) === 0)) {
            return $this->strange($value);
        }
        $key = $keys[$this->chance->getInt(0, count($keys) - 1)];
        $do = $this->chance->getInt(0, 9);
        if ($value instanceof stdClass) {
            match (true) {
                $do === 0 => (function () use ($value, $key): void {
                    unset($value->{$key});
                })(),
                $do === 1 => ($value->{"{$key}x"} = $value->{$key}),
                default => ($value->{$key} = $this->touch($value->{$key}, $depth + 1)),
            };
        } else {
            match ($do) {
                0 => array_splice($value, (int) $key, 1),
                1 => ($value[] = $value[$key]),
                default => ($value[$key] = $this->touch($value[$key], $depth + 1)),
            };
        }

        return $value;
    }

    private function answers(string $method, string $path, mixed $body): void
    {
        $text = is_string($body) ? $body : (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR);
        $answer = $this->call(
            $method,
            "http://localhost{$path}",
            [],
            [],
            [],
            $this->transformHeadersToServerVars(['Content-Type' => 'application/json', 'Accept' => 'application/json']),
            $text,
        );
        self::assertContains(
            $answer->getStatusCode(),
            [200, 201, 202, 404, 409, 422, 424],
            "{$method} {$path} {$answer->getStatusCode()} {$answer->getContent()}\n".mb_strimwidth($text, 0, 3000),
        );
        self::assertNotNull(json_decode((string) $answer->getContent()), $path);
    }

    #[DataProvider('seeds')]
    public function test_programs(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->demo();
        $demos = array_keys(Given::demos());
        for ($round = 0; $round < self::rounds(); $round++) {
            $document = $this->spoil(
                json_decode(Given::demo($demos[$round % count($demos)])),
                $this->chance->getInt(1, 3),
            );
            foreach (
                [
                    'live' => ['inputs' => (object) []],
                    'prove' => [],
                    'sense' => [],
                    'kit' => [],
                    'propose/failsafe' => [],
                ] as $path => $more
            ) {
                if (
                    $path === 'live' ||
                    $round % 5 === ['prove' => 0, 'sense' => 1, 'kit' => 2, 'propose/failsafe' => 3][$path]
                ) {
                    $this->answers('POST', "/api/{$path}", ['document' => $document, ...$more]);
                }
            }
            $round % 4 === 0 && $this->answers('POST', '/api/import', $document);
            $round % 4 === 1 &&
                $this->answers('PUT', '/api/aircraft/3/program', ['base' => 1, 'document' => $document]);
        }
    }

    #[DataProvider('seeds')]
    public function test_definitions_and_flight_scripts(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $files = glob(Given::DEMO.'/stores/*/*.json') ?: [];
        for ($round = 0; $round < self::rounds(); $round++) {
            $file = $files[$this->chance->getInt(0, count($files) - 1)];
            $document = (object) json_decode((string) file_get_contents($file));
            $document->id = 'mine';
            $this->answers(
                'POST',
                '/api/stores/'.basename(dirname($file)),
                $this->spoil($document, $this->chance->getInt(1, 3)),
            );
        }
        $this->answers('GET', '/api/stores', '');
    }

    #[DataProvider('seeds')]
    public function test_requests_and_whole_exports(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $document = $this->demoDocument('Midge');
        $whole = json_decode(
            (string) $this->api('GET', "/api/aircraft/{$this->aircraft('Midge')->id}/export/whole")->getContent(),
        );
        $requests = [
            'live' => [
                'inputs' => ['axes' => ['roll' => 0.5], 'controls' => ['dial' => 0.1], 'trims' => ['roll' => 0.1]],
                'ticks' => 3,
                'state' => [0.0],
                'explain' => 1,
                'function' => 'roll',
            ],
            'rehearsal' => [
                'script' => 'first-hover',
                'seed' => 1,
                'wind' => 3,
                'from' => 20,
                'mishaps' => [['kind' => 'antenna', 'at' => 10]],
                'heardOnly' => true,
            ],
            'propose/phase' => [
                'do' => 'add',
                'name' => 'New',
                'when' => ['control' => 'face-left', 'at' => 'away'],
                'fade' => 0,
                'phase' => 'main',
            ],
            'propose/ends' => ['channel' => 1, 'low' => 1010, 'centre' => 1490, 'high' => 1990],
            'propose/order' => ['seen' => [['stick' => 'roll', 'moved' => 'yaw', 'rightWay' => true]]],
            'arming' => [
                'inputs' => (object) [],
                'board' => [
                    'link' => true,
                    'level' => true,
                    'session' => false,
                    'satellites' => 6,
                    'sensors' => true,
                    'seenOff' => true,
                ],
            ],
        ];
        for ($round = 0; $round < self::rounds(); $round++) {
            $path = array_keys($requests)[$round % count($requests)];
            $this->answers('POST', "/api/{$path}", $this->spoil(['document' => $document, ...$requests[$path]], 1));
            $round % 3 === 0 &&
                $this->answers('POST', '/api/import', $this->spoil($whole, $this->chance->getInt(1, 2)));
            $round % 3 === 1 &&
                $this->answers(
                    'POST',
                    '/api/import/decided',
                    $this->spoil(
                        ['export' => $whole, 'decisions' => [['kind' => 'packs', 'id' => 'midge-1s', 'do' => 'new']]],
                        1,
                    ),
                );
        }
    }

    #[DataProvider('seeds')]
    public function test_sentences_of_a_gps(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $flown = $this->call(
            'POST',
            'http://localhost/api/rehearsal/nmea',
            [],
            [],
            [],
            $this->transformHeadersToServerVars(['Content-Type' => 'application/json']),
            (string) json_encode([
                'document' => $this->demoDocument('Nightjar'),
                'script' => 'out-and-back',
                'seed' => 1,
            ]),
        );
        $good = substr((string) $flown->getContent(), 0, 6000);
        self::assertStringStartsWith('$GP', $good);
        for ($round = 0; $round < self::rounds(); $round++) {
            $text = $good;
            for ($i = $this->chance->getInt(1, 8); $i > 0; $i--) {
                $at = $this->chance->getInt(0, strlen($text) - 1);
                $text =
                    match ($this->chance->getInt(0, 3)) {
                        0 => substr($text, 0, $at),
                        1 => substr_replace($text, chr($this->chance->getInt(32, 126)), $at, 1),
                        2 => substr_replace($text, '', $at, $this->chance->getInt(1, 40)),
                        default => substr_replace($text, substr($text, 0, 90), $at, 0),
                    }.' ';
            }
            $this->answers('POST', '/api/nmea', ['text' => $text]);
        }
    }

    #[DataProvider('seeds')]
    public function test_timed_scripts(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $panel = new Panel(Given::catalogue()->find('harbour-16') ?? Given::transmitter());
        $script = [
            'seconds' => 3,
            'tick' => 0.1,
            'at' => [
                ['t' => 0, 'axes' => ['roll' => 0.2]],
                ['t' => 1, 'controls' => ['left-shoulder' => 'away'], 'trims' => ['roll' => 0.1]],
            ],
        ];
        $taken = $refused = 0;
        for ($round = 0; $round < 20 * self::rounds(); $round++) {
            try {
                ScriptDecoder::read(
                    Json::decode(
                        (string) json_encode(
                            $this->spoil($script, $this->chance->getInt(1, 3)),
                            JSON_PARTIAL_OUTPUT_ON_ERROR,
                        ),
                    ),
                    $panel,
                );
                $taken++;
            } catch (Refused $problem) {
                self::assertNotSame([], $problem->faults);
                $refused++;
            }
        }
        self::assertGreaterThan(0, $refused);
        self::assertSame(20 * self::rounds(), $taken + $refused);
    }
}
