<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Core\Given;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever ships can be copied, edited and kept by its form, and a new one made; one of a kind in an ordinary run. */
final class FormsTest extends BrowserTestCase
{
    /** @return array<string, array{string, string}> the kind, as its tab and as its folder; a few in an ordinary run */
    public static function kinds(): array
    {
        $all = [
            'transmitters' => ['Transmitters', 'transmitters'],
            'receivers' => ['Receivers', 'receivers'],
            'controllers' => ['Controllers', 'controllers'],
            'packs' => ['Packs', 'packs'],
            'speed controllers' => ['Speed controllers', 'speed-controllers'],
            'sensors' => ['Sensors', 'sensors'],
            'flight scripts' => ['Flight scripts', 'scenarios'],
        ];

        return self::few($all, 4);
    }

    #[DataProvider('kinds')]
    public function test_every_form_keeps_what_it_made_from_each_that_ships(string $tab, string $kind): void
    {
        $page = $this->page()->open('/equipment')->press($tab);
        foreach (self::few(self::shipped($kind), 1) as $file) {
            $shipped = json_decode((string) file_get_contents($file));
            $page->find(self::labelled("Copy {$shipped->name}"))->click();
            // Whatever was typed into a form makes it write everything that it holds.
            $page->fill('#root_name', "Mine, {$shipped->name}");
            $page->press('Keep it');
            $page->until(
                fn (): bool => ! $page->has('[role=dialog]'),
                "the copy of {$shipped->name} to be kept: ".
                    ($page->has('[role=dialog] [role=alert]') ? $page->text('[role=dialog] ul[role=alert]') : ''),
            );
            // Its id follows its name.
            $own = strtolower((string) preg_replace('/[^A-Za-z0-9]+/', '-', "Mine, {$shipped->name}"));
            $kept = array_values(
                array_filter(
                    array_column(
                        json_decode((string) file_get_contents(self::$app->url('/api/stores')))->definitions,
                        'items',
                        'kind',
                    )[$kind],
                    fn ($one): bool => $one->document->id === $own,
                ),
            )[0]->document;
            [$shipped->id, $shipped->name] = [$own, "Mine, {$shipped->name}"];
            self::assertEquals($shipped, $kept, 'nothing was added, nothing is lost');

            $page->find(self::labelled("Edit {$shipped->name}"))->click();
            $page->fill('#root_name', "Again, {$own}");
            $page->press('Keep it');
            $page->until(
                fn (): bool => ! $page->has('[role=dialog]') &&
                    str_contains($page->text("[data-definition='{$own}']"), "Again, {$own}"),
                "the edited {$own}",
            );
        }
        $page->press('New '.strtolower(rtrim($tab, 's')));
        if ($kind === 'transmitters') {
            $page->fill('#tx-name', 'Brand new')->press('Draw it')->press('Keep it');
        } else {
            $page->fill('#root_name', 'Brand new')->press('Keep it');
        }
        $page->until(
            fn (): bool => ! $page->has('[role=dialog]') && str_contains($page->text('main'), 'Brand new'),
            'a new one',
        );
    }

    /** @return list<string> files: one of a kind, neither the fullest nor the emptiest; all under --long */
    private static function shipped(string $kind): array
    {
        $files = glob(Given::DEMO."/stores/{$kind}/*.json") ?: [];
        usort($files, fn (string $a, string $b): int => filesize($b) <=> filesize($a));

        return Long::is() ? $files : [$files[intdiv(count($files), 2)]];
    }

    private static function labelled(string $name): string
    {
        return '[aria-label="'.addcslashes($name, '"\\').'"]';
    }
}
