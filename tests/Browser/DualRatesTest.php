<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\ProportionalFunction;
use PHPUnit\Framework\Attributes\Group;

/** A rate on a switch of its own, and a trim that each phase has for itself, as a pilot sets them up. */
final class DualRatesTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_a_rate_on_a_switch_is_added_flown_drawn_and_taken_away(): void
    {
        $page = $this->page()->open('/aircraft/4/program/rates?of=pitch');
        $page->press('Add a dual rate…')->choose('#condition-of', 'Right face')->press('Apply')->saved(2);
        $page
            ->fill("[aria-label='Rate low']", '50')
            ->saved(3)
            ->fill("[aria-label='Rate high']", '40')
            ->saved(4)
            ->fill('#fn-expo', '0')
            ->saved(5);
        $rate = $this->pitch()->dualRates[0];
        self::assertEquals(new ControlAt('face-right', 'away'), $rate->when);
        self::assertSame([0.5, 0.4, 0.0], [$rate->shape->rate->low, $rate->shape->rate->high, $rate->shape->expo]);
        self::assertSame(0.8, $this->pitch()->shapes['cruise']->rate->high, 'the phase keeps its own');

        $page->keys('[data-axis=pitch]', str_repeat("\u{E013}", 20));
        $page->until(fn (): bool => $page->text('[data-dot-value]') === '100 % → 80.0 %', 'the phase\'s rate');
        $page->click("[data-control='face-right'] [data-detent='away']");
        $page->until(fn (): bool => $page->text('[data-dot-value]') === '100 % → 40.0 %', 'the rate on the switch');
        $page->until(
            fn (): bool => $page->text("[data-place='rate:0']") === '◆ Right face away',
            'it to be marked as in force',
        );
        self::assertSame('Cruise', $page->text("[data-place='phase:cruise']"));

        $page->open('/aircraft/4/program/rates?of=pitch&rate=0')->find("[data-place='rate:0'][data-state='on']");
        $page->press('Draw a curve instead of expo')->saved(6);
        self::assertSame('pitch-rate', $this->pitch()->dualRates[0]->shape->curve);
        $page->press('Change…')->choose('#condition-is', 'Middle')->press('Apply')->saved(7);
        self::assertEquals(new ControlAt('face-right', 'middle'), $this->pitch()->dualRates[0]->when);
        $page->click("[aria-label='Remove the dual rate while Right face middle']");
        $page->saved(8);
        self::assertSame([], $this->pitch()->dualRates);
        $page->until(fn (): bool => ! $page->has("[data-place='rate:0']"), 'it to be gone');
        $page->click("[aria-label='Undo']");
        $page->at(7)->find("[data-place='rate:0']");
    }

    #[Group('long')]
    public function test_a_trim_of_each_phase_follows_the_phase(): void
    {
        $page = $this->page()->open('/aircraft/4/program/rates?of=yaw');
        $page->until(fn (): bool => $page->text('[data-dot-value]') === '0 % → 0.0 %', 'the dot');
        $page->click('#fn-trim-phases');
        $page->until(fn (): bool => $this->function('yaw')->trim?->perPhase === true, 'it to be saved');
        $page->until(
            fn (): bool => $page->find('[data-trim=yaw]')->getAttribute('aria-label') === 'Yaw trim, Cruise',
            'the lever to say whose it is',
        );
        $page->keys('[data-trim=yaw]', str_repeat("\u{E014}", 5));
        $page->until(
            fn (): bool => $page->find('[data-trim=yaw]')->getAttribute('aria-valuetext') === '5 clicks',
            'five clicks',
        );
        $page->until(fn (): bool => $page->text('[data-dot-value]') !== '0 % → 0.0 %', 'the trim to move the rudder');
        $trimmed = $page->still()->text('[data-dot-value]');
        $page->click("[data-control='shoulder-right'] [data-detent='middle']");
        $page->until(
            fn (): bool => $page->find('[data-trim=yaw]')->getAttribute('aria-label') === 'Yaw trim, Thermal',
            'the other phase',
        );
        self::assertSame('0 clicks', $page->find('[data-trim=yaw]')->getAttribute('aria-valuetext'));
        $page->until(fn (): bool => $page->text('[data-dot-value]') === '0 % → 0.0 %', 'its own trim, untouched');
        $page->click("[data-control='shoulder-right'] [data-detent='toward']");
        $page->until(
            fn (): bool => $page->text('[data-dot-value]') === $trimmed,
            'the first phase\'s trim to be there still',
        );

        $page->press('Move into sub-trim');
        $page->until(
            fn (): bool => str_contains($page->text('body'), 'ach phase has a yaw trim of its own'),
            'why that can\'t be',
        );
        $page->click('#fn-trim-phases');
        $page->until(
            fn (): bool => $this->function('yaw')->trim?->perPhase === false &&
                $page->text('[data-dot-value]') === '0 % → 0.0 %',
            'one trim for all, in its middle',
        );
    }

    private function pitch(): ProportionalFunction
    {
        return $this->function('pitch');
    }

    private function function(string $id): ProportionalFunction
    {
        $function = $this->saved(4)->function($id);

        return $function instanceof ProportionalFunction ? $function : self::fail($id);
    }
}
