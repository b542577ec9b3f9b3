<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** What else is on board, put together in Kit. */
final class MachineTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_servos_are_added_checked_and_changed(): void
    {
        $page = $this->page()->open('/aircraft/4/kit/equipment');
        $page->click("[aria-label='Remove Wing and tail servos']")->saved(2)->press('Add a part…');
        self::assertSame([[], []], [$page->barriers(), $page->tooSmall()]);
        $page->fill('#part-name', 'Flächenservos')->fill('#part-count', '6')->fill('#part-draw', '1200');
        $page->choose('#part-fed', 'The speed controller\'s regulator');
        $page->fill("[aria-label='Volts, from']", '4.8')->fill("[aria-label='Volts, to']", '6');
        $page->press('Add')->saved(3);
        $verdict = fn (string $says) => $page->until(
            fn (): bool => str_contains($page->text("[aria-label='Verdict']"), $says),
            $says,
        );
        $verdict('The regulator of Heron 45 gives 5000 mA');
        self::assertTrue($page->has("[data-lead='Heron 45 → 6 × Flächenservos']"));

        $page->click("[aria-label='Change Flächenservos']");
        $page->fill('#part-draw', '700')->press('Apply')->saved(4);
        $verdict('Flächenservos fits');
        $page->click("[aria-label='Remove Flächenservos']");
        $page->saved(5);
        $verdict('The current of the servos is not checked');
    }

    public function test_the_place_in_the_transmitter_stands_on_the_sheet(): void
    {
        $page = $this->page()->open('/aircraft/3/kit/equipment');
        $page->fill('#kit-memory', 'Modell 7')->saved(2)->fill('#kit-match', '12')->saved(3);
        $page->open('/aircraft/3/program/sheet')->find("[data-section='Begin']");

        $begin = $page->text("[data-section='Begin']");
        self::assertStringContainsString('Modell 7', $begin);
        self::assertStringContainsString('12: the receiver answers to this program alone', $begin);
    }
}
