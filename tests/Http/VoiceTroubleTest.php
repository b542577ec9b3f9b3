<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Program\Clips;
use PHPUnit\Framework\Attributes\DataProvider;

/** A voice that is missing, hangs or fails is told truly, and soon. */
final class VoiceTroubleTest extends HttpTestCase
{
    private string $folder;

    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/dusk-voice-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $this->path = (string) getenv('PATH');
        $this->app->instance(Clips::class, new Clips("{$this->folder}/clips"));
    }

    protected function tearDown(): void
    {
        putenv("PATH={$this->path}");
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    /** @return array<string, array{string, string}> a voice, and what is said of it */
    public static function voices(): array
    {
        return [
            'one that hangs' => ["#!/bin/sh\nexec /bin/sleep 30\n", 'didn\'t answer within 3 s'],
            'one that fails' => ["#!/bin/sh\necho 'no such language' >&2\nexit 3\n", 'failed: no such language'],
            'one that says nothing' => ["#!/bin/sh\nexit 0\n", 'gave no sound'],
        ];
    }

    #[DataProvider('voices')]
    public function test_a_bad_voice_is_told(string $voice, string $says): void
    {
        file_put_contents("{$this->folder}/espeak-ng", $voice);
        chmod("{$this->folder}/espeak-ng", 0o755);
        putenv("PATH={$this->folder}");
        $start = microtime(true);
        self::assertStringContainsString(
            $says,
            $this->postJson('/api/clip', ['text' => 'Signal low'])
                ->assertStatus(503)
                ->json('message'),
        );
        self::assertStringContainsString(
            $says,
            $this->postJson('/api/voice-pack', ['document' => $this->demoDocument('Petrel')])
                ->assertStatus(503)
                ->json('message'),
        );
        self::assertLessThan(20.0, microtime(true) - $start, 'it is given up at its first clip');
    }

    public function test_none_at_all_is_told(): void
    {
        putenv("PATH={$this->folder}");
        self::assertStringContainsString(
            'espeak-ng isn\'t installed',
            $this->postJson('/api/clip', ['text' => 'Signal low'])
                ->assertStatus(503)
                ->json('message'),
        );
    }
}
