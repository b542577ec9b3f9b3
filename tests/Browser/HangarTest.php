<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** All aircraft, and what goes wrong. */
final class HangarTest extends BrowserTestCase
{
    public function test_new_copy_rename_delete_and_back(): void
    {
        $page = $this->page()->open('/');
        $page->press('New aircraft');
        $page->find('#new-arming');
        $page->fill('#new-name', 'Sandpiper');
        $page->find("[data-item='equipment'][data-state='open']");
        self::assertSame('equipment', $page->find('[data-next]')->getAttribute('data-next'));
        $page->open(preg_replace('#^.*(/aircraft/\d+)/.*$#', '$1/program', $page->browser->getCurrentURL()));
        $page->find('[data-pull]');
        self::assertStringContainsString('Sandpiper', $page->text('h1'));
        $page->stick('left', 0.0, 1.0);
        $this->sees($page, 3, 2000);

        $page->open('/')->click("[aria-label='More for Sandpiper']");
        $page->named('Duplicate')->click();
        $page->find("[data-aircraft='Sandpiper copy']");

        $page->click("[aria-label='More for Sandpiper copy']");
        $page->named('Rename')->click();
        $page->fill("[aria-label='New name']", 'A name that goes on and on, well past what a card can hold');
        $page->find("[data-aircraft^='A name that goes']");

        $page->click("[aria-label='More for Sandpiper']");
        $page->named('Delete')->click();
        $page->until(fn (): bool => ! $page->has("[data-aircraft='Sandpiper']"), 'Sandpiper to go');
        $page->press('Undo');
        $page->find("[data-aircraft='Sandpiper']");
    }

    public function test_a_bad_file_is_told_with_its_place(): void
    {
        $file = sys_get_temp_dir().'/dusk-bad-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents(
            $file,
            str_replace(
                '"control": "left-shoulder"',
                '"control": "flick-z"',
                (string) file_get_contents(__DIR__.'/../../database/demo/nightjar.json'),
            ),
        );
        $page = $this->page()->open('/');
        $page->find('[data-aircraft]');
        $page->find('input[type=file]')->sendKeys($file);

        $says = $page->text('[role=dialog]');
        self::assertStringContainsString('functions[4].drive.control', $says);
        self::assertStringContainsString('Harbour 16 has no control "flick-z"; it has left-shoulder, left-front, left-side, ', $says);
        unlink($file);
    }

    public function test_everything_is_backed_up_and_brought_back_on_screen(): void
    {
        $downloads = sys_get_temp_dir().'/dusk-'.bin2hex(random_bytes(4));
        mkdir($downloads);
        $page = $this->page(downloads: $downloads)->open('/');
        $page->find('[data-aircraft=Petrel]');
        $page->click("[aria-label='Backup and restore']");
        $page->named('Back up everything')->click();
        $page->named('Save the file', 'a')->click();
        $page->until(fn (): bool => glob("{$downloads}/*.zip") !== [], 'the backup');
        $file = (glob("{$downloads}/*.zip") ?: [''])[0];
        $page->press('Close');
        $page->click("[aria-label='More for Petrel']");
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
        $page = $this->page()->open('/aircraft/4711/program');
        $page->named('▲ This aircraft can’t be opened', 'h1');
        self::assertStringContainsString('may have been deleted', $page->text('main'));
    }

    #[Group('long')]
    public function test_the_four_questions_make_an_aircraft_of_ones_own_school(): void
    {
        $page = $this->page()->open('/');
        $page->press('New aircraft');
        $page->find('#new-name')->sendKeys('Regenpfeifer');
        $page->choose('#new-transmitter', 'Quayside 8, 8 channels');
        $page->choose('#new-receiver', 'Lantern R8');
        $page->choose('#new-controller', 'Keel F4');
        $page->find('#new-middle');
        $page->choose('#new-arming', 'One three-position switch: safe, level, free');
        $page->until(fn (): bool => ! $page->has('#new-middle'), 'what counts only with a switch of its own to go');
        $page->press('Create');
        $page->find('[data-item]');
        $page->click("[aria-label='Go to Equipment chosen, and it fits together']");
        $page->until(fn (): bool => str_contains($page->text('main'), 'Lantern R8'), 'the equipment');
        $page->open(preg_replace('#^.*(/aircraft/\d+)/.*$#', '$1/program/sheet', $page->browser->getCurrentURL()));
        $page->until(
            fn (): bool => str_contains(
                $page->text('[aria-label="Programming sheet"]'),
                'away Free, middle Level, toward Safe',
            ),
            'arm and mode on one switch with three positions',
        );
        self::assertStringContainsString('Quayside 8', $page->text('main'));
    }
}
