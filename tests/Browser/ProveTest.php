<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** From two real mistakes to "nothing found": findings, states, slots, failsafe, kit, checklists. */
final class ProveTest extends BrowserTestCase
{
    public function test_nightjars_two_mistakes_are_found_visited_and_mended(): void
    {
        $page = $this->page()->open('/aircraft/3/prove/findings');
        $slot = "[data-finding='one-mode-in-each-state']";
        self::assertStringContainsString('Come home is 0 µs from the edge of its slot', $page->text($slot));
        self::assertStringContainsString('Come home is 0 µs', $page->text('header [role=status]'));

        $page->press('Show on transmitter');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='What the switches mean now']"), 'Come home'),
            'the handheld to go there',
        );

        $page->press('Fix');
        $page->until(
            fn (): bool => str_contains($page->text('[data-changes]'), 'Flight mode step Come home'),
            'what it changes',
        );
        $page->press('Apply');
        $page->until(fn (): bool => ! $page->has($slot), 'the first to be mended');
        $page->press('Fix');
        $page->until(
            fn (): bool => str_contains($page->text('[data-changes]'), '2 Pitch feed 1: Pitch 120 % → Pitch 100 %'),
            'what it changes',
        );
        $page->press('Apply');
        $page->until(fn (): bool => str_contains($page->text('main'), 'Nothing found'), 'nothing more');
        $page->until(
            fn (): bool => str_contains($page->text('header'), 'Enter the program'),
            'the header to say so',
        );
        $page->saved(3);
        self::assertSame(1.0, $this->saved(3)->output(2)?->feeds[0]->weight->high);
    }

    public function test_what_could_not_be_checked_is_never_called_proved(): void
    {
        $page = $this->page()->open('/aircraft/6/prove/findings');
        $page->until(
            fn (): bool => str_contains($page->text('header [role=status]'), 'Add a pack alarm'),
            'the next step',
        );
        $page->open('/aircraft/6/kit/equipment')->choose('#kit-receiver', 'none');
        $page->until(
            fn (): bool => str_contains($page->text('header [role=status]'), 'Choose the equipment'),
            'the header to say so',
        );
        self::assertStringContainsString('Not known yet whether it fits', $page->text('main'));
        $page->open('/aircraft/6/prove/findings')->find("[data-rule-answer='not checked']");
        self::assertStringContainsString('Not every rule could be checked', $page->text('main'));
        $page->open('/aircraft/6/fly/ready')->find("[data-item='proof'][data-state='open']");
        self::assertStringContainsString('Not checked, because', $page->text("[data-item='proof']"));
    }

    #[Group('long')]
    public function test_a_finding_is_accepted_with_a_reason_and_opened_again(): void
    {
        $page = $this->page()->open('/aircraft/4/prove/findings');
        $page->find('[data-finding]');
        $before = count($page->browser->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('[data-finding]')));
        $page->press('Accept…');
        $page->keys('#accept-reason', 'Brakes and full roll together are never flown');
        $page->press('Accept');
        $page->find('[data-accepted]');
        self::assertStringContainsString('never flown', $page->text('[data-accepted]'));
        $page->saved(2);
        self::assertCount(1, $this->saved(4)->aboard->accepted);
        $page->press('Open again');
        $page->until(
            fn (): bool => count(
                $page->browser->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('[data-finding]')),
            ) === $before,
            'it to be open again',
        );
    }

    public function test_a_proof_that_takes_long_is_stopped_and_nothing_is_called_proven(): void
    {
        // A proof that doesn't come: a large program on a slow machine.
        $page = $this->pageWith(
            <<<'JS'
            const known = window.fetch
            window.fetch = (asked, ...rest) =>
              window.slow && String(asked.url ?? asked).endsWith('/api/prove') ? new Promise(() => {}) : known(asked, ...rest)
            JS
            ,
        )->open('/aircraft/3/program?at=output:1');
        $page->find('#out-reverse');
        $page->find('header [role=status]');
        $page->browser->executeScript('window.slow = true');
        $page->click('#out-reverse');
        $page->click("nav[aria-label='Stations'] a[href$='/prove']");
        $page->click("nav[aria-label='Views of Prove'] a[href$='/findings']");
        $page->press('Stop');
        $page->until(fn (): bool => str_contains($page->text('main'), 'Not proven: you stopped it'), 'it to be said');
        self::assertStringContainsString('Not proven: stopped', $page->text('header'));
        self::assertFalse($page->has('[data-rule]'), 'what an earlier draft gave says nothing of this one');
        self::assertSame([], $page->barriers());

        $page->browser->executeScript('window.slow = false');
        $page->press('Prove it')->find('[data-rule]');
        self::assertStringNotContainsString('stopped', $page->text('header'));
    }

    public function test_the_map_shows_the_odd_ones_and_leads_to_any_state(): void
    {
        $page = $this->page()->open('/aircraft/2/prove/switch-map');
        $page->find("[data-state-cell='no mode']");
        self::assertStringContainsString('▲ Something is wrong in 3 of 3 states', $page->text('main'));

        $rook = $this->page()->open('/aircraft/5/prove/switch-map');
        $rook->click("[title^='Left shoulder away, Left front middle']");
        $rook->until(
            fn (): bool => str_contains($rook->text("[aria-label='What the switches mean now']"), 'Sporty'),
            'the handheld to go there',
        );
    }

    #[Group('long')]
    public function test_midges_modes_are_centred_in_its_transmitters_terms_and_their_ranges_moved(): void
    {
        $page = $this->page()->open('/aircraft/2/prove/slots');
        self::assertStringContainsString('no range', $page->text("[data-answer='level']"));
        self::assertStringContainsString('offset −250 points, rate −56 %', $page->text("[data-answer='level']"));
        $page->pressIn("[data-slots='6']", 'Centre in the ranges');
        $page->until(
            fn (): bool => str_contains($page->text("[data-answer='level']"), '→ Self-level'),
            'the mode that it lands in',
        );
        self::assertStringContainsString('◀ 50 50 ▶', $page->text("[data-answer='level']"));
        $this->sees($page->open('/aircraft/2/prove'), 6, 1075);

        $page->open('/aircraft/2/prove/setup');
        $page
            ->keys("[aria-label='Self-level, channel 6, upper edge']", "\u{E013}", "\u{E013}")
            ->until(fn (): bool => str_contains($page->text("[data-answer='level']"), '◀ 50 60 ▶'), 'the edge to move');
        $page->until(fn (): bool => ($this->saved(2)->aboard->controller->modes[0]->to ?? 0) === 1135, 'it to be '.
            'saved');
        self::assertSame(1025, $this->saved(2)->aboard->controller->modes[0]->from);
    }

    public function test_a_failsafe_that_keeps_the_throttle_is_told_and_made_safe(): void
    {
        $page = $this->page()->open('/aircraft/6/prove/failsafe');
        $page->choose("[aria-label='Failsafe of Motor']", 'keeps the last');
        $page->until(fn (): bool => str_contains($page->text("[data-failsafe='3']"), 'not safe'), 'the verdict');
        $page->press('Set a safe one for a plane');
        $page->until(fn (): bool => $page->has('[role=dialog] [data-pulses]'), 'what it does');
        self::assertStringContainsString('on signal loss', $page->text('[data-pulses]'));
        $page->press('Apply');
        $page->until(fn (): bool => str_contains($page->text("[data-failsafe='3']"), '✓ 1000 µs'), 'a closed throttle');
        self::assertStringContainsString('✓', $page->text("[data-failsafe='1']"));
    }

    #[Group('long')]
    public function test_a_kit_that_does_not_fit_says_why(): void
    {
        $page = $this->page()->open('/aircraft/1/kit');
        $page->find("[data-point='fine']");
        $page->choose('#kit-subtype', 'Wide, 8 channels');
        $page->until(fn (): bool => $page->has("[data-point='wrong']"), 'the verdict');
        self::assertStringContainsString(
            'The wrong sub-type is chosen: Lantern R8 needs Wide, 16 channels.',
            $page->text("[data-point='wrong']"),
        );
        self::assertTrue($page->has("[data-lead='Lantern R8 → Keel Wing']"));
        $page->choose('#kit-subtype', 'Wide, 16 channels');
        $page->until(fn (): bool => ! $page->has("[data-point='wrong']"), 'it to fit again');
        $page->fill("[aria-label='Owner of Serial 4']", 'lidar');
        $page->until(fn (): bool => $page->has("[data-lead='Lidar → Keel Wing']"), 'the new lead');
    }

    public function test_a_checklist_on_a_phone_is_blocked_until_nothing_is_left(): void
    {
        $phone = $this->page(390, 844)->open('/aircraft/5/fly/checklists');
        $phone->find('[role=checkbox]');
        $phone->browser->executeScript("document.querySelectorAll('[role=checkbox]').forEach(one => one.click())");
        $phone->until(fn (): bool => str_contains($phone->text('[data-blocked]'), 'Receiver bound'), 'what is left');
        self::assertFalse($phone->named('Ready', 'button')->isEnabled());
        $phone->press('Before the first power-up');
        $phone->until(fn (): bool => ! $phone->has('[data-blocked]'), 'the list for the bench');
        $phone->browser->executeScript("document.querySelectorAll('[role=checkbox]').forEach(one => one.click())");
        $phone->press('Done');
        $phone->until(fn (): bool => str_contains($phone->text('[data-last]'), 'Last gone through'), 'the record');
        self::assertStringContainsString('with revision 1', $phone->text('[data-last]'));
    }

    public function test_the_bench_asks_for_propellers_off_and_solves_what_was_read(): void
    {
        $page = $this->page()->open('/aircraft/1/prove/bench');
        self::assertFalse($page->has("[aria-label='Low end in µs']"));
        $page->press('Propellers are off');
        $page->choose("[aria-label='Channel to centre']", '6 Launch assist');
        $page
            ->keys("[aria-label='Low end in µs']", '1010')
            ->keys("[aria-label='Centre in µs']", '1510')
            ->keys("[aria-label='High end in µs']", '2010');
        $page->press('Solve centre and ends');
        $page->until(
            fn (): bool => str_contains($page->text('[data-changes]'), '6 Launch assist sub-trim: 0 % → −1.95 %'),
            'the answer',
        );
        $page->press('Apply');
        $page->until(
            fn (): bool => abs(($this->saved(1)->output(6)->subtrim ?? 0.0) + 0.01953) < 1e-4,
            'it to be saved',
        );

        $page->click("[aria-label='Practise: let the stand-in read Jitter']");
        $page->until(
            fn (): bool => $page->find("[aria-label='Smallest in µs']")->getAttribute('value') === '1492',
            'what the stand-in reads',
        );
        $page->press('Solve jitter');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Jitter']"), 'dead band: 0 %'),
            'a dead band',
        );

        $page
            ->choose("[aria-label='Rolled to the right']", 'rolls left')
            ->choose("[aria-label='Nose up']", 'noses down');
        $page->press('Explain it');
        $page->until(fn (): bool => str_contains($page->text('[data-board]'), 'turned by 180° in yaw'), 'the mounting');
        $page->press('Solve order and direction');
        $page->until(
            fn (): bool => str_contains(
                $page->text("[aria-label='Order and direction']"),
                'No channel carries the roll stick alone',
            ),
            'what a wing can\'t do',
        );
    }

    public function test_a_pair_is_bound_on_the_stand_in_and_the_failsafe_is_tried(): void
    {
        $page = $this->page()->open('/aircraft/4/kit/binding');
        $page->find("[data-lamp='off']");
        $page->press('Transmitter on');
        $page->press('Transmitter: choose Bind');
        $page->press('Power the receiver');
        $page->until(
            fn (): bool => str_contains($page->text('[data-receiver-says]'), 'Too close'),
            'the trouble with its cure',
        );
        $page->press('Start over');
        for ($step = 0; $step < 6; $step++) {
            $page->click("[data-step='{$step}'] button");
        }
        $page->find("[data-lamp='solid']");
        $page->keys('#binding-note', 'Solid light')->press('Record');
        $page->until(
            fn (): bool => str_contains($page->text('[data-binding]'), 'Lamplight 12 and Lantern R12'),
            'the record',
        );

        $page->open('/aircraft/4/prove/failsafe');
        $page->click("[data-control='top-left'] [data-detent='away']");
        $page->keys('[data-axis=throttle]', str_repeat("\u{E013}", 30));
        $page->press('Test: transmitter off');
        $page->find("[data-link='lost']");
        self::assertSame('1000 µs', $page->text("[data-now='7']"));
        $page->press('Transmitter on again');
        $page->until(fn (): bool => ! $page->has('[data-link]'), 'the link to be back');
    }

    #[Group('long')]
    public function test_why_it_will_not_arm_is_told_live_and_a_motor_gets_its_verdict(): void
    {
        $page = $this->page()->open('/aircraft/3/prove/bench');
        $page->press('Propellers are off');
        $page->find("[data-arming='ready']");
        $page->click("[aria-label='Arming'] label:nth-of-type(3) [role=checkbox]");
        $page->until(
            fn (): bool => str_contains($page->text('[data-arming]'), 'A set-up session is open.'),
            'the blocker',
        );
        $page->click("[aria-label='Arming'] label:nth-of-type(3) [role=checkbox]");
        $page->find("[data-arming='ready']");
        $page->click("[data-control='left-shoulder'] [data-detent='away']");
        $page->find("[data-arming='armed']");

        $page->choose("[aria-label='Which way motor 1 turned']", 'counter-clockwise ↺');
        $page->until(
            fn (): bool => str_contains($page->text("[data-motor='1']"), 'swap two of its three wires'),
            'the verdict',
        );
        self::assertStringNotContainsString('▲', $page->text("[data-motor='2']"));
    }

    #[Group('long')]
    public function test_a_surface_that_goes_the_wrong_way_is_turned(): void
    {
        $page = $this->page()->open('/aircraft/4/prove/bench');
        $page->press('Propellers are off');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Surfaces']"), 'Left aileron'),
            'the surfaces',
        );
        self::assertStringContainsString('stick right: it goes down', $page->text("[data-surface-move='1-roll']"));
        $page->choose("[aria-label='Left aileron with the roll stick']", 'the other way');
        $page->press('Solve surfaces');
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Surfaces'] [data-changes]"), '1 Left aileron'),
            'the answer',
        );
    }
}
