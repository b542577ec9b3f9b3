<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Practice on the stand-ins: a receiver with a trouble, and a whole bench. */
final class PracticeTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_a_receiver_with_a_trouble_shows_it_and_tells_its_cure(): void
    {
        $page = $this->page()->open('/aircraft/3/kit/binding');
        $page->choose("[aria-label='Fault']", 'A broken antenna');
        $page->until(fn (): bool => str_contains($page->text('[data-trouble]'), 'give it strain relief'), 'the cure');
        for ($step = 0; $step < 6; $step++) {
            $page->click("[data-step='{$step}'] button");
        }
        $page->find("[data-lamp='solid']");
        $page->press('Range check at 30 m');
        $page->until(
            fn (): bool => str_contains($page->text('[data-receiver-says]'), 'the link is gone: don\'t fly'),
            'the range check',
        );
        $page->press('Far out: 400 m');
        $page->find("[data-lamp='slow']");
        $page->press('Raise 10 mW to 100 mW');
        $page->find("[data-lamp='solid']");
        $page->choose("[aria-label='Fault']", 'A fault for you to find');
        $page->until(fn (): bool => ! $page->has('[data-trouble]'), 'it to be hidden');
        $page->press('Show the fault');
        $page->until(fn (): bool => $page->has('[data-trouble]'), 'it to be said');
        self::assertNotSame('', $page->find('[data-trouble]')->getAttribute('data-trouble'));
    }

    public function test_a_step_is_ticked_and_asks_to_be_tested_again_once_what_it_tested_changed(): void
    {
        $page = $this->page()->open('/aircraft/5/prove/bench');
        $page->press('Propellers are off');
        $state = fn (string $section): string => $page
            ->find("[aria-label='{$section}'] [data-step-state]")
            ->getAttribute('data-step-state');
        $page->until(fn (): bool => $state('Order and direction') === 'open', 'the steps');
        $page->press('Done: Order and direction');
        $page->until(fn (): bool => $state('Order and direction') === 'done', 'the tick');
        $page->press('Done: Centre and ends');
        $page->until(fn (): bool => $state('Centre, then ends') === 'done', 'the tick');

        foreach (['Low end' => '1012', 'Centre' => '1504', 'High end' => '1996'] as $name => $read) {
            $page->keys("[aria-label='{$name} in µs']", $read);
        }
        $page->press('Solve centre and ends');
        $page->until(fn (): bool => str_contains($page->text('[data-pulses]'), 'at rest'), 'what it does in µs');
        $page->press('Apply');
        $page->saved(2);
        $page->until(fn (): bool => $state('Centre, then ends') === 'changed', 'it to ask again');
        self::assertSame('done', $state('Order and direction'));
        // It's kept: a reload says the same.
        $page->open('/aircraft/5/prove/bench')->press('Propellers are off');
        $page->until(
            fn (): bool => $state('Centre, then ends') === 'changed' && $state('Order and direction') === 'done',
            'the record',
        );
    }

    public function test_the_stand_in_plays_the_bench_and_what_is_mended_stays_mended(): void
    {
        $page = $this->page()->open('/aircraft/3/prove/bench');
        $page->press('Propellers are off');
        $order = "[aria-label='Order and direction']";
        $page->click("[aria-label='Practise: let the stand-in answer for Order and direction']");
        $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Which way the roll stick goes']"), 'wrong'),
            'roll the wrong way',
        );
        $page->press('Solve order and direction');
        $page->until(fn (): bool => str_contains($page->text($order), 'reverse'), 'the answer');
        $page->click("[aria-label='Practise: let the stand-in answer for Motors']");
        $page->until(
            fn (): bool => str_contains($page->text("[data-motor='4']"), 'stop at once'),
            'the motor with a wire off',
        );
        $page->click("[aria-label='Practise: let the stand-in answer for Board']");
        // The stand-in may still be on its way to an answer.
        $page->until(
            fn (): bool => str_contains($page->press('Explain it')->text('[data-board]'), 'turned by 180°'),
            'the mounting',
        );
        self::assertStringContainsString('swap two of its three wires', $page->text("[data-motor='3']"));
    }
}
