<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\Tests\Core\Hard;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/**
 * Whatever document is accepted gets an answer from every address, or a clear “too large”. How long it takes is in
 * ./dusk bench.
 */
final class HardDocumentsTest extends HttpTestCase
{
    /** What an answer may take. */
    private const MOST_BYTES = 128_000_000;

    /** Seconds after which it counts as hung: far above what is wanted, so that a slow machine fails nothing. */
    private const HUNG = 30;

    /** @return iterable<string, array{\stdClass}> one in three in an ordinary run */
    public static function documents(): iterable
    {
        return Long::oneIn(3, array_map(fn ($document): array => [$document], Hard::documents()));
    }

    protected function setUp(): void
    {
        parent::setUp();
        pcntl_async_signals(true);
        pcntl_signal(SIGALRM, fn () => throw new RuntimeException('it hangs'));
    }

    protected function tearDown(): void
    {
        pcntl_alarm(0);
        parent::tearDown();
    }

    /** @return array<string, array<string, mixed>> what is asked beside the document */
    private static function questions(): array
    {
        return [
            'live' => ['inputs' => (object) [], 'ticks' => 50, 'explain' => 1, 'function' => 'roll'],
            'shape' => ['function' => 'roll'],
            'kit' => [],
            'prove' => [],
            'sense' => [],
            'surfaces' => [],
            'binding' => ['acts' => []],
            'rehearsal' => ['script' => 'out-and-back', 'seed' => 1],
            'propose/failsafe' => [],
            'propose/kit' => [],
            'propose/transmitter' => ['transmitter' => 'lamplight-12'],
            'propose/recipe' => ['recipe' => 'multirotor', 'settings' => (object) []],
            'propose/trims' => ['inputs' => (object) ['trims' => (object) ['roll' => 0.1]]],
            'propose/phase' => [
                'do' => 'add',
                'name' => 'New',
                'when' => ['control' => 'left-shoulder', 'at' => 'away'],
                'fade' => 0,
                'phase' => 'main',
            ],
        ];
    }

    #[DataProvider('documents')]
    public function test_every_address_answers(\stdClass $document): void
    {
        $imported = $this->ask('POST', '/api/import', $document);
        self::assertSame(201, $imported->getStatusCode(), (string) $imported->getContent());
        $id = $imported->json('id');
        foreach (['', '/sheet', '/history', '/checklists', '/export'] as $view) {
            self::assertSame(200, $this->ask('GET', "/api/aircraft/{$id}{$view}")->getStatusCode(), $view);
        }
        foreach (self::questions() as $path => $more) {
            $answer = $this->ask('POST', "/api/{$path}", (object) ['document' => $document, ...$more]);
            self::assertContains($answer->getStatusCode(), [200, 422], $path);
            if ($answer->getStatusCode() === 422) {
                self::assertMatchesRegularExpression(
                    '/too large|circle|at most|no .* here|nothing|already|has .* functions|choose/i',
                    (string) $answer->json('message'),
                    $path,
                );
            }
        }
    }

    private function ask(string $method, string $path, ?\stdClass $body = null): \Illuminate\Testing\TestResponse
    {
        pcntl_alarm(self::HUNG);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $answer = $this->call(
            $method,
            "http://localhost{$path}",
            [],
            [],
            [],
            $this->transformHeadersToServerVars(['Content-Type' => 'application/json']),
            $body === null ? '' : (string) json_encode($body),
        );
        self::assertLessThan(self::MOST_BYTES, memory_get_peak_usage() - $before, "memory of {$path}");

        return $answer;
    }
}
