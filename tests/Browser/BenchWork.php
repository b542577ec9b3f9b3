<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The bench, step by step and line by line, as a pilot goes through it. */
final readonly class BenchWork
{
    public function __construct(private Page $page, private Hands $hands) {}

    /** Every step that is open, until none is. */
    public function goThrough(): void
    {
        $this->hands->press('Propellers are off');
        $this->page->find('[data-step-state]');
        for ($left = 16; $left > 0 && $this->page->has("[data-step-state='open']"); $left--) {
            $open = $this->openSteps();
            $first = "section:has([data-step-state='open'])";
            $guided = (string) $this->page->find($first)->getAttribute('data-guided');
            if ($guided !== '') {
                $this->seesLineByLine("[data-guided='{$guided}']");
            }
            $done = "{$first} [data-step-state='open'] button";
            $this->page->until(fn (): bool => $this->page->find($done)->isEnabled(), 'the step to take its record');
            $this->hands->click($done);
            $this->page->until(fn (): bool => $this->openSteps() < $open, 'a step to be done');
        }
    }

    private function seesLineByLine(string $step): void
    {
        $this->hands->tick("{$step} [role=checkbox]");
        foreach ($this->page->browser->findElements(WebDriverBy::cssSelector("{$step} [data-asks]")) as $asked) {
            $asks = (string) $asked->getAttribute('data-asks');
            $this->hands->write("{$step} [data-asks='{$asks}']", 'as it should be');
        }
    }

    private function openSteps(): int
    {
        return count($this->page->browser->findElements(WebDriverBy::cssSelector("[data-step-state='open']")));
    }
}
