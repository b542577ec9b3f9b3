<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use RuntimeException;

/** By keys alone: Tab to what is wanted, then Enter, Space or text. */
final readonly class Keys implements Hands
{
    private const TAB = "\u{E004}";

    private const ENTER = "\u{E007}";

    private const MOST = 150;

    public function __construct(private Page $page) {}

    public function press(string $name, string $in = 'body'): void
    {
        $button = fn (): ?RemoteWebElement => $this->page->find($in)->findElements(
            WebDriverBy::xpath(".//*[self::button or @role='radio'][normalize-space(.)=\"{$name}\"]"),
        )[0] ?? null;
        $this->page->until(fn (): bool => $button()?->isEnabled() === true, "the button \"{$name}\"");
        $this->to($button() ?? throw new RuntimeException($name), $name);
        $this->type(self::ENTER);
    }

    public function click(string $css): void
    {
        $target = $this->page->find($css);
        $this->to($target, $css);
        $this->type($target->getAttribute('role') === 'checkbox' ? ' ' : self::ENTER);
    }

    public function tick(string $boxes): void
    {
        $open = "{$boxes}[data-state=unchecked]";
        $count = fn (): int => count($this->page->browser->findElements(WebDriverBy::cssSelector($open)));
        for ($left = $count(); $left > 0; $left = $count()) {
            $this->click($open);
            $this->page->until(fn (): bool => $count() < $left, 'a tick');
        }
    }

    public function choose(string $css, string $option): void
    {
        $this->to($this->page->find($css), $css);
        $this->type(self::ENTER);
        $this->page->find('[role=listbox]');
        // Typing goes to the first that begins so; the arrows lead on from there.
        $this->type("\u{E011}");
        for ($step = 0; $step < self::MOST; $step++) {
            if (trim($this->page->browser->executeScript('return document.activeElement.textContent')) === $option) {
                $this->type(self::ENTER);
                $this->page->until(fn (): bool => ! $this->page->has('[role=listbox]'), 'the list to close');

                return;
            }
            $this->type("\u{E015}");
        }
        throw new RuntimeException("{$option} isn't in the list of {$css}");
    }

    public function write(string $css, string $text): void
    {
        $this->to($this->page->find($css), $css);
        $this->type($text.self::TAB);
    }

    /** Tab by Tab; it fails where what is wanted is never reached. */
    private function to(RemoteWebElement $target, string $what): void
    {
        for ($tab = 0; $tab < self::MOST; $tab++) {
            if ($this->page->browser->executeScript('return document.activeElement === arguments[0]', [$target])) {
                return;
            }
            // Among radios the arrows move.
            $radio = $this->page->browser->executeScript(
                'const [at, to] = [document.activeElement, arguments[0]]; const group = (one) => '.
                    'one.closest("[role=radiogroup], [role=group]"); return to.role === "radio" && group(at) !== null '.
                    '&& group(at) === group(to)',
                [$target],
            );
            $this->type($radio ? "\u{E014}" : self::TAB);
        }
        throw new RuntimeException("{$what} isn't reached by Tab");
    }

    private function type(string $keys): void
    {
        $this->page->actions()->sendKeys(null, $keys)->perform();
    }
}
