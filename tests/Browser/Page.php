<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use RuntimeException;

/** What a pilot does at the screen, in a pilot's words. */
final readonly class Page
{
    public function __construct(public RemoteWebDriver $browser, private App $app) {}

    public function open(string $path): self
    {
        $this->browser->get($this->app->url($path));

        return $this;
    }

    /** Goes to another view of the app that is open, without loading it again. */
    public function go(string $path): self
    {
        $this->browser->executeScript(
            'history.pushState(null, "", arguments[0]); dispatchEvent(new PopStateEvent("popstate"))',
            [$path],
        );

        return $this;
    }

    /** Opens an aircraft from the hangar by its name. */
    public function openAircraft(string $name): self
    {
        $this->open('/')
            ->find("[data-aircraft='{$name}'] a")
            ->click();
        $this->find('[data-pull]');
        $this->until(fn (): bool => $this->text("[data-end^='output:'] [data-says]") !== '…', 'the first frame');

        return $this;
    }

    /** The first element of a selector. The page itself waits for it: asking again and again would take its time. */
    public function find(string $css): RemoteWebElement
    {
        return $this->until(function () use ($css): ?RemoteWebElement {
            $found = $this->browser->findElements(WebDriverBy::cssSelector($css))[0] ?? null;
            $found ?? $this->browser->executeAsyncScript(
                <<<'JS'
                const [css, done] = arguments
                const end = () => { watch.disconnect(); clearTimeout(waiting); done() }
                const look = () => document.querySelector(css) && end()
                const watch = new MutationObserver(look)
                const waiting = setTimeout(end, 1000)
                watch.observe(document, { subtree: true, childList: true, attributes: true })
                look()
                JS
                ,
                [$css],
            );

            return $found;
        }, $css);
    }

    /** Clicks what a selector names first, once it isn't covered by what is on its way. */
    public function click(string $css): self
    {
        return $this->clickOn(fn (): RemoteWebElement => $this->find($css), $css);
    }

    /**
     * Clicks an element once it's there, can be used and isn't covered by what is on its way.
     *
     * @param  callable(): ?RemoteWebElement  $what
     */
    private function clickOn(callable $what, string $name): self
    {
        $this->until(function () use ($what): bool {
            $element = $what();
            if ($element === null || ! $element->isEnabled()) {
                return false;
            }
            try {
                $element->click();

                return true;
            } catch (ElementClickInterceptedException) {
                return false;
            }
        }, "{$name} to be clicked");

        return $this;
    }

    /** The element of a role or tag with that text. */
    public function named(string $text, string $tag = '*'): RemoteWebElement
    {
        return $this->until(
            fn (): ?RemoteWebElement => $this->browser->findElements(
                WebDriverBy::xpath(
                    "//{$tag}[normalize-space(.)=\"{$text}\" and not({$tag}[normalize-space(.)=\"{$text}\"])]",
                ),
            )[0] ?? null,
            "\"{$text}\"",
        );
    }

    /** Presses the button of that name once it can be pressed. */
    public function press(string $name): self
    {
        return $this->clickOn(fn (): RemoteWebElement => $this->named($name, 'button'), "the button \"{$name}\"");
    }

    /** Presses a button of that name inside another element. */
    public function pressIn(string $css, string $name): self
    {
        return $this->still()->clickOn(
            fn (): RemoteWebElement => $this->find($css)->findElement(
                WebDriverBy::xpath(".//button[normalize-space(.)=\"{$name}\"]"),
            ),
            "the button \"{$name}\" of {$css}",
        );
    }

    public function text(string $css): string
    {
        // What is drawn again in between is looked for again.
        return $this->until(fn (): array => [trim($this->find($css)->getText())], $css)[0];
    }

    public function has(string $css): bool
    {
        return $this->browser->findElements(WebDriverBy::cssSelector($css)) !== [];
    }

    /** The pulse that the screen shows for a channel, on Wire or on Prove. */
    public function pulse(int $channel): int
    {
        return (int) $this->text("[data-pulse='{$channel}'], [data-end='output:{$channel}'] [data-says]");
    }

    /** Types keys into whatever a selector names. */
    public function keys(string $css, string ...$keys): self
    {
        $this->find($css)->sendKeys(implode('', $keys));

        return $this;
    }

    /**
     * Replaces what stands in a field, at one go as by pasting, and leaves it: a slow machine would save what is half
     * typed by keys. A field that is drawn again in between is filled again, whole.
     */
    public function fill(string $css, string $text): self
    {
        $this->until(function () use ($css, $text): bool {
            $field = $this->find($css);
            $field->click();
            $pasted = $this->browser->executeScript(
                'arguments[0].focus(); arguments[0].select?.(); return document.execCommand(...(arguments[1] === "" ? '.
                    '["delete"] : ["insertText", false, arguments[1]]))',
                [$field, $text],
            );
            $field->sendKeys(($pasted ? '' : "\u{E009}a\u{E009}{$text}")."\u{E007}");

            return true;
        }, "{$css} to be filled");

        return $this;
    }

    /** Drags from the middle of one element to the middle of another, by way of the space between. */
    public function drag(string $from, string $to): self
    {
        $this->actions()
            ->moveToElement($this->find($from))
            ->clickAndHold()
            ->moveByOffset(30, 5)
            ->moveToElement($this->find($to))
            ->release()
            ->perform();

        return $this;
    }

    /** Drags a stick: x and y in −1 to 1. */
    public function stick(string $side, float $x, float $y): self
    {
        $pad = $this->find("[data-gimbal='{$side}']");
        $way = $pad->getSize()->getWidth() / 2 - 13;
        $this->actions()
            ->moveToElement($pad, 0, 0)
            ->clickAndHold()
            ->moveToElement($pad, (int) round($x * $way), (int) round(-$y * ($pad->getSize()->getHeight() / 2 - 13)))
            ->release()
            ->perform();

        return $this;
    }

    public function actions(): WebDriverActions
    {
        return $this->browser->action();
    }

    /** Chooses from a list that opens when its trigger is clicked. */
    public function choose(string $trigger, string $option): self
    {
        $this->click($trigger);
        $this->clickOn(
            fn (): ?RemoteWebElement => $this->browser->findElements(
                WebDriverBy::xpath("//*[@role='option' and normalize-space(.)=\"{$option}\"]"),
            )[0] ?? null,
            "the option {$option}",
        );
        $this->until(fn (): bool => ! $this->has('[role=listbox]'), 'the list to close');

        return $this;
    }

    /** Waits until all is saved, and a revision is reached: who types slowly makes more than one. */
    public function saved(int $least): self
    {
        $this->until(
            fn (): bool => $this->find("[data-saving='saved'][data-revision]") && $this->revision() >= $least,
            "revision {$least} to be saved",
        );

        return $this;
    }

    /** Waits until all is saved and it's at one revision, as after going back. */
    public function at(int $revision): self
    {
        $this->find("[data-saving='saved'][data-revision='{$revision}']");

        return $this;
    }

    public function revision(): int
    {
        return (int) $this->find('[data-saving][data-revision]')->getAttribute('data-revision');
    }

    /**
     * Waits at most 25 seconds: a crowded machine takes its time, and only what fails waits so long.
     *
     * @template T
     *
     * @param  callable(): T  $condition
     * @return (T is bool ? true : T)
     */
    public function until(callable $condition, string $what): mixed
    {
        $end = microtime(true) + 25;
        $pause = 15_000;
        do {
            try {
                $found = $condition();
                if ($found) {
                    return $found;
                }
            } catch (StaleElementReferenceException|JavascriptErrorException $error) {
                // It was drawn again in between, or its page went.
                $error instanceof StaleElementReferenceException
                    || str_contains($error->getMessage(), 'unloaded')
                    || throw $error;
            }
            usleep($pause);
            $pause = min(100_000, (int) (1.4 * $pause));
        } while (microtime(true) < $end);
        throw new RuntimeException("waited in vain for {$what}");
    }

    /** Waits until nothing moves any more and no request is on its way. */
    public function still(): self
    {
        $this->until(
            fn (): bool => (bool) $this->browser->executeAsyncScript(
                <<<'JS'
                const done = arguments[0]
                const loaded = () => performance.getEntriesByType('resource').length
                const before = loaded()
                const moves = document.getAnimations().filter(
                    (one) => one.playState === 'running' && one.effect?.getTiming().iterations !== Infinity
                ).length
                setTimeout(() => done(moves === 0 && loaded() === before), 120)
                JS
                ,
            ),
            'the page to come to rest',
        );

        return $this;
    }

    /** Makes the window as large as another device's. */
    public function size(int $width, int $height): self
    {
        $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 768],
        ]);

        return $this;
    }

    /** Closes this browser. */
    public function close(): void
    {
        $this->browser->quit();
    }

    public function shot(string $file): void
    {
        $this->still()->browser->takeScreenshot($file);
    }

    /** @return list<string> what axe finds on the page as it is: WCAG 2.1 AA, and its best practices */
    public function barriers(): array
    {
        $this->browser->executeScript('return typeof axe') === 'object' || $this->browser->executeScript(
            (string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'),
        );

        return $this->browser->executeAsyncScript(
            "axe.run({resultTypes: ['violations']}).then(r => arguments[0](r.violations.map(v => v.id ".
                "+ ': ' + v.nodes.length + ' times, first at ' + v.nodes[0].target + ' ' + ".
                "(v.nodes[0].any[0]?.message ?? ''))))",
        );
    }

    /** @return list<string> texts that must be read and are smaller than 14 px */
    public function tooSmall(): array
    {
        return $this->browser->executeScript(
            "return [...document.querySelectorAll('body *')].filter(e => [...e.childNodes].some(n => n.nodeType === ".
                "3 && n.data.trim()) && !e.closest('[aria-hidden=true], .sr-only, script, style, noscript') && ".
                'parseFloat(getComputedStyle(e).fontSize) < 14).map(e => e.textContent)',
        );
    }

    /**
     * What doesn't fit on the screen, measured by rectangles. Asked again while something is wrong, as what was just
     * made narrower is drawn again.
     *
     * @param  string  $kind  with what they begin, such as "cut"
     * @return list<string>
     */
    public function misfits(string $kind = ''): array
    {
        $wrong = [];
        try {
            $this->until(function () use (&$wrong, $kind): bool {
                $wrong = array_values(array_filter(
                    $this->browser->executeScript((string) file_get_contents(__DIR__.'/fit.js')),
                    fn (string $one): bool => str_starts_with($one, $kind),
                ));

                return $wrong === [];
            }, 'everything to fit');
        } catch (RuntimeException) {
            // Told by what is wrong.
        }

        return $wrong;
    }

    /** @return list<string> what is to be touched and is lower or narrower than so many pixels */
    public function smallTargets(int $least): array
    {
        return $this->browser->executeScript(
            'const small = []; for (const one of document.querySelectorAll("button, a[href], input, select, summary, '.
                '[role=checkbox], [role=radio], [role=slider], label")) { if (!one.checkVisibility({visibilityProperty: '.
                'true})) continue; const box = (one.closest("label") ?? one).getBoundingClientRect(); if (box.width <= '.
                '2 || one.disabled) continue; if (box.height < arguments[0] || box.width < arguments[0]) small.push('.
                '`${one.tagName} ${one.ariaLabel ?? one.textContent.trim().slice(0, 40)}: ${Math.round(box.width)}×'.
                '${Math.round(box.height)}`) } return small',
            [$least],
        );
    }
}
