<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Two tabs, a refused edit, a lost server: told, and nothing is lost. */
final class TroubleTest extends BrowserTestCase
{
    public function test_an_edit_in_another_tab_is_told_and_both_are_kept(): void
    {
        $first = $this->page()->openAircraft('Midge');
        $second = $this->page()->openAircraft('Midge');
        $first->click("[data-end='function:roll'] button");
        $first->fill('#fn-expo', '33')->saved(2);
        $second->click("[data-end='function:roll'] button");
        $second->fill('#fn-expo', '66');

        $says = $second->text('[role=dialog]');
        self::assertStringContainsString('You changed revision 1 (“Roll expo, Main”)', $says);
        self::assertStringContainsString('revision 2 (“Roll expo, Main”) was saved elsewhere', $says);
        $second->named('Roll expo: 50 % → 66 %');
        $second->named('Roll expo: 50 % → 33 %');
        $second->press('Keep only mine');
        $second->saved(3);
        self::assertSame('66', $second->find('#fn-expo')->getAttribute('value'));
        $second->fill('#fn-expo', '44')->saved(4);
    }

    #[Group('long')]
    public function test_what_is_asked_for_while_a_save_is_answered_is_not_lost(): void
    {
        // A proposal takes two seconds here: the save of the edit before it is answered on the way.
        $page = $this->pageWith(
            <<<'JS'
            const real = window.fetch
            window.fetch = async (asked, ...rest) => {
                const answer = await real(asked, ...rest)
                if ((asked.url ?? asked).includes('/api/propose/')) await new Promise((done) => setTimeout(done, 2000))
                return answer
            }
            JS
            ,
        );
        $page->open('/aircraft/6/prove/failsafe')->choose("[aria-label='Failsafe of Motor']", 'keeps the last');
        $page->press('Set a safe one for a plane');
        $page->saved(2);
        $page->press('Apply');
        $page->until(fn (): bool => str_contains($page->text("[data-failsafe='3']"), '✓ 1000 µs'), 'a closed throttle');
        $page->saved(3);
        self::assertStringContainsString('✓', $page->text("[data-failsafe='1']"));
    }

    public function test_an_edit_that_cannot_be_is_refused_with_its_path_and_taken_back(): void
    {
        $page = $this->page()->openAircraft('Nightjar');
        $page->click("[data-end='function:mode'] button");
        $page->click("[aria-label='Remove Come home']");

        $says = $page->text('header [role=alert]');
        self::assertStringContainsString('functions[5].drive.map.middle', $says);
        self::assertStringContainsString(
            'there is no step of Flight mode "come-home"; there is self-level, free',
            $says,
        );
        $page->press('Undo the change');
        $page->find("[aria-label='Remove Come home']");
        $page->at(1);
    }

    #[Group('long')]
    public function test_an_edit_is_kept_when_the_pilot_turns_to_another_aircraft_at_once(): void
    {
        $page = $this->page()->openAircraft('Tern');
        $page->click("[data-end='function:roll'] button");
        $page->fill('#fn-expo', '21');
        $page->click("nav a[href='/']");
        $page->click('[data-aircraft=Petrel] a');
        $page->find("[data-end='function:camber']");
        self::assertTrue(
            $page->until(
                fn (): bool => str_contains(
                    (string) file_get_contents(self::$app->url('/api/aircraft/6/export')),
                    '"expo": 0.21',
                ),
                'the edit of Tern to be saved',
            ),
        );
    }

    public function test_an_aircraft_that_was_deleted_elsewhere_is_brought_back_with_the_edit_of_it(): void
    {
        $page = $this->page()->openAircraft('Dunlin');
        $delete = [
            'http' => ['method' => 'DELETE', 'header' => 'Content-Type: application/json', 'content' => '{"base": 1}'],
        ];
        file_get_contents(self::$app->url('/api/aircraft/1'), false, stream_context_create($delete));
        $page->click("[data-end='function:roll'] button");
        $page->fill('#fn-expo', '12');
        $page->press('Restore the aircraft');
        $page->saved(2);
        self::assertStringContainsString(
            '"expo": 0.12',
            (string) file_get_contents(self::$app->url('/api/aircraft/1/export')),
        );
    }

    #[Group('long')]
    public function test_two_tabs_that_bind_at_once_do_not_meddle_with_each_other(): void
    {
        $first = $this->page()->open('/aircraft/4/kit/binding');
        $second = $this->page()->open('/aircraft/4/kit/binding');
        $first->click("[data-step='0'] button");
        $second->press('Transmitter on');
        $second->press('Transmitter: choose Bind');
        for ($step = 1; $step < 6; $step++) {
            $first->click("[data-step='{$step}'] button");
        }
        $first->find("[data-lamp='solid']");
        self::assertTrue($second->has("[data-lamp='off']"), 'the other receiver has no power yet');

        $first->keys('#binding-note', 'first tab')->press('Record');
        $first->until(fn (): bool => str_contains($first->text('[data-binding]'), 'first tab'), 'the record');
        $second->browser->navigate()->refresh();
        $second->until(
            fn (): bool => str_contains($second->text('[data-binding]'), 'first tab'),
            'the record in the other tab',
        );
    }

    #[Group('long')]
    public function test_a_stand_in_that_stops_answering_goes_on_where_it_was(): void
    {
        $page = $this->page()->open('/aircraft/4/kit/binding');
        $page->click("[data-step='0'] button");
        $page->find("[data-step='1'] button");
        self::$app->stop();
        $page->click("[data-step='1'] button");
        $page->named('Try again', 'button');
        self::assertTrue($page->has("[data-step='0']"), 'the steps stay on the screen');
        self::$app->start();
        $page->press('Try again');
        for ($step = 2; $step < 6; $step++) {
            $page->click("[data-step='{$step}'] button");
        }
        $page->find("[data-lamp='solid']");
        self::assertFalse($page->has('main [role=alert]'));
    }

    public function test_a_lost_server_is_said_and_comes_back_by_itself(): void
    {
        $page = $this->page()->openAircraft('Rook');
        self::$app->stop();
        $page->keys('[data-axis=roll]', "\u{E014}");
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='What the switches mean now']"), 'No answer'),
            'the loss to be said',
        );
        $page->click("[data-end='function:roll'] button");
        $page->fill('#fn-name', 'Roll again');
        $page->find("[data-saving='lost']");

        self::$app->start();
        $page->saved(2);
        $this->sees($page, 1, $this->coreSays('rook', 1, ['roll' => 0.05]));
        self::assertStringNotContainsString('No answer', $page->text('body'));
    }
}
