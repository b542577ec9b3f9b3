<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Browser\Chrome;
use DuskSwitch\Tests\Browser\Page;

/**
 * What a moving stick redraws: the components that React commits for one step of it, beside the handheld itself, and
 * the tasks that hold the page up.
 */
final class CommitBench
{
    /** Looks at React's own tree after each commit: a component that did work carries a flag. */
    private const HOOK = <<<'JS'
    const COMPONENTS = new Set([0, 1, 11, 14, 15])
    window.drawn = { view: 0, handheld: 0, names: {} }
    const walk = (now, before, where) => {
        const label = now.memoizedProps?.['aria-label']
        const here = typeof label === 'string' && label.startsWith('Handheld') ? 'handheld' : where
        if (COMPONENTS.has(now.tag) && (before === null || now.flags & 1)) {
            window.drawn[here]++
        }
        if (before !== null && now.child === before.child) return
        for (let child = now.child; child; child = child.sibling) walk(child, child.alternate, here)
    }
    window.__REACT_DEVTOOLS_GLOBAL_HOOK__ = {
        renderers: new Map(),
        supportsFiber: true,
        inject: () => 1,
        onScheduleFiberRoot() {},
        onCommitFiberUnmount() {},
        onPostCommitFiberRoot() {},
        onCommitFiberRoot(_, root) {
            walk(root.current, root.current.alternate, 'view')
        },
    }
    window.longest = 0
    new PerformanceObserver((list) => {
        for (const task of list.getEntries()) window.longest = Math.max(window.longest, task.duration)
    }).observe({ type: 'longtask' })
    JS;

    private const SCRIPT = <<<'JS'
    const done = arguments[0]
    const stick = document.querySelector('[data-axis=roll]')
    // As React sees a real one: the browser's own value is set, then the event comes.
    const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
    const steps = []
    let step = 0
    const move = () => {
        window.drawn = { view: 0, handheld: 0 }
        put.call(stick, Number(stick.value) + (Math.floor(step / 15) % 2 ? -0.05 : 0.05))
        stick.dispatchEvent(new Event('input', { bubbles: true }))
        setTimeout(() => {
            steps.push([window.drawn.view, window.drawn.handheld])
            if (++step < 40) move()
            else done([steps, window.longest])
        }, 120)
    }
    setTimeout(() => {
        window.longest = 0
        move()
    }, 500)
    JS;

    private const VIEWS = [
        'kit' => 'kit',
        'loom' => 'program',
        'mixing' => 'program/mixing',
        'shapes' => 'program/rates',
        'findings' => 'prove',
        'live' => 'prove/live',
        'set-up' => 'prove/setup',
        'sense' => 'telemetry',
    ];

    /** @return array<string, array{int, int, float}> by view: components of it, of the handheld, ms of the longest task */
    public static function run(App $app): array
    {
        $browser = (new Chrome())->browser(own: true);
        Chrome::tell($browser, 'Page.addScriptToEvaluateOnNewDocument', ['source' => self::HOOK]);
        $drawn = [];
        foreach (self::VIEWS as $name => $path) {
            $page = (new Page($browser, $app))->open("/aircraft/3/{$path}");
            $page->find('[data-axis=roll]');
            $page->still();
            $browser->manage()->timeouts()->setScriptTimeout(60);
            [$steps, $longest] = $browser->executeAsyncScript(self::SCRIPT);
            $drawn[$name] = [
                (int) LiveBench::share(array_map(floatval(...), array_column($steps, 0)), 0.5),
                (int) LiveBench::share(array_map(floatval(...), array_column($steps, 1)), 0.5),
                (float) $longest,
            ];
        }

        return $drawn;
    }

    /** How many proofs the browser asks for after one edit, until it is saved and nothing is asked any more. */
    public static function proofsOfAnEdit(App $app): int
    {
        $page = (new Page((new Chrome())->browser(own: true), $app))->open('/aircraft/4/program/loom');
        $page->click("[data-end='output:5'] button");
        // The proof of the program as it was opened is another one.
        $page->find('header [data-settled]');
        $page->still();
        $page->browser->executeScript('performance.clearResourceTimings()');
        $page->click('#out-reverse');
        $page->until(fn (): bool => $page->has("[data-saving='saved']"), 'the edit to be saved');
        $page->still();

        return (int) $page->browser->executeScript(
            "return performance.getEntriesByType('resource').filter((one) => one.name.endsWith('/api/prove')).length",
        );
    }
}
