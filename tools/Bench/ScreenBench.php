<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Browser\Chrome;
use DuskSwitch\Tests\Browser\Page;

/** From a moved stick to the changed pulse on the screen, in headless Chromium: measured inside the page. */
final class ScreenBench
{
    private const SCRIPT = <<<'JS'
    const done = arguments[0]
    const slider = document.querySelector('[data-axis=roll]')
    // As React sees a real one: the browser's own value is set, then the event comes.
    const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
    const pulse = document.querySelector("[data-pulse='1']")
    const times = []
    let step = 0
    const move = () => {
        const before = pulse.textContent
        const start = performance.now()
        put.call(slider, Number(slider.value) + (Math.floor(step / 15) % 2 ? -0.05 : 0.05))
        slider.dispatchEvent(new Event('input', { bubbles: true }))
        const watch = () => {
            if (pulse.textContent === before && performance.now() - start < 2000) return requestAnimationFrame(watch)
            times.push(performance.now() - start)
            if (++step < 120) setTimeout(move, 20)
            else done(times)
        }
        requestAnimationFrame(watch)
    }
    move()
    JS;

    /** ms, 95 of a hundred moves are shown sooner. */
    public static function run(App $app): float
    {
        $chrome = new Chrome();
        $page = (new Page($chrome->browser(), $app))->open('/aircraft/3/prove');
        $page->until(fn (): bool => $page->pulse(1) === 1500, 'the first frame');
        $page->browser->manage()->timeouts()->setScriptTimeout(60);

        return LiveBench::p95($page->browser->executeAsyncScript(self::SCRIPT));
    }
}
