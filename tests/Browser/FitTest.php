<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Every view fits at four sizes, with the demo's names and with names of sixty letters: no text is cut but where the
 * whole is told on hover, none lies outside its box or over another, nothing scrolls sideways, one thing scrolls.
 */
final class FitTest extends BrowserTestCase
{
    private const SIZES = [[1280, 800], [1024, 768], [1920, 1080], [390, 844]];

    /** @var array<int, int> aircraft with long names, by the demo's */
    private static array $long = [];

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        EveryScreenTest::live(self::$app);
        foreach (['dunlin', 'midge', 'nightjar', 'petrel', 'rook', 'tern'] as $index => $demo) {
            $text = $demo === 'nightjar' ? LongNames::full($demo) : LongNames::aircraft($demo);
            self::$long[$index + 1] = self::$app->import($text);
        }
        EveryScreenTest::live(self::$app, self::$long[1]);
    }

    /**
     * Every view at four sizes, with the demo's names and with long ones. In an ordinary run each has its turn at one
     * size, with long names where it has any; --long tries all of all.
     *
     * @return iterable<string, array{string, string, list<array{int, int}>, bool}>
     */
    public static function screens(): iterable
    {
        $place = 0;
        foreach (Screens::all() as $name => [$path, $ready]) {
            $sizes = self::isLong() ? self::SIZES : [self::SIZES[$place++ % count(self::SIZES)]];
            yield $name => [$path, $ready, $sizes, self::isLong()];
        }
    }

    /** @param  list<array{int, int}>  $sizes */
    #[DataProvider('screens')]
    public function test_a_view_fits(string $path, string $ready, array $sizes, bool $both): void
    {
        $long = (string) preg_replace_callback(
            '#/aircraft/(\d+)#',
            fn (array $found): string => '/aircraft/'.self::$long[(int) $found[1]],
            $path,
        );
        $page = $this->page();
        foreach ($both ? array_unique([$path, $long]) : [$long] as $address) {
            foreach ($sizes as [$width, $height]) {
                $page->size($width, $height)->open($address);
                $page->find($ready);
                $page->still();
                self::assertSame([], $page->misfits(), "{$address} at {$width}×{$height}");
            }
        }
    }

    /** The thumb finds everything on the views for the field. */
    public function test_targets_on_a_phone_are_large_enough(): void
    {
        $page = $this->page(390, 844);
        foreach (
            [
                '/aircraft/3/prove' => '[data-reach]',
                '/aircraft/3/prove/findings' => '[data-finding]',
                '/aircraft/3/fly' => '[data-item]',
                '/aircraft/3/fly/checklists' => '[role=checkbox]',
                '/aircraft/3/telemetry/rehearsal' => '[aria-label=Flight]',
                '/aircraft/1/fly/flights' => '[data-flight]',
                '/aircraft/1/fly/flights?flight=1' => '[data-finding]',
                '/aircraft/1/fly/learn' => '[data-advice]',
                '/aircraft/1/fly/upkeep' => '[data-work]',
                '/logbook' => '[data-flight]',
                '/logbook?look=line' => '[data-happened]',
                '/logbook/fields' => '[data-field]',
                '/logbook/packs' => '[data-pack]',
                '/logbook/friends' => 'main ol',
            ] as $path => $ready
        ) {
            $page->open($path)->find($ready);
            $page->still();
            self::assertSame([], $page->smallTargets(44), $path);
        }
    }
}
