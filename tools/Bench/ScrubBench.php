<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Browser\Chrome;
use DuskSwitch\Tests\Browser\Page;
use RuntimeException;

/** A recorded hour scrubbed from end to end, in headless Chromium: its frames, and those of the page at rest. */
final class ScrubBench
{
    private const FRAMES = 240;

    private const SCRIPT = <<<'JS'
    const [frames, scrubs, done] = arguments
    const line = document.querySelector("[aria-label='Over time'] [role=presentation]")
    const box = line.getBoundingClientRect()
    const at = (share, type, to) => to.dispatchEvent(new PointerEvent(type, {
        bubbles: true, pointerId: 1, clientX: box.left + 100 + share * (box.width - 100), clientY: box.top + 20,
    }))
    const times = []
    let last = performance.now()
    let frame = 0
    if (scrubs) at(0, 'pointerdown', line)
    const next = (now) => {
        times.push(now - last)
        last = now
        if (++frame >= frames) {
            if (scrubs) at(1, 'pointerup', window)
            return done(times.slice(5))
        }
        // There and back, in leaps that cross minutes.
        if (scrubs) at(Math.abs(((frame * 7) % 200) / 100 - 1), 'pointermove', window)
        requestAnimationFrame(next)
    }
    requestAnimationFrame(next)
    JS;

    /** @return array{float, float} ms: the longest frame while it's scrubbed, with its track beside it, and at rest */
    public static function run(App $app, int $flight): array
    {
        $chrome = new Chrome();
        $page = (new Page($chrome->browser(), $app))->open("/aircraft/1/fly/flights?flight={$flight}");
        $page->press('Track');
        $page->find("[aria-label='The flight from above']");
        $page->still();
        $page->browser->manage()->timeouts()->setScriptTimeout(60);
        $longest = fn (bool $scrubs): float => max(
            $page->browser->executeAsyncScript(self::SCRIPT, [self::FRAMES, $scrubs]),
        );
        $rest = $longest(false);
        $scrubbed = INF;
        for ($round = 0; $round < 3; $round++) {
            $scrubbed = min($scrubbed, $longest(true));
        }

        $now = (float) $page->find("[aria-label='Time in the flight']")->getAttribute('value');
        if ($now <= 0.0) {
            throw new RuntimeException('nothing was scrubbed');
        }

        return [$scrubbed, $rest];
    }
}
