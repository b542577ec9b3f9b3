<?php

namespace DuskSwitch\Tests\Browser;

use stdClass;

/** Another computer changes an aircraft while this one edits it: both edits are kept, or the pilot chooses. */
final class TwoPeopleTest extends BrowserTestCase
{
    private int $id;

    private function bench(string $aircraft): Page
    {
        $page = $this->page()->openAircraft($aircraft);
        $page->click("[data-end='function:roll'] button")->find('#fn-expo');
        $this->id = (int) preg_replace('~.*/aircraft/(\d+).*~', '$1', $page->browser->getCurrentURL());

        return $page;
    }

    /** No tab of this browser hears of it. */
    private function elsewhere(int $base, callable $change, string $note): void
    {
        $document = $this->document();
        $change($document);
        $sent = stream_context_create(['http' => [
            'method' => 'PUT',
            'header' => "Content-Type: application/json\r\nAccept: application/json",
            'content' => json_encode(['base' => $base, 'document' => $document, 'note' => $note]),
        ]]);
        self::assertIsString(file_get_contents(self::$app->url("/api/aircraft/{$this->id}/program"), false, $sent));
    }

    private function document(): stdClass
    {
        return json_decode((string) file_get_contents(self::$app->url("/api/aircraft/{$this->id}/export")));
    }

    public function test_edits_of_different_parts_are_both_kept_and_the_pilot_is_told(): void
    {
        $page = $this->bench('Nightjar');
        $this->elsewhere(1, fn (stdClass $d) => ($d->outputs[1]->subtrim = 0.02), 'Pitch sub-trim');
        $page->fill('#fn-expo', '41')->saved(4);
        self::assertFalse($page->has('[role=dialog]'), 'there is nothing to choose');
        $page->named('Saved together with what was changed elsewhere: Output 2 Pitch.');
        self::assertSame('41', (string) $page->find('#fn-expo')->getAttribute('value'));
        self::assertSame(
            [0.41, 0.02],
            [$this->document()->functions[0]->shape->main->expo, $this->document()->outputs[1]->subtrim],
        );
        $page->fill('#fn-expo', '42')->saved(5);
        self::assertSame(0.02, $this->document()->outputs[1]->subtrim, 'the next edit is of both');
    }

    public function test_what_both_changed_is_chosen_part_by_part(): void
    {
        $page = $this->bench('Midge');
        $old = $this->document();
        $this->elsewhere(1, function (stdClass $d): void {
            $d->functions[0]->deadband = 0.03;
            $d->outputs[1]->subtrim = 0.04;
            $d->notes = 'From the laptop';
        }, 'Many things');
        $page->fill('#fn-expo', '52')->find("[role=dialog] [data-part='functions/roll']");
        $keep = fn (): bool => $page->named('Keep both', 'button')->isEnabled();
        self::assertFalse($keep());
        self::assertStringContainsString('1 still to choose', $page->text('[role=dialog]'));
        self::assertSame('dialog', $page->browser->switchTo()->activeElement()->getAttribute('role'));
        $roll = $page->text("[data-part='functions/roll']");
        self::assertStringContainsString('→ 52 %', $roll);
        self::assertStringContainsString('dead band: 0 % → 3 %', $roll);
        $page->pressIn("[data-part='functions/roll']", 'Both');
        $page->pressIn("[data-part='outputs/2']", 'Leave out');
        $page->until($keep, 'nothing is left to choose');
        $page->press('Keep both');
        $page->saved(4);
        $new = $this->document();
        self::assertSame(
            [0.52, 0.03, $old->outputs[1]->subtrim, 'From the laptop'],
            [
                $new->functions[0]->shape->main->expo,
                $new->functions[0]->deadband,
                $new->outputs[1]->subtrim,
                $new->notes,
            ],
        );
        self::assertSame('52', (string) $page->find('#fn-expo')->getAttribute('value'));
    }

    public function test_a_finding_that_neither_had_is_shown_before_both_are_kept(): void
    {
        $page = $this->bench('Nightjar');
        $before = $page->revision();
        $this->elsewhere($before, fn (stdClass $d) => ($d->outputs[2]->travel = [0.92, 0.9765625]), 'Travel');
        $page->click("[data-end='function:throttle'] button")->find("[aria-label='Rate low']");
        $page->fill("[aria-label='Rate low']", '92')->find('[role=dialog] [data-part]');
        self::assertStringContainsString('findings that neither had', $page->text('[role=dialog]'));
        $page->press('Keep both, with 2 findings');
        $page->saved($before + 3);
    }

    public function test_a_version_that_comes_while_the_pilot_chooses_is_what_is_chosen_from(): void
    {
        $page = $this->bench('Rook');
        $head = $page->revision();
        $this->elsewhere($head, fn (stdClass $d) => ($d->functions[0]->name = 'Rollen'), 'Named');
        $page->fill('#fn-expo', '27')->pressIn("[data-part='functions/roll']", 'Mine');
        $this->elsewhere($head + 1, fn (stdClass $d) => ($d->functions[0]->name = 'Querruder'), 'Named again');
        // Whoever is asked for the next look says that there is another.
        $page->pressIn("[data-part='functions/roll']", 'The other');
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), 'Querruder'), 'the newer one');
        $page->pressIn("[data-part='functions/roll']", 'Both');
        $page->press('Keep both');
        $page->saved($head + 4);
        $new = $this->document()->functions[0];
        self::assertSame('Querruder', $new->name);
        self::assertContains(0.27, array_column((array) $new->shape, 'expo'));
    }
}
