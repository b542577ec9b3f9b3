<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** A transmitter of one's own, made in five minutes, and the first aircraft on it. */
final class OwnTransmitterTest extends BrowserTestCase
{
    #[Group('long')]
    public function test_from_counting_its_switches_to_ready(): void
    {
        $page = $this->page()->open('/equipment?kind=transmitters')->press('New transmitter');
        $page->fill('#tx-name', 'Werkbank Zehn')->fill('#tx-channels', '10');
        $page->choose('#tx-positions', 'A mix for each position: offset and rate');
        $page->click("[aria-label='Buttons: one more']");
        $page->named('Two-way hopping', 'label')->click();
        $page->press('Draw it');

        // A control is chosen on the drawing, moved by keys and named as the pilot calls it.
        $page->click("[data-placed='left-shoulder']");
        $page->keys("[data-placed='left-shoulder']", "\u{E014}", "\u{E014}", "\u{E015}");
        $page->fill("[aria-label='Name of the control']", 'Daumen links');
        $page->press('Keep it');
        $page->until(fn (): bool => ! $page->has('[role=dialog]'), 'the transmitter to be kept');
        $kept = $this->kept('werkbank-zehn');
        self::assertSame([10, 400], [$kept->channels, $kept->pulse->span]);
        self::assertSame(['daumen-links', 'Daumen links', [5.5, 28]], [
            $kept->controls[0]->id,
            $kept->controls[0]->name,
            $kept->controls[0]->place,
        ]);

        $page = $this->page();
        (new Newcomer($page, new Mouse($page)))->makes('Kiebitz', [
            'family' => 'Multirotor',
            'transmitter' => 'Werkbank Zehn, 10 channels',
            'receiver' => 'Lantern R8',
            'controller' => 'Keel F4',
            'arming' => 'A long press of a button',
            'rest' => 'Free',
            'saving' => 'Self-level',
        ])->getsReady(['speed' => 'Heron 45', 'pack' => 'Nightjar 4 cells 1300']);
        self::assertSame('✓ Ready to fly', $page->text('[data-ready]'));
    }

    private function kept(string $id): object
    {
        $stores = json_decode((string) file_get_contents(self::$app->url('/api/stores')));
        foreach (array_column($stores->definitions, 'items', 'kind')['transmitters'] as $one) {
            if ($one->document->id === $id) {
                return $one->document;
            }
        }
        self::fail("There is no transmitter {$id}");
    }

    public function test_what_is_wrong_stands_beside_its_field_and_in_view(): void
    {
        $page = $this->page()->open('/equipment?kind=transmitters')->press('New transmitter');
        $page->fill('#tx-name', 'Halbfertig')->press('Draw it')->fill('#root_channels', '99')->press('Keep it');
        $page->find('[role=dialog] [role=alert]');

        self::assertTrue($page->browser->executeScript(
            'const at = document.querySelector("[role=dialog] [role=alert]").getBoundingClientRect();'.
                'return at.top >= 0 && at.bottom <= innerHeight',
        ));
        self::assertStringContainsString('Channels: ', $page->text('[role=dialog] ul[role=alert]'));
    }

    public function test_a_receiver_is_put_together_by_picking(): void
    {
        $page = $this->page()->open('/equipment?kind=receivers')->press('New receiver')->fill('#root_name', 'Eigenbau 9');
        $page->choose('#root_link', 'One-way hopping')->choose('#root_subtype', 'Plain, 8 channels')->press('Keep it');
        $page->until(fn (): bool => ! $page->has('[role=dialog]'), 'the receiver to be kept');

        self::assertStringContainsString('Eigenbau 9', $page->text("[data-definition='eigenbau-9']"));
    }
}
