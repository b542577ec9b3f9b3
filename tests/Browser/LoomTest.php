<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Building a program on the loom. */
final class LoomTest extends BrowserTestCase
{
    public function test_a_light_is_added_from_nothing_to_a_moving_channel(): void
    {
        $page = $this->page()->openAircraft('Tern');

        // A switched function appears, in want of a control; the header says so.
        $page->press('Function')->named('Switched: in steps')->click();
        $page->saved(2)->fill('#fn-name', 'Landing light')->saved(3);
        $page->until(
            fn (): bool => str_contains($page->text('header'), 'Complete the program'),
            'the header to lead there',
        );
        $page->choose('#fn-drive', 'Right face')->saved(4);

        // A channel, fed by it.
        $page->press('Channel');
        $page->saved(5)->fill('#out-name', 'Light')->saved(6);
        $page->choose("[aria-label='Add a feed']", 'Landing light')->saved(7);
        $page->fill("[aria-label='Amount of Landing light']", '50')->saved(8);
        // A new channel travels from 1000 to 2000 µs, and half of that is 1250 to 1750.
        $this->sees($page, 6, 1250);
        $page->click("[data-control='face-right'] [data-detent='away']");
        $this->sees($page, 6, 1750);

        // Its direction, centre and travel.
        $page->click('#out-reverse');
        $page->saved(9);
        $this->sees($page, 6, 1250);
        $page->fill('#out-subtrim', '5')->saved(10);
        $this->sees($page, 6, 1270);
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
        $page->open('/aircraft/6/prove/findings');
        $page->until(
            fn (): bool => str_contains($page->text('main'), 'Right face is not checked at power-up'),
            'the proof to see the new switch',
        );
    }

    #[Group('long')]
    public function test_steps_and_what_each_detent_means(): void
    {
        $page = $this->page()->openAircraft('Nightjar');
        $page->click("[data-end='function:mode'] button");
        $page->fill("[aria-label='Value of Come home']", '0')->saved(2);
        $page->click("[data-control='left-front'] [data-detent='middle']");
        $this->sees($page, 6, 1500);

        $page->choose("[aria-label='Left front middle']", 'Free')->saved(3);
        $this->sees($page, 6, 2000);
        $page->fill("[aria-label='Name of step 1']", 'Level out')->saved(4);
        $page->click("[data-control='left-front'] [data-detent='toward']");
        $page->until(
            fn (): bool => $page->text("[data-end='function:mode'] [data-says]") === 'Level out',
            'the new name',
        );
        $page->press('Step');
        $page->saved(5);
        self::assertCount(4, $this->saved(3)->functions[5]->steps ?? []);
    }

    #[Group('long')]
    public function test_a_phase_is_shaped_apart_and_shown_while_it_is_active(): void
    {
        $page = $this->page()->openAircraft('Dunlin');
        $page->click("[data-end='function:pitch'] button");
        $page->press('Launch');
        $page->fill("[aria-label='Rate high']", '40')->saved(2);
        $page->keys('[data-axis=pitch]', str_repeat("\u{E013}", 20));
        $page->until(
            fn (): bool => $page->text("[data-end='function:pitch'] [data-says]") === '100 %',
            'cruise to be as it was',
        );

        $page->click("[data-control='left-back'] [data-detent='away']");
        $page->until(
            fn (): bool => $page->text("[data-end='function:pitch'] [data-says]") === '40 %',
            'launch to be softer',
        );
        self::assertStringContainsString('Launch', $page->text("[aria-label='What the switches mean now']"));
    }

    public function test_the_history_leads_back_to_any_revision(): void
    {
        $page = $this->page()->openAircraft('Midge');
        $page->click("[data-end='function:yaw'] button");
        $page->fill('#fn-expo', '15')->saved(2)->fill('#fn-expo', '25')->saved(3);
        $page->click("[data-revision='3']");
        self::assertStringContainsString('Yaw expo: 15 % → 25 %', $page->text("[data-history='3']"));
        self::assertStringContainsString('Yaw expo: 40 % → 15 %', $page->text("[data-history='2']"));

        $page->pressIn("[data-history='2']", 'Restore');
        $page->until(fn (): bool => $page->has('[role=dialog] [data-pulses]'), 'what going back does');
        self::assertStringContainsString('Yaw expo: 25 % → 15 %', $page->text('[data-changes]'));
        $page->pressIn('[role=dialog]:has([data-pulses])', 'Restore');
        $page->at(2);
        self::assertSame('15', $page->find('#fn-expo')->getAttribute('value'));
        self::assertSame(0.15, $this->saved(2)->functions[3]->shapes['main']->expo ?? null);
    }

    public function test_a_function_that_others_need_cannot_be_removed_unsaid(): void
    {
        $page = $this->page()->openAircraft('Petrel');
        $page->click("[data-end='function:cut'] button");
        $page->press('Remove the function');
        self::assertStringContainsString('conditions.motor-off.any[0].step', $page->text('header [role=alert]'));
        $page->press('Undo the change');
        $page->find("[data-end='function:cut']");
        $page->at(1);
    }
}
