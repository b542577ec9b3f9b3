<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use RuntimeException;

/** A pilot on the first evening: goes where the list leads and does what it asks, by clicks alone. */
final class Newcomer
{
    /** @var list<string> the items of the list that were done, in their order */
    public array $went = [];

    public function __construct(private readonly Page $page, private readonly Hands $hands) {}

    /**
     * Answers the four questions.
     *
     * @param  array<string, string>  $answers  option by field
     */
    public function makes(string $name, array $answers): self
    {
        $this->page->open('/')->find('main');
        $this->hands->press('New aircraft');
        $this->hands->write('#new-name', $name);
        foreach ($answers as $field => $option) {
            $this->hands->choose("#new-{$field}", $option);
        }
        $this->hands->press('Create', '[role=dialog]');
        $this->page->find('[data-ready]');

        return $this;
    }

    /**
     * From the list to "ready": whatever is next is done, until nothing is left.
     *
     * @param  array<string, string>  $kit  option by part of the equipment
     */
    public function getsReady(array $kit): self
    {
        $list = preg_replace('#/fly/.*$#', '/fly/ready', (string) $this->page->browser->getCurrentURL());
        for ($turn = 0; $turn < 14; $turn++) {
            $this->page->browser->get($list);
            $this->page->find('[data-item]');
            if ($this->page->find('[data-ready]')->getAttribute('data-ready') === 'true') {
                return $this;
            }
            $item = (string) $this->page->find('[data-next]')->getAttribute('data-next');
            if (in_array($item, $this->went, true)) {
                throw new RuntimeException(
                    "{$item} is asked for again: ".$this->page->text("[data-item='{$item}']"),
                );
            }
            $this->went[] = $item;
            $this->hands->click('[data-next]');
            match ($item) {
                'equipment' => $this->choosesEquipment($kit),
                'program' => $this->completesTheProgram(),
                'proof' => $this->fixesWhatWasFound(),
                'pack-warning' => $this->setsAside($list, $item, 'The timer in my transmitter warns me'),
                'telemetry' => $this->solvesTheSlots(),
                'entered' => $this->entersTheProgram(),
                'bound' => $this->hands->press('Record'),
                'bench' => (new BenchWork($this->page, $this->hands))->goThrough(),
                'failsafe' => $this->testsTheFailsafe(),
                'checklists' => $this->goesThroughTheLists(),
            };
            // An address typed in anew would overtake the save.
            $this->page->until(fn (): bool => $this->page->has("[data-saving='saved']"), 'it to be saved');
            $this->page->still();
        }
        throw new RuntimeException('not ready after '.implode(', ', $this->went));
    }

    /** @param  array<string, string>  $kit */
    private function choosesEquipment(array $kit): void
    {
        foreach ($kit as $part => $option) {
            $this->hands->choose("#kit-{$part}", $option);
        }
        if (! isset($kit['wire'])) {
            $this->hands->press('Fill in what follows');
            $this->hands->press('Apply', '[role=dialog]');
        }
        if (str_contains($this->page->text("[aria-label='Verdict']"), 'current of the servos')) {
            $this->addsTheServos();
        }
        $this->page->until(
            fn (): bool => str_contains($this->page->text("[aria-label='Verdict'] h2"), 'It fits together'),
            'it to fit: '.$this->page->text("[aria-label='Verdict']"),
        );
    }

    private function addsTheServos(): void
    {
        $this->hands->press('Add a part…');
        $this->hands->write('#part-name', 'Servos');
        $this->hands->write('#part-count', '4');
        $this->hands->write('#part-draw', '400');
        $this->hands->choose('#part-fed', 'The speed controller\'s regulator');
        $this->hands->write("[aria-label='Volts, from']", '4.8');
        $this->hands->write("[aria-label='Volts, to']", '6');
        $this->hands->press('Add', '[role=dialog]');
    }

    private function completesTheProgram(): void
    {
        throw new RuntimeException('a new program is not complete: '.$this->page->text('header'));
    }

    private function solvesTheSlots(): void
    {
        $this->hands->press('Solve');
    }

    /** What can be fixed is fixed; what can't is accepted, with a reason. */
    private function fixesWhatWasFound(): void
    {
        for ($left = 12; $left > 0; $left--) {
            $this->page->find('[data-rule]');
            $open = $this->findings();
            if ($open === []) {
                return;
            }
            $count = count($open);
            $row = "[data-finding='{$open[0]->getAttribute('data-finding')}']";
            if ($open[0]->findElements(WebDriverBy::xpath(".//button[normalize-space(.)='Fix']")) !== []) {
                $this->hands->press('Fix', $row);
                $this->hands->press('Apply', '[role=dialog]');
            } else {
                $this->hands->press('Accept…', $row);
                $this->hands->write('#accept-reason', 'It is so on purpose here');
                $this->hands->press('Accept', '[role=dialog]');
            }
            $this->page->until(fn (): bool => count($this->findings()) < $count, "a finding less than {$count}: {$open[0]->getText()}");
        }
    }

    /** @return list<RemoteWebElement> but notes */
    private function findings(): array
    {
        return array_values(
            array_filter(
                $this->page->browser->findElements(WebDriverBy::cssSelector('[data-finding]')),
                fn (RemoteWebElement $one): bool => ! str_contains($one->getText(), '○ Note'),
            ),
        );
    }

    private function setsAside(string $list, string $item, string $reason): void
    {
        $this->page->browser->get($list);
        $this->page->find("[data-item='{$item}']");
        $this->hands->press('Doesn’t apply…', "[data-item='{$item}']");
        $this->hands->write('#aside-reason', $reason);
        $this->hands->press('Set aside', '[role=dialog]');
        $this->page->find("[data-item='{$item}'][data-state='set aside']");
    }

    private function entersTheProgram(): void
    {
        $this->page->find('[data-section] [role=checkbox]');
        $this->hands->tick('[data-section] [role=checkbox]');
        $this->page->until(
            function (): bool {
                $says = $this->page->text('[data-done]');
                [$done, $all] = sscanf($says, '%d of %d');

                return $all > 0 && $done === $all && ! str_contains($says, 'saving');
            },
            'every line to be entered',
        );
    }

    private function testsTheFailsafe(): void
    {
        $this->hands->click('[data-step-state] button');
        $this->page->find("[data-step-state='done']");
    }

    private function goesThroughTheLists(): void
    {
        foreach (['Before the first power-up', 'Before the first flight'] as $list) {
            $this->hands->press($list);
            $this->page->until(fn (): bool => ! $this->page->has('[data-blocked]'), "{$list} to be free");
            $this->hands->tick('[role=checkbox]');
            $this->hands->press('Done', 'main');
            $this->page->until(
                fn (): bool => str_contains($this->page->text('[data-last]'), 'Last gone through'),
                $list,
            );
        }
    }
}
