<?php

namespace DuskSwitch\Tests\Browser;

/** Two tabs, a refused edit, a lost server: told, and nothing is lost. */
final class TroubleTest extends BrowserTestCase
{
    public function test_an_edit_in_another_tab_is_told_and_both_are_kept(): void
    {
        $first = $this->page()->openAircraft('Midge');
        $second = $this->page()->openAircraft('Midge');
        $first->find("[data-end='function:roll'] button")->click();
        $first->fill('#fn-expo', '33')->saved(2);
        $second->find("[data-end='function:roll'] button")->click();
        $second->fill('#fn-expo', '66');

        $says = $second->text('[role=dialog]');
        self::assertStringContainsString('the aircraft is at revision 2 now', $says);
        self::assertStringContainsString('yours as revision 3', $says);
        $second->named('Roll expo: 50 % → 66 %');
        $second->named('Roll expo: 50 % → 33 %');
        $second->find('[role=dialog] button')->click();
        $second->saved(3);
        self::assertSame('66', $second->find('#fn-expo')->getAttribute('value'));
        $second->fill('#fn-expo', '44')->saved(4);
    }

    public function test_an_edit_that_cannot_be_is_refused_with_its_path_and_taken_back(): void
    {
        $page = $this->page()->openAircraft('Nightjar');
        $page->find("[data-end='function:mode'] button")->click();
        $page->find("[aria-label='Remove Come home']")->click();

        $says = $page->text('header [role=alert]');
        self::assertStringContainsString('functions[5].drive.map.middle', $says);
        self::assertStringContainsString('there is no step of Flight mode "come-home"; there is self-level, free', $says);
        $page->named('Take the change back', 'button')->click();
        $page->find("[aria-label='Remove Come home']");
        $page->find("[data-saving='saved'][data-revision='1']");
    }

    public function test_an_edit_is_kept_when_the_pilot_turns_to_another_aircraft_at_once(): void
    {
        $page = $this->page()->openAircraft('Tern');
        $page->find("[data-end='function:roll'] button")->click();
        $page->fill('#fn-expo', '21');
        $page->find("nav a[href='/']")->click();
        $page->find('[data-aircraft=Petrel] a')->click();
        $page->find("[data-end='function:camber']");
        self::assertTrue($page->until(fn (): bool => str_contains((string) file_get_contents(self::$app->url('/api/aircraft/6/export')), '"expo": 0.21'), 'the edit of Tern to be saved'));
    }

    public function test_a_lost_server_is_said_and_comes_back_by_itself(): void
    {
        $page = $this->page()->openAircraft('Rook');
        self::$app->stop();
        $page->keys('[data-axis=roll]', "\u{E014}");
        $page->until(fn (): bool => str_contains($page->text("[aria-label='What the switches mean now']"), 'No answer'), 'the loss to be said');
        $page->find("[data-end='function:roll'] button")->click();
        $page->fill('#fn-name', 'Roll again');
        $page->find("[data-saving='lost']");

        self::$app->start();
        $page->saved(2);
        $this->sees($page, 1, $this->coreSays('rook', 1, ['roll' => 0.05]));
        self::assertStringNotContainsString('No answer', $page->text('body'));
    }
}
