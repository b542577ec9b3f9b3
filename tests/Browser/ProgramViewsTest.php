<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\Attributes\Group;

/** The closer looks of Wire: mixing, shapes, phases, styles, ladder, sheet, and another transmitter. */
final class ProgramViewsTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_surfaces_on_the_picture_move_with_the_handheld(): void
    {
        $page = $this->page()->open('/aircraft/4/program/mixing');
        $page->find('[data-fall]');
        self::assertSame(
            'Roll: right 60 % down, left 80 % up',
            $page->named('Roll: right 60 % down, left 80 % up', 'span')->getText(),
        );
        $page->keys('[data-axis=roll]', str_repeat("\u{E014}", 20), "\u{E008}", str_repeat("\u{E014}", 20));
        $page->until(
            fn (): bool => $page->text("[data-surface='Right aileron']") === '▲ 80 %',
            'the right aileron to go up',
        );
        self::assertSame('▼ 60 %', $page->text("[data-surface='Left aileron']"));

        $page->click("[data-mix='6']");
        $page->until(
            fn (): bool => str_contains($page->text('[aria-label=Waterfall] h2'), 'Rudder'),
            'the rudder\'s waterfall',
        );
        self::assertStringContainsString('35.0 %', $page->text("[data-fall='Roll']"));
    }

    public function test_a_recipe_says_what_it_would_change_and_waits(): void
    {
        $page = $this->page()->open('/aircraft/4/program/mixing');
        $page->press('Airframe recipe…');
        $page->until(
            fn (): bool => str_contains($page->text('[data-changes]'), '6 Rudder feed 2: Roll 35 %'),
            'the hand edit to be told',
        );
        self::assertSame(1, $this->saved(4)->output(6)?->feeds[1]->weight->high <=> 0.3, 'nothing was written yet');

        $page->fill('#setting-differential', '300');
        self::assertStringContainsString('from 0 to 100 %', $page->text('[role=dialog] [role=alert]'));
        $page->fill('#setting-differential', '50');
        $page->until(fn (): bool => str_contains($page->text('[data-changes]'), '40 %'), 'the new differential');
        $page->press('Apply');
        $page->saved(2);
        self::assertSame(
            [0.8, 0.4],
            [$this->saved(4)->output(1)?->feeds[0]->weight->low, $this->saved(4)->output(1)?->feeds[0]->weight->high],
        );
        $page->click("[aria-label='Undo']");
        $page->at(1);
    }

    public function test_a_curve_is_dragged_typed_and_moved_by_keys(): void
    {
        $page = $this->page()->open('/aircraft/3/program/rates?of=throttle');
        $point = $page->find("[data-point='2']");
        $page
            ->actions()
            ->moveToElement($point)
            ->clickAndHold()
            ->moveByOffset(0, -20)
            ->moveByOffset(0, -30)
            ->release()
            ->perform();
        $page->saved(2);
        $dragged = $this->saved(3)->curves['hover-soft']->points[2];
        self::assertSame(0.0, $dragged[0]);
        self::assertEqualsWithDelta(0.42, $dragged[1], 0.1);

        $page->keys("[data-point='2']", "\u{E013}", "\u{E013}", "\u{E014}")->saved(3);
        self::assertEqualsWithDelta([0.01, $dragged[1] + 0.02], $this->saved(3)->curves['hover-soft']->points[2], 1e-9);
        $page->fill("[aria-label='Value of the point']", '-5')->saved(4);
        self::assertSame(-0.05, $this->saved(3)->curves['hover-soft']->points[2][1]);

        $page->find('[data-axis=throttle]')->sendKeys("\u{E013}");
        $page->until(
            fn (): bool => $page->has('[data-curve-dot]') && $page->text('[data-dot-value]') !== '−100 % → −100.0 %',
            'the live dot',
        );
        $page->click("[aria-label='Add a point']");
        $page->saved(5);
        $page->keys("[data-point='3']", "\u{E017}")->saved(6);
        self::assertCount(5, $this->saved(3)->curves['hover-soft']->points);
        $page->click('#curve-smooth');
        $page->saved(7);
        self::assertFalse($this->saved(3)->curves['hover-soft']->smooth);
        self::assertStringContainsString(
            'Also used by Throttle, Calm: it changes there too.',
            $page->text('section[aria-label="Curve hover-soft"]'),
        );
    }

    #[Group('long')]
    public function test_a_phase_that_can_never_be_active_is_told_before_it_is_made(): void
    {
        $page = $this->page()->open('/aircraft/5/program/phases');
        $page->press('New phase');
        $page->fill('#phase-name', 'Wild')->choose('#condition-of', 'Style');
        $page->until(
            fn (): bool => str_contains($page->text('[data-notes]'), 'Wild can never be active'),
            'the warning',
        );
        $page->choose('#condition-of', 'Left side');
        $page->until(fn (): bool => $page->has('[data-changes]') && ! $page->has('[data-notes]'), 'no warning');
        $page->press('Add');
        $page->saved(2);
        self::assertSame('Wild', $this->saved(5)->phases[4]->name);

        $page->click("[aria-label='Wild further up']");
        $page->saved(3);
        self::assertSame('wild', $this->saved(5)->phases[3]->id);
        $page->fill("[aria-label='Wild fades in over']", '1.5')->saved(4);
        $page->click("[aria-label='Remove Wild']");
        $page->saved(5);
        self::assertCount(4, $this->saved(5)->phases);
    }

    public function test_five_things_are_edited_in_place_and_a_jump_is_told(): void
    {
        $page = $this->page()->open('/aircraft/5/program/styles');
        $revision = $page->revision();
        self::assertStringContainsString('from −11.5° to −4.6°', $page->text('[data-liftoff]'));
        $page->fill("[aria-label='Expo, Sporty']", '35')->saved($revision + 1);
        self::assertSame(
            [0.35, 0.35, 0.35],
            array_map(fn (string $id): ?float => $this->saved(5)->function($id)?->shapes['sporty']->expo, [
                'roll',
                'pitch',
                'yaw',
            ]),
        );
        $page->fill("[aria-label='Fade, Sporty']", '0');
        $page->until(
            fn (): bool => $page->has('[data-warning]') &&
                str_contains(
                    $page->text('[data-warning]'),
                    'From Gentle to Sporty the throttle jumps at once, 70 % → 75 %',
                ),
            'the warning',
        );
        $page->fill("[aria-label='Pitch at low stick, Gentle']", '40');
        $page->until(fn (): bool => $page->text("[data-degrees='gentle']") === '−2.3°', 'the blade angle');
    }

    #[Group('long')]
    public function test_a_learner_steps_up_and_back(): void
    {
        $page = $this->page()->open('/aircraft/3/program/training');
        $page->press('Step up');
        $page->until(
            fn (): bool => str_contains($page->text('[data-changes]'), 'Roll expo, Calm: 45 % → 40 %'),
            'what it changes',
        );
        $page->press('Apply this step');
        $page->until(fn (): bool => $page->has("[data-rung='1'][aria-current=step]"), 'the second step');
        $page->until(fn (): bool => $this->saved(3)->ladder?->at === 1, 'it to be saved');
        $page->press('Step back');
        $page->press('Apply this step');
        $page->until(fn (): bool => $this->saved(3)->ladder?->at === 0, 'the first again');
        self::assertSame(0.45, $this->saved(3)->function('roll')?->shapes['calm']->expo);

        $page->fill("[aria-label='Expo of Circuits']", '90');
        $page->until(
            fn (): bool => str_contains(
                $page->text('header [role=alert]'),
                '“Circuits” has more expo than “First hovers” before it',
            ),
            'the order to be told',
        );
        $page->press('Undo the change');
    }

    #[Group('long')]
    public function test_trims_go_into_sub_trims_where_nothing_forbids_it(): void
    {
        $page = $this->page()->open('/aircraft/6/program');
        $page->keys("[data-trim='pitch']", "\u{E013}", "\u{E013}", "\u{E013}");
        $pulse = fn (): int => $page->pulse(2);
        $page->until(fn (): bool => $pulse() !== 1500 && $page->has("[aria-label='Trims']"), 'the trim to act');
        // All three clicks must have arrived before the pulse is what it stays at.
        $clicks = 3 / Given::transmitter('quayside-8')->trimClicks;
        $before = (int) Given::frame(Given::circuit(Given::demo('tern')), trims: ['pitch' => $clicks])->pulse(2);
        $this->sees($page, 2, $before);
        $page->press('Move into sub-trim');
        $page->saved(2);
        $page->until(fn (): bool => ! $page->has("[aria-label='Trims']"), 'the trims to be home');
        $this->sees($page, 2, $before);
        self::assertNotSame(0.0, $this->saved(6)->output(2)?->subtrim);

        $rook = $this->page()->open('/aircraft/5/program');
        $rook->keys("[data-trim='roll']", "\u{E013}");
        $rook->press('Move into sub-trim');
        $rook->until(
            fn (): bool => str_contains($rook->text('body'), 'The roll trim moves nothing here: a stabiliser flies it'),
            'the reason',
        );
        $rook->press('To the middle');
        $rook->until(fn (): bool => ! $rook->has("[aria-label='Trims']"), 'the trims to be home');
    }

    public function test_nightjar_moves_to_another_transmitter_and_back(): void
    {
        $page = $this->page()->openAircraft('Nightjar');
        $revision = $page->revision();
        $page->press('Transmitter');
        $page->choose("[aria-label='Move to']", 'Quayside 8, 8 channels');
        $page->until(
            fn (): bool => str_contains($page->text('[data-notes]'), "9 Video power can't come along"),
            'the losses',
        );
        self::assertStringContainsString('Left shoulder → Left shoulder', $page->text('[data-places]'));
        $page->press('Move to Quayside 8');
        $page->click("[data-control='shoulder-left'] [data-detent='away']");
        $this->sees($page, 5, 2000);
        self::assertFalse($page->has("[data-end='output:9']"));
        $page->click("[aria-label='Undo']");
        $page->at($revision);
        $page->click("[data-control='left-shoulder'] [data-detent='away']");
        $this->sees($page, 5, 2000);
        self::assertSame('harbour-16', $this->saved(3)->transmitter);
    }

    public function test_the_sheet_is_ticked_off_and_another_transmitters_limits_are_marked(): void
    {
        $page = $this->page()->open('/aircraft/3/program/sheet');
        $page->click("[data-section='Ends'] [role=checkbox]");
        $page->until(fn (): bool => str_starts_with($page->text('[data-done]'), '1 of '), 'one tick');
        $page->browser->navigate()->refresh();
        $page->until(fn (): bool => str_starts_with($page->text('[data-done]'), '1 of '), 'the tick to stay');

        $page->click("[data-section='Rates and expo'] [role=checkbox]");
        $page->until(fn (): bool => str_starts_with($page->text('[data-done]'), '2 of '), 'another');
        $page->open('/aircraft/3/program/rates?of=roll&phase=main')->fill('#fn-expo', '37');
        $page->until(fn (): bool => $this->saved(3)->function('roll')?->shapes['main']->expo === 0.37, 'the new expo');
        $page->open('/aircraft/3/program/sheet');
        $page->until(
            fn (): bool => $page->has('[data-changed]') && $page->text('[data-changed]') === '▲ One line to enter '.
                'again',
            'the line that changed',
        );
        self::assertStringContainsString('▲ entered as rate', $page->text("[data-section='Rates and expo']"));
        $page->click("[data-section='Rates and expo'] [role=checkbox]");
        $page->until(
            fn (): bool => ! $page->has('[data-changed]') && str_starts_with($page->text('[data-done]'), '2 of '),
            'it to be entered again',
        );
        $page->press('Clear the ticks');
        $page->until(fn (): bool => str_starts_with($page->text('[data-done]'), '0 of '), 'no ticks');

        $page->choose('#sheet-for', 'Quayside 8');
        $page->until(fn (): bool => str_contains($page->text('[data-losses]'), '10 Camera tilt'), 'what is lost');
        self::assertStringContainsString(
            'offset −250 points, rate 0 %: 1300 µs',
            $page->text("[data-section='Switch positions']"),
        );
    }

    #[Group('long')]
    public function test_any_two_revisions_are_compared(): void
    {
        $page = $this->page()->open('/aircraft/2/program/rates?of=yaw');
        $page->fill('#fn-expo', '15')->saved(2)->fill('#fn-expo', '25')->saved(3);
        $page->click("[data-revision='3']");
        $page->until(fn (): bool => $page->text('[data-compared]') === 'Yaw expo: 40 % → 25 %', 'first and last');
        $page->choose("[aria-label='From revision']", 'Revision 2');
        self::assertTrue(
            $page->until(
                fn (): bool => $page->text('[data-compared]') === 'Yaw expo: 15 % → 25 %',
                'another comparison',
            ),
        );
    }
}
