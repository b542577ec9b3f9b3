<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Every view fits at four sizes, with the demo's names and with names of sixty letters, and is accessible in both
 * themes: no text is cut but where the whole is told on hover, none lies outside its box or over another, nothing
 * scrolls sideways, one thing scrolls.
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
     * The views that are tried at a size. In an ordinary run each view has its turn at one size and in one theme, so
     * that all are among them; --long tries all of all.
     *
     * @return iterable<string, array{int, int, list<string>}>
     */
    public static function sizes(): iterable
    {
        $names = array_keys(Screens::all());
        foreach (self::SIZES as $turn => [$width, $height]) {
            $mine = [];
            for ($at = $turn; $at < count($names); $at += count(self::SIZES)) {
                $mine[] = $names[$at];
            }
            yield "{$width}×{$height}" => [$width, $height, Long::is() ? $names : $mine];
        }
    }

    /**
     * One walk through the views, as a pilot goes; under --long each is opened by its address.
     *
     * @param  list<string>  $names
     */
    #[DataProvider('sizes')]
    public function test_every_view_fits_and_is_accessible(int $width, int $height, array $names): void
    {
        $page = $this->page($width, $height)->open('/equipment');
        foreach ($names as $place => $name) {
            [$path, $ready] = Screens::all()[$name];
            $long = (string) preg_replace_callback(
                '#/aircraft/(\d+)#',
                fn (array $found): string => '/aircraft/'.self::$long[(int) $found[1]],
                $path,
            );
            foreach (Long::is() ? array_unique([$path, $long]) : [$long] as $address) {
                Long::is() ? $page->open($address) : $page->go($address);
                $page->find($ready);
                foreach (Long::is() ? ['day', 'dusk'] : [$place % 2 === 0 ? 'dusk' : 'day'] as $theme) {
                    $page->browser->executeScript("document.documentElement.dataset.theme = '{$theme}'");
                    $page->still();
                    self::fits($page, "{$address} at {$width}×{$height}, {$theme}");
                }
            }
        }
    }

    private static function fits(Page $page, string $where): void
    {
        self::assertSame([], $page->misfits(), $where);
        self::assertSame([], $page->barriers(), $where);
        self::assertSame(
            [true, true],
            $page->browser->executeScript(
                'const d = document.documentElement; return [d.scrollHeight <= innerHeight, d.scrollWidth <= innerWidth]',
            ),
            "{$where}: the page itself doesn't scroll",
        );
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
