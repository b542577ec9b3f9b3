<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** A switch flipped on the handheld is heard on every screen, as in flight. */
final class SpeakingHandheldTest extends BrowserTestCase
{
    private const SAID = '[aria-label="What the switches mean now"] [data-said]';

    private function says(Page $page, string $text): void
    {
        $page->until(
            fn (): bool => $page->has(self::SAID) && str_contains($page->text(self::SAID), $text),
            "“{$text}” to be said",
        );
    }

    #[Group('long')]
    public function test_switches_speak_on_every_screen_and_can_be_turned_off(): void
    {
        foreach (['program', 'prove/switch-map', 'fly/ready'] as $place) {
            $page = $this->page()->open("/aircraft/4/{$place}");
            $page->find('[aria-label="What the switches mean now"] strong');
            $page->click("[data-control='top-left'] [data-detent='away']");
            $this->says($page, 'Ready');
            $page->click("[data-control='top-left'] [data-detent='toward']");
            $this->says($page, 'Cut');
        }
        $page->click("[aria-label='Mute the handheld']");
        $page->until(fn (): bool => ! $page->has(self::SAID), 'it to be quiet');
        $page->click("[data-control='top-left'] [data-detent='away']");
        $page->until(fn (): bool => str_contains($page->text('[aria-label="What the switches mean now"]'), 'Ready'), 'the step');
        usleep(400_000);
        self::assertFalse($page->has(self::SAID));
        $page->click("[aria-label='Unmute the handheld']");
    }

    public function test_a_value_that_is_typed_is_read_and_an_alarm_on_it_speaks(): void
    {
        $page = $this->page()->open('/aircraft/4/telemetry/callouts');
        $page->find('[aria-label="What the switches mean now"] strong');
        $page->fill("[aria-label='Height on the bench']", '119');
        $page->fill("[aria-label='Height on the bench']", '121');
        $this->says($page, 'Height limit, one hundred and twenty-one metres');
        self::assertSame([], $page->barriers());
    }
}
