<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Any condition drives any function, put together on screen; throws in mm. */
final class ConditionsTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_a_double_press_works_a_function_and_the_handheld_shows_it(): void
    {
        $page = $this->page()->openAircraft('Nightjar')->open('/aircraft/3/program/loom?at=function:beeper');
        $page->choose('#fn-press', 'A double press')->saved(2);
        $this->sees($page, 7, 1000);
        $button = $page->find("[data-control='button-right']");
        // As quick as can be: no press is lost on its way.
        $page->actions()->click($button)->click($button)->perform();
        $this->sees($page, 7, 2000);
    }

    public function test_conditions_are_put_together_and_said_in_words(): void
    {
        $page = $this->page()->open('/aircraft/3/program/loom?at=function:flip')->press('Add a condition…');
        $revision = $page->revision();
        $page->choose('#condition-of', 'All of several');
        $page->choose('#condition-of-1', 'Right shoulder')->choose('#condition-is-1', 'Away');
        self::assertTrue($page->has('[role=dialog] button[disabled]'), 'a part is not chosen yet');
        $page->choose('#condition-of-2', 'Not so')->choose('#condition-of-2-1', 'Flight mode');
        $page->choose('#condition-is-2-1', 'Free');
        $page->until(
            fn (): bool => str_contains(
                $page->text('[role=dialog] [role=status]'),
                'Holds: Right shoulder away and not Flight mode is Free',
            ),
            'the words',
        );
        self::assertSame([[], []], [$page->barriers(), $page->tooSmall()]);
        $page->press('Apply')->saved($revision + 1);
        self::assertStringContainsString('not Flight mode is Free', $page->text("[data-case='0']"));
        // The former positions come after it.
        $page->click("[aria-label='Remove condition 2']");
        $page->saved($revision + 2)->click("[data-control='right-shoulder'] [data-detent='away']");
        $this->sees($page, 8, 2000);
        $page->click("[data-control='left-front'] [data-detent='away']");
        $this->sees($page, 8, 1000);
    }

    #[Group('long')]
    public function test_a_hold_and_a_feed_hang_on_a_condition_of_its_own_name(): void
    {
        $page = $this->page()->open('/aircraft/3/program/phases');
        $page->find("[aria-label='Name of a new condition']");
        $revision = $page->revision();
        $page->find("[aria-label='Name of a new condition']")->sendKeys('Nicht jetzt');
        $page->press('Say what it stands for…')->choose('#condition-of', 'Left side');
        $page->choose('#condition-is', 'Middle')->press('Apply')->saved($revision + 1);
        self::assertStringContainsString('Left side middle', $page->text("[data-condition='nicht-jetzt']"));

        $page->open('/aircraft/3/program/loom?at=function:throttle')->press('Hold it while…');
        $page->choose('#condition-of', '“nicht-jetzt”')->press('Apply')->saved($revision + 2);
        $page->stick('left', 0, 1);
        $page->until(fn (): bool => $page->pulse(3) > 1900, 'full throttle');
        $page->click("[data-control='left-side'] [data-detent='middle']");
        $this->sees($page, 3, 1000);

        $page->open('/aircraft/3/program/loom?at=output:10')->press('Only while…');
        $page->choose('#condition-of', '“nicht-jetzt”')->press('Apply')->saved($revision + 3);
        $page->press('Always')->saved($revision + 4);
        self::assertFalse($page->has("[aria-label^='Change when']"));
    }

    public function test_throws_in_millimetres_set_travel_and_rates(): void
    {
        $page = $this->page()->open('/aircraft/6/program/throws');
        $page->fill("[aria-label='Ailerons at 1060 µs']", '13.5')->fill("[aria-label='Ailerons at 1940 µs']", '12');
        $page->click("[aria-label='Keep Ailerons']");
        $page->saved(2);
        $page->until(
            fn (): bool => $page->find("[aria-label='Roll, Learner: up']")->getAttribute('value') === '8.1',
            '60 % of 13.5 mm',
        );
        $page->fill("[aria-label='Roll, Main: up']", '15')->fill("[aria-label='Roll, Learner: up']", '7.5');
        self::assertSame([[], []], [$page->barriers(), $page->tooSmall()]);
        $page->click("[aria-label='Solve Roll']");
        $page->until(
            fn (): bool => str_contains($page->text('[role=dialog]'), '60 % → 50 % low'),
            'the rate of half the throw',
        );
        $page->press('Apply')->saved(3);
        // 13.5 mm for 440 µs: 15 mm are 489 µs (common practice: straight lines between what was measured).
        $page->open('/aircraft/6/program/loom?at=output:1')->stick('right', -1, 0);
        $page->click("[data-control='shoulder-right'] [data-detent='away']");
        $this->sees($page, 1, 1011);
    }
}
