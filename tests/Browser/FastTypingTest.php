<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * What is typed is kept, however fast, however slow the server, in whatever order its answers come: in every view that
 * has fields, found by the test itself.
 */
final class FastTypingTest extends BrowserTestCase
{
    /** Milliseconds between keys. */
    private const KEY = 25;

    /** Fields of one view that are typed into. */
    private const MOST = 14;

    /** Every answer comes late, some much later than the next. */
    private const SLOW = <<<'JS'
    const real = window.fetch
    let turn = 0
    window.fetch = async (...asked) => {
      const wait = [40, 420, 90, 260, 0, 610][turn++ % 6]
      const answer = await real(...asked)
      await new Promise((done) => setTimeout(done, wait))
      return answer
    }
    JS;

    /** What is asked for the moment, and kept nowhere. */
    private const UNKEPT = ['Receiver match', 'What should be left of the pack'];

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        EveryScreenTest::live(self::$app);
    }

    /** @return array<string, array{string, string}> in an ordinary run those with the most fields, and proposals */
    public static function views(): array
    {
        $first = ['program/styles', 'telemetry/alarms'];
        $all = [...self::all()];

        return self::few([...array_intersect_key(array_flip($first), $all), ...$all], count($first));
    }

    /** @return iterable<string, array{string, string}> */
    private static function all(): iterable
    {
        foreach (Screens::views() as $name => [$path, $ready]) {
            yield $name => [$path, $ready];
        }
        foreach (
            ['a function' => 'function:roll', 'an output' => 'output:1', 'a throttle' => 'function:throttle'] as $name => $at
        ) {
            yield $name => ["/aircraft/4/program?at={$at}", '[data-stage], [data-dot]'];
        }
    }

    #[DataProvider('views')]
    public function test_what_is_typed_is_kept(string $path, string $ready): void
    {
        $page = $this->pageWith(self::SLOW);
        $page->open($path)->find($ready);
        $page->still();
        $typed = $this->type($page);
        if ($typed === []) {
            self::assertTrue(true, 'nothing to type into');

            return;
        }
        $shown = fn (): array => $page->browser->executeScript(
            'return [...document.querySelectorAll("main input[data-typed]")].map((one) => [one.ariaLabel, one.value])',
        );
        $isKept = fn (): array => self::missing($typed, $shown());
        $page->until(fn (): bool => $page->has("[data-saving='saved'], [data-saving='refused']"), 'it to be saved');
        $page->still();
        self::assertSame([], array_values($isKept()), "{$path}: what was typed and doesn't stand there any more");
        // What was refused stands there with the reason; what was saved is there after a reload.
        if ($page->has("[data-saving='saved']") && ! $page->has('main [role=alert]')) {
            $page->browser->navigate()->refresh();
            $page->find($ready);
            $page->still();
            $page->until(fn (): bool => $isKept() === [], 'after a reload '.json_encode(array_values($isKept())));
        }
    }

    /** @return list<array{string, string}> label and what was typed */
    private function type(Page $page): array
    {
        $fields = $page->browser->executeScript(
            <<<'JS'
            const all = [...document.querySelectorAll('main input[data-typed]')]
              .filter((one) => one.checkVisibility() && !one.disabled)
            return all.slice(0, arguments[0])
              .map((one) => [one.ariaLabel, one.value, one.dataset.least, one.dataset.most])
            JS
            ,
            [self::MOST],
        );
        $typed = [];
        foreach ($fields as [$label, $value, $least, $most]) {
            $to = $least === null ? self::text($value) : self::number((float) $value, (float) $least, (float) $most);
            $isThere = $page->browser->executeScript(
                <<<'JS'
                const one = [...document.querySelectorAll('main input[data-typed]')]
                  .find((is) => is.ariaLabel === arguments[0])
                one?.focus()
                one?.select()
                return Boolean(one)
                JS
                ,
                [$label],
            );
            if (! $isThere) {
                continue;
            }
            foreach (mb_str_split($to) as $key) {
                Chrome::tell($page->browser, 'Input.insertText', ['text' => $key]);
                usleep(self::KEY * 1000);
            }
            $page->browser->getKeyboard()->sendKeys("\u{E004}");
            in_array($label, self::UNKEPT, true) || ($typed[] = [$label, $to]);
        }

        return $typed;
    }

    /**
     * What was typed and stands nowhere. Some labels hold what was typed, as a name: then its value is looked for.
     *
     * @param  list<array{string, string}>  $typed
     * @param  list<array{string, string}>  $shown
     * @return list<array{string, string}>
     */
    private static function missing(array $typed, array $shown): array
    {
        $missing = [];
        foreach ($typed as [$label, $value]) {
            $at = array_search([$label, $value], $shown, true);
            $at =
                $at !== false || in_array($label, array_column($shown, 0), true)
                    ? $at
                    : array_search($value, array_column($shown, 1), true);
            if ($at === false) {
                $missing[] = [$label, $value];
            } else {
                array_splice($shown, (int) $at, 1);
            }
        }

        return $missing;
    }

    private static function text(string $value): string
    {
        return mb_substr($value, 0, 20).'q';
    }

    /** Another number in the field's range, near the one that is there. */
    private static function number(float $is, float $least, float $most): string
    {
        $step = max(0.01, round(($most - $least) / 50, $most - $least > 20 ? 0 : 2));
        $to = $is + $step <= $most ? $is + $step : $is - $step;

        return (string) round(max($least, min($most, $to)), 2);
    }
}
