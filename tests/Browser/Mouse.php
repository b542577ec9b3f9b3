<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** By mouse. */
final readonly class Mouse implements Hands
{
    public function __construct(private Page $page) {}

    public function press(string $name, string $in = 'body'): void
    {
        $this->page->until(function () use ($name, $in): bool {
            $button = $this->page->find($in)->findElements(
                WebDriverBy::xpath(".//*[self::button or @role='radio'][normalize-space(.)=\"{$name}\"]"),
            )[0] ?? null;
            if ($button?->isEnabled() !== true) {
                return false;
            }
            $button->click();

            return true;
        }, "the button \"{$name}\" to be pressed");
    }

    public function click(string $css): void
    {
        $this->page->find($css)->click();
    }

    public function tick(string $boxes): void
    {
        $this->page->browser->executeScript(
            'document.querySelectorAll(arguments[0]).forEach((one) => one.dataset.state === "unchecked" && one.click())',
            [$boxes],
        );
    }

    public function choose(string $css, string $option): void
    {
        $this->page->choose($css, $option);
    }

    public function write(string $css, string $text): void
    {
        $this->page->find($css)->sendKeys("{$text}\u{E004}");
    }
}
