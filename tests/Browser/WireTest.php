<?php

namespace DuskSwitch\Tests\Browser;

/** Building a program on the loom. */
final class WireTest extends BrowserTestCase
{
    public function test_a_light_is_added_from_nothing_to_a_moving_channel(): void
    {
        $page = $this->page()->openAircraft('Tern');

        // A switched function appears, in want of a control; the header says so.
        $page->press('Switched');
        $page->saved(2)->fill('#fn-name', 'Landing light')->saved(3);
        $page->until(
            fn (): bool => str_contains($page->text('header'), 'Nothing moves Landing light'),
            'the proof to say so',
        );
        $page->choose('#fn-drive', 'Right face')->saved(4);

        // A channel, fed by it.
        $page->press('Channel');
        $page->saved(5)->fill('#out-name', 'Light')->saved(6);
        $page->choose("[aria-label='Add a feed']", 'Landing light')->saved(7);
        $page->fill("[aria-label='Weight of Landing light']", '50')->saved(8);
        $this->sees($page, 6, 1300);
        $page->find("[data-control='face-right'] [data-detent='away']")->click();
        $this->sees($page, 6, 1700);

        // Its direction, centre and travel.
        $page->find('#out-reverse')->click();
        $page->saved(9);
        $this->sees($page, 6, 1300);
        $page->fill('#out-subtrim', '5')->saved(10);
        $this->sees($page, 6, 1320);
        $page->fill("[aria-label='Travel high']", '150')->saved(11);
        $this->sees($page, 6, 1220);
        $page->fill("[aria-label='Limit low']", '-25')->saved(12);
        $this->sees($page, 6, 1400);
        self::assertTrue($page->has("[data-end='output:6'] .text-rose"), 'it clips');

        $output = $this->saved(6)->outputs[5];
        self::assertSame(
            ['Light', true, 0.05, 1.5, -0.25],
            [$output->name, $output->reverse, $output->subtrim, $output->travel->high, $output->limit->low],
        );

        // And away again.
        $page->press('Remove the channel');
        $page->saved(13);
        self::assertFalse($page->has("[data-end='output:6']"));
        $page->until(
            fn (): bool => str_contains($page->text('header'), 'Right face is not checked at power-up'),
            'the proof to see the new switch',
        );
    }

    public function test_steps_and_what_each_detent_means(): void
    {
        $page = $this->page()->openAircraft('Nightjar');
        $page->find("[data-end='function:mode'] button")->click();
        $page->fill("[aria-label='Value of Come home']", '0')->saved(2);
        $page->find("[data-control='flick-b'] [data-detent='middle']")->click();
        $this->sees($page, 6, 1500);

        $page->choose("[aria-label='Flick B middle']", 'Free')->saved(3);
        $this->sees($page, 6, 2000);
        $page->fill("[aria-label='Name of step 1']", 'Level out')->saved(4);
        $page->find("[data-control='flick-b'] [data-detent='toward']")->click();
        $page->until(
            fn (): bool => $page->text("[data-end='function:mode'] [data-says]") === 'Level out',
            'the new name',
        );
        $page->press('Step');
        $page->saved(5);
        self::assertCount(4, $this->saved(3)->functions[5]->steps ?? []);
    }

    public function test_a_phase_is_shaped_apart_and_shown_while_it_is_active(): void
    {
        $page = $this->page()->openAircraft('Dunlin');
        $page->find("[data-end='function:pitch'] button")->click();
        $page->press('Launch');
        $page->fill("[aria-label='Rate high']", '40')->saved(2);
        $page->keys('[data-axis=pitch]', str_repeat("\u{E013}", 20));
        $page->until(
            fn (): bool => $page->text("[data-end='function:pitch'] [data-says]") === '100 %',
            'cruise to be as it was',
        );

        $page->find("[data-control='flick-d'] [data-detent='away']")->click();
        $page->until(
            fn (): bool => $page->text("[data-end='function:pitch'] [data-says]") === '40 %',
            'launch to be softer',
        );
        self::assertStringContainsString('Launch', $page->text("[aria-label='What the switches mean now']"));
    }

    public function test_the_history_leads_back_to_any_revision(): void
    {
        $page = $this->page()->openAircraft('Midge');
        $page->find("[data-end='function:yaw'] button")->click();
        $page->fill('#fn-expo', '15')->saved(2)->fill('#fn-expo', '25')->saved(3);
        $page->find("[data-revision='3']")->click();
        self::assertStringContainsString('Yaw expo: 15 % → 25 %', $page->text("[data-history='3']"));
        self::assertStringContainsString('Yaw expo: 40 % → 15 %', $page->text("[data-history='2']"));

        $page->find("[data-history='2'] button")->click();
        $page->saved(2);
        self::assertSame('15', $page->find('#fn-expo')->getAttribute('value'));
        self::assertSame(0.15, $this->saved(2)->functions[3]->shapes['main']->expo ?? null);
    }

    public function test_a_function_that_others_need_cannot_be_removed_unsaid(): void
    {
        $page = $this->page()->openAircraft('Petrel');
        $page->find("[data-end='function:cut'] button")->click();
        $page->press('Remove the function');
        self::assertStringContainsString('conditions.motor-off.any[0].step', $page->text('header [role=alert]'));
        $page->press('Take the change back');
        $page->find("[data-end='function:cut']");
        $page->find("[data-saving='saved'][data-revision='1']");
    }
}
