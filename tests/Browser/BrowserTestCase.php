<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Tests\Core\Given;
use DuskSwitch\Tests\Long;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\TestCase;

/** A class of tests has the app with fresh data; all share its address and one Chromium driver. */
abstract class BrowserTestCase extends TestCase
{
    protected static App $app;

    private static ?Chrome $chrome = null;

    /**
     * Of a matrix the first few; all under --long.
     *
     * @template T
     *
     * @param  iterable<string, T>  $all
     * @return array<string, T>
     */
    protected static function few(iterable $all, int $count): array
    {
        $all = [...$all];

        return Long::is() ? $all : array_slice($all, 0, $count);
    }

    public static function setUpBeforeClass(): void
    {
        self::$app = App::fresh();
    }

    public static function tearDownAfterClass(): void
    {
        self::$app->stop();
    }

    /** The next test gets the same browser, clean: starting one takes a second. */
    protected function tearDown(): void
    {
        self::$chrome?->close(self::$app->url(''));
    }

    protected function page(int $width = 1280, int $height = 800, string $downloads = ''): Page
    {
        self::$chrome ??= new Chrome();

        return new Page(self::$chrome->browser($width, $height, $downloads), self::$app);
    }

    /** A page that runs a script of the test's before any of its own. */
    protected function pageWith(string $script): Page
    {
        self::$chrome ??= new Chrome();
        $browser = self::$chrome->browser(own: true);
        (new ChromeDevToolsDriver($browser))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);

        return new Page($browser, self::$app);
    }

    /**
     * What the core says that a demo aircraft's channel does.
     *
     * @param  array<string, float>  $axes
     * @param  array<string, float|string>  $controls
     */
    protected function coreSays(string $demo, int $channel, array $axes = [], array $controls = []): int
    {
        return (int) Given::frame(Given::circuit(Given::demo($demo)), $axes, $controls)->pulse($channel);
    }

    /** Waits for a channel's pulse on the screen. */
    protected function sees(Page $page, int $channel, int $pulse): void
    {
        $seen = null;
        try {
            $page->until(function () use ($page, $channel, $pulse, &$seen): bool {
                $seen = $page->pulse($channel);

                return $seen === $pulse;
            }, "channel {$channel} at {$pulse} µs");
        } catch (\RuntimeException) {
            // Told below with both numbers.
        }
        self::assertSame($pulse, $seen, "channel {$channel}");
    }

    /** An aircraft's program as it is kept. */
    protected function saved(int $id): Program
    {
        return ProgramDecoder::decode((string) file_get_contents(self::$app->url("/api/aircraft/{$id}/export")));
    }
}
