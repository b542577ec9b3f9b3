<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever is asked with a body that can't be: told with its path, and nothing is kept. */
final class BadBodyTest extends HttpTestCase
{
    /** @return array<string, array{string, array<string, mixed>}> the address, and what it needs beside the document */
    public static function questions(): array
    {
        return [
            'a recipe' => ['propose/recipe', ['recipe' => 'plane', 'settings' => (object) []]],
            'a move' => ['propose/transmitter', ['transmitter' => 'quayside-8']],
            'the kit' => ['kit', []],
            'a proof' => ['prove', []],
            'slots' => ['propose/slots', ['channel' => 6]],
            'a failsafe' => ['propose/failsafe', []],
            'a kit' => ['propose/kit', []],
            'ends' => ['propose/ends', ['channel' => 1, 'low' => 1000, 'centre' => 1490, 'high' => 2000]],
            'jitter' => ['propose/jitter', ['channel' => 1, 'least' => 1498, 'most' => 1502]],
            'surfaces to turn' => [
                'propose/surfaces',
                ['seen' => [['channel' => 1, 'stick' => 'roll', 'rightWay' => true]]],
            ],
            'surfaces' => ['surfaces', []],
            'a reading' => ['reading', ['channel' => 1]],
            'binding' => ['binding', ['acts' => []]],
            'a lost link' => ['link-loss', ['inputs' => (object) [], 'seconds' => 2]],
            'arming' => [
                'arming',
                [
                    'inputs' => (object) [],
                    'board' => [
                        'link' => true,
                        'level' => true,
                        'session' => false,
                        'satellites' => 9,
                        'sensors' => true,
                        'seenOff' => true,
                    ],
                ],
            ],
            'motors' => ['motors', ['seen' => []]],
            'practice' => ['practice', []],
            'what is sensed' => ['sense', []],
            'discovery' => ['discovery', ['troubles' => [], 'afresh' => false]],
            'a level' => ['propose/level', ['call' => 'cell-low', 'place' => 0, 'level' => 3.4, 'hysteresis' => 0.1]],
            'a threshold' => ['threshold', ['sensor' => 'height', 'above' => true, 'level' => 80]],
            'a hold' => ['propose/hold', ['call' => 'cell-low']],
            'an alarm' => ['propose/alarm', ['value' => 'height', 'above' => true, 'level' => 80]],
            'a rehearsal' => ['rehearsal', ['script' => 'first-hover', 'seed' => 1]],
        ];
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('questions')]
    public function test_as_it_should_be_it_is_answered(string $path, array $more): void
    {
        self::assertNotSame([], $this->api('POST', "/api/{$path}", ['document' => self::nightjar()] + $more)->json());
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('questions')]
    public function test_text_that_is_no_json_says_where_it_ends(string $path, array $more): void
    {
        self::assertStringContainsString(
            'not JSON',
            (string) $this->send('POST', "/api/{$path}", '{"document": {"name": ', 422)->json('message'),
        );
        $this->send('POST', "/api/{$path}", '', 422);
        $this->send('POST', "/api/{$path}", '[]', 422);
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('questions')]
    public function test_a_key_too_many_is_told_by_its_name(string $path, array $more): void
    {
        $refused = $this->api('POST', "/api/{$path}", ['document' => self::nightjar(), 'loudness' => 11] + $more, 422);

        self::assertContains('loudness', $refused->json('faults.*.path'));
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('questions')]
    public function test_each_key_too_few_is_told_by_its_name(string $path, array $more): void
    {
        foreach (array_keys($more) as $key) {
            $without = ['document' => self::nightjar()] + $more;
            unset($without[$key]);
            self::assertContains($key, $this->api('POST', "/api/{$path}", $without, 422)->json('faults.*.path'), $key);
        }
        $this->api('POST', "/api/{$path}", (object) $more, 422);
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('questions')]
    public function test_a_document_that_cannot_be_is_refused_with_its_path(string $path, array $more): void
    {
        $spoilt = self::nightjar();
        $spoilt->functions[0]->drive->axis = 'sideways';
        $refused = $this->api('POST', "/api/{$path}", ['document' => $spoilt] + $more, 422);
        self::assertStringEndsWith('functions[0].drive.axis', (string) $refused->json('faults.0.path'));
        self::assertStringContainsString(
            'must be one of roll, pitch, throttle, yaw',
            (string) $refused->json('faults.0.says'),
        );

        $spoilt = self::nightjar();
        $spoilt->transmitter = 'lighthouse-99';
        self::assertStringContainsString(
            'there is no transmitter "lighthouse-99" in Equipment',
            (string) $this->api('POST', "/api/{$path}", ['document' => $spoilt] + $more, 422)->json('message'),
        );
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('questions')]
    public function test_asking_keeps_nothing(string $path, array $more): void
    {
        $before = [$this->aircraft()->revisions()->count(), $this->api('GET', '/api/aircraft/3/export')->getContent()];
        $this->api('POST', "/api/{$path}", ['document' => self::nightjar()] + $more);

        self::assertSame($before, [
            $this->aircraft()->revisions()->count(),
            $this->api('GET', '/api/aircraft/3/export')->getContent(),
        ]);
    }

    private static function nightjar(): \stdClass
    {
        return (object) json_decode(Given::demo('nightjar'));
    }
}
