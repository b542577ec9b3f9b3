<?php

namespace DuskSwitch\Tests\Core\Documents;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A number more on a feed is one line in its class: done here in a copy of the core, and what follows is looked at. */
final class NewFieldTest extends TestCase
{
    private const CORE = __DIR__.'/../../../core';

    private string $copy;

    protected function setUp(): void
    {
        $this->copy = sys_get_temp_dir().'/dusk-new-field-'.bin2hex(random_bytes(6));
        (new Filesystem())->copyDirectory(self::CORE, $this->copy);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->deleteDirectory($this->copy);
    }

    public function test_a_number_more_on_a_feed_is_one_line(): void
    {
        $feed = (string) file_get_contents("{$this->copy}/Program/Feed.php");
        $line = "        #[Number(0, 2), Field(says: 'made up')]\n        public float \$gain = 1.0,\n    ) {}";
        $more = str_replace('    ) {}', $line, $feed);
        self::assertNotSame($feed, $more);
        file_put_contents("{$this->copy}/Program/Feed.php", $more);

        self::assertEquals(
            [
                'read and written' => 1,
                'refused' => 'outputs[0].feeds[0].gain: must be from 0 to 2, not 7',
                'schema' => ['description' => 'made up', 'type' => 'number', 'minimum' => 0, 'maximum' => 2],
                'copied' => 1,
                'moved' => 1,
                'renamed' => 1,
                'tested again' => true,
                'told' => ['1 Roll feeds 1 gain: 0.25 → 0.5'],
                'merged' => ['outputs/1 theirs', 1],
                'left out where it is usual' => 0,
            ],
            self::asked($this->copy),
        );
    }

    /** @return array<mixed> */
    private static function asked(string $core): array
    {
        $process = new Process([PHP_BINARY, __DIR__.'/new-field.php', $core]);
        $process->mustRun();
        $said = json_decode($process->getOutput(), true);
        assert(is_array($said));

        return $said;
    }
}
