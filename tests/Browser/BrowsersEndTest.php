<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use PHPUnit\Framework\TestCase;

/** A browser that outlives its test goes on working: a run with a hundred of them took twice as long. */
final class BrowsersEndTest extends TestCase
{
    public function test_no_browser_outlives_the_test_that_had_it(): void
    {
        $chrome = new Chrome();
        try {
            $own = $chrome->browser(own: true);
            $shared = $chrome->browser();
            $folders = [self::folder($own), self::folder($shared)];
            self::assertSame([true, true], array_map(self::runs(...), $folders));
            $chrome->close('http://127.0.0.1:1');
            self::assertTrue($this->ends($folders[0]), 'one that nobody else may have');
            self::assertTrue(self::runs($folders[1]), 'the other waits for the next test');
        } finally {
            $chrome->end();
        }
        self::assertTrue($this->ends($folders[1]), 'all with their driver');
    }

    /** Where the browser keeps its profile: each of its processes is told. */
    private static function folder(RemoteWebDriver $browser): string
    {
        return $browser->getCapabilities()?->getCapability('chrome')['userDataDir'] ?? '';
    }

    private function ends(string $folder): bool
    {
        for ($try = 0; $try < 200 && self::runs($folder); $try++) {
            usleep(50_000);
        }

        return ! self::runs($folder);
    }

    private static function runs(string $folder): bool
    {
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            if (str_contains((string) @file_get_contents($file), $folder)) {
                return true;
            }
        }

        return false;
    }
}
