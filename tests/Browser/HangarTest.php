<?php

namespace DuskSwitch\Tests\Browser;

/** All aircraft, and what goes wrong. */
final class HangarTest extends BrowserTestCase
{
    public function test_new_copy_rename_delete_and_back(): void
    {
        $page = $this->page()->open('/');
        $page->press('New aircraft');
        $page->fill('#new-name', 'Wagtail');
        $page->find('[data-pull]');
        self::assertStringContainsString('Wagtail', $page->text('h1'));
        $page->stick('left', 0.0, 1.0);
        $this->sees($page, 3, 2000);

        $page->open('/')->find("[aria-label='More for Wagtail']")->click();
        $page->named('Duplicate')->click();
        $page->find("[data-aircraft='Wagtail copy']");

        $page->find("[aria-label='More for Wagtail copy']")->click();
        $page->named('Rename')->click();
        $page->fill("[aria-label='New name']", 'A name that goes on and on, well past what a card can hold');
        $page->find("[data-aircraft^='A name that goes']");

        $page->find("[aria-label='More for Wagtail']")->click();
        $page->named('Delete')->click();
        $page->until(fn (): bool => ! $page->has("[data-aircraft='Wagtail']"), 'Wagtail to go');
        $page->press('Undo');
        $page->find("[data-aircraft='Wagtail']");
    }

    public function test_a_bad_file_is_told_with_its_place(): void
    {
        $file = sys_get_temp_dir().'/dusk-bad-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents(
            $file,
            str_replace(
                '"control": "flick-a"',
                '"control": "flick-z"',
                (string) file_get_contents(__DIR__.'/../../database/demo/nightjar.json'),
            ),
        );
        $page = $this->page()->open('/');
        $page->find('[data-aircraft]');
        $page->find('input[type=file]')->sendKeys($file);

        $says = $page->text('[role=dialog]');
        self::assertStringContainsString('functions[4].drive.control', $says);
        self::assertStringContainsString('Harbour 16 has no control "flick-z"; it has flick-a … flick-h', $says);
        unlink($file);
    }

    public function test_everything_is_backed_up_and_brought_back_on_screen(): void
    {
        $downloads = sys_get_temp_dir().'/dusk-'.bin2hex(random_bytes(4));
        mkdir($downloads);
        $page = $this->page(downloads: $downloads)->open('/');
        $page->find('[data-aircraft=Petrel]');
        $page->find("[aria-label='Backup and restore']")->click();
        $page->named('Back up everything')->click();
        $page->named('Save the file', 'a')->click();
        $page->until(fn (): bool => glob("{$downloads}/*.zip") !== [], 'the backup');
        $file = (glob("{$downloads}/*.zip") ?: [''])[0];
        $page->press('Close');
        $page->find("[aria-label='More for Petrel']")->click();
        $page->named('Delete')->click();
        $page->until(fn (): bool => ! $page->has('[data-aircraft=Petrel]'), 'Petrel to be gone');

        $page->find("input[aria-label='Backup to restore']")->sendKeys($file);
        $page->until(
            fn (): bool => str_contains($page->text('[data-restore-preview]'), 'Newer here (1): Petrel'),
            'what it would bring',
        );
        self::assertSame([], $page->barriers());
        $page->press('Replace everything');
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), 'Restored'), 'it to be restored');
        $page->press('Close');
        $page->find('[data-aircraft=Petrel]');

        file_put_contents($file, 'spoiled');
        $page->find("input[aria-label='Backup to restore']")->sendKeys($file);
        $page->until(
            fn (): bool => str_contains($page->text('[role=dialog]'), 'can\'t be opened as a ZIP'),
            'the spoiled file to be told',
        );
        $page->press('Close');
        array_map(unlink(...), glob("{$downloads}/*") ?: []);
        rmdir($downloads);
    }

    public function test_a_hangar_without_aircraft_says_what_to_do(): void
    {
        foreach (json_decode((string) file_get_contents(self::$app->url('/api/aircraft')))->aircraft as $aircraft) {
            file_get_contents(
                self::$app->url("/api/aircraft/{$aircraft->id}"),
                false,
                stream_context_create([
                    'http' => [
                        'method' => 'DELETE',
                        'header' => 'Content-Type: application/json',
                        'content' => json_encode(['base' => $aircraft->revision]),
                    ],
                ]),
            );
        }
        self::assertStringContainsString(
            'The hangar is empty',
            $this->page()->open('/')->named('The hangar is empty.')->getText(),
        );
    }

    public function test_an_aircraft_that_is_gone_is_said(): void
    {
        $page = $this->page()->open('/aircraft/4711/wire');
        $page->named('▲ This aircraft can’t be opened', 'h1');
        self::assertStringContainsString('may have been deleted', $page->text('main'));
    }
}
