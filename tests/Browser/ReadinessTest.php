<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Long;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** From what is left to "ready", by clicks: each item leads to its place. */
final class ReadinessTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_from_the_list_to_ready(): void
    {
        $page = $this->page()->open('/aircraft/4/fly');
        $page->find("[data-item='entered'][data-state='open']");
        self::assertStringContainsString('5 of 10 done', $page->text('[data-ready]'));

        // The sheet, line by line.
        $page->click('[data-next]');
        $page->find('[data-section]');
        $page->browser->executeScript(
            "document.querySelectorAll('[data-section] [role=checkbox]').forEach((one) => one.click())",
        );
        $page->until(fn (): bool => str_contains($page->text('header'), 'Bind the receiver →'), 'the header to lead on');
        $page->click("header a[href$='/kit/binding']");
        $page->find('main');
        $page->press('Record');
        $page->until(fn (): bool => str_contains($page->text('header'), 'Do the bench check →'), 'the bind to count');

        $page->click("header a[href$='/prove/bench']");
        (new BenchWork($page, new Mouse($page)))->goThrough();
        $page->until(fn (): bool => str_contains($page->text('header'), 'Test the failsafe →'), 'the bench to count');

        // Not every item is for everybody: one is set aside, with its reason.
        $page->open('/aircraft/4/fly/ready')->click("[aria-label='Failsafe tested: doesn’t apply']");
        $page->find('#aside-reason')->sendKeys('Kabelsteuerung, es gibt kein Funksignal');
        $page->press('Set aside');
        $page->find("[data-item='failsafe'][data-state='set aside']");
        self::assertStringContainsString('Kabelsteuerung', $page->text('[data-reservations]'));
        $page->click('[data-next]');
        foreach (['Before the first power-up', 'Before the first flight'] as $list) {
            $page->press($list);
            $page->until(fn (): bool => ! $page->has('[data-blocked]'), "{$list} to be free");
            $page->browser->executeScript("document.querySelectorAll('[role=checkbox]').forEach((one) => one.click())");
            $page->press('Done');
            $page->until(fn (): bool => str_contains($page->text('[data-last]'), 'Last gone through'), $list);
        }
        $page->open('/aircraft/4/fly/ready');
        $page->until(fn (): bool => $page->find('[data-ready]')->getAttribute('data-ready') === 'true', 'ready');
        $page->until(fn (): bool => str_contains($page->text('header'), 'Ready to fly'), 'the header to say so');
        self::assertSame([], $page->barriers());

        // An edit of a channel takes it away again.
        $page->open('/aircraft/4/program?at=output:1')->click('#out-reverse');
        $page->until(fn (): bool => ! str_contains($page->text('header'), 'Ready to fly'), 'it to be taken away');
        $page->find("[data-saving='saved']");
        $page->open('/')->find("[data-aircraft='Petrel'] [data-standing]");
        $page->until(
            fn (): bool => str_contains($page->text("[data-aircraft='Petrel'] [data-standing]"), '→'),
            'its card to say what is next',
        );
    }

    public function test_ticks_on_a_phone_outlive_a_look_elsewhere_but_not_an_edit(): void
    {
        $page = $this->page(390, 844)->open('/aircraft/6/fly/checklists');
        $ticked = fn (): int => count($page->browser->findElements(WebDriverBy::cssSelector('[role=checkbox][data-state=checked]')));
        $page->click('[role=checkbox]');
        $page->click('[role=checkbox][data-state=unchecked]');
        self::assertSame(2, $ticked());

        $page->press('Before the first flight');
        $page->until(fn (): bool => $ticked() === 0, 'another list has its own');
        $page->click("nav[aria-label='Stations'] a[href$='/telemetry']");
        $page->click("nav[aria-label='Stations'] a[href$='/fly']");
        $page->open('/aircraft/6/fly/checklists')->find('[role=checkbox]');
        self::assertSame(2, $ticked(), 'the first list as it was left');

        $page->press('Clear the ticks');
        self::assertSame(0, $ticked());
        $page->click('[role=checkbox]');
        $page->browser->executeScript(
            'Object.keys(localStorage).filter((one) => one.startsWith("dusk.ticks")).forEach((one) => '.
                'localStorage.setItem(one, JSON.stringify({...JSON.parse(localStorage[one]), at: Date.now() - 9 * 3600e3})))',
        );
        $page->browser->navigate()->refresh();
        $page->find('[role=checkbox]');
        self::assertSame(0, $ticked(), 'yesterday\'s are of another flight');

        $page->click('[role=checkbox]');
        $page->open('/aircraft/6/program?at=output:1')->click('#out-reverse');
        $page->saved(2);
        $page->open('/aircraft/6/fly/checklists')->find('[role=checkbox]');
        self::assertSame(0, $ticked(), 'ticked for another program');
    }

    /** @return iterable<string, array{int}> a plane and a multirotor in an ordinary run */
    public static function demo(): iterable
    {
        foreach (Long::is() ? range(1, 6) : [1, 2] as $id) {
            yield "aircraft {$id}" => [$id];
        }
    }

    #[DataProvider('demo')]
    public function test_every_step_that_is_asked_for_can_be_recorded(int $aircraft): void
    {
        $page = $this->page()->open("/aircraft/{$aircraft}/prove/bench");
        $page->press('Propellers are off');
        $steps = json_decode((string) file_get_contents(self::$app->url("/api/aircraft/{$aircraft}/bench")))->steps;
        $page->until(
            fn (): bool => count($page->browser->findElements(WebDriverBy::cssSelector('[data-step-state]'))) ===
                count($steps) - 1,
            'a place for each of '.implode(', ', array_column($steps, 'id')).' but the failsafe',
        );
        $page->open("/aircraft/{$aircraft}/prove/failsafe")->click('[data-step-state] button');
        $page->find("[data-step-state='done']");
        self::assertContains('failsafe', array_column($steps, 'id'));
    }
}
