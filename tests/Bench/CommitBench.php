<?php

namespace DuskSwitch\Tests\Bench;

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Browser\Chrome;
use DuskSwitch\Tests\Browser\Page;

/**
 * What a moving stick draws anew: the components that React commits for one step of it, beside the handheld itself, and
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
    const steps = []
    let step = 0
    const move = () => {
        window.drawn = { view: 0, handheld: 0 }
        const key = Math.floor(step / 15) % 2 ? 'ArrowLeft' : 'ArrowRight'
        stick.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
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
        'loom' => 'wire',
        'mixing' => 'wire/mixing',
        'shapes' => 'wire/shapes',
        'findings' => 'prove',
        'live' => 'prove/live',
        'set-up' => 'prove/setup',
        'sense' => 'sense',
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
}
