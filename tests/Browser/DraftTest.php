<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\Attributes\Group;

/** An edit is the pilot's until it is saved: whatever the browser, the network or the server does meanwhile. */
final class DraftTest extends BrowserTestCase
{
    /**
     * Before any script of the page runs: what becomes of a save. `window.dusk` is the switch, and `window.dusk.puts`
     * counts.
     */
    private const SAVES = <<<'JS'
    window.dusk = { mode: 'through', puts: 0 }
    const real = window.fetch
    window.fetch = async (asked, ...rest) => {
        const method = asked.method ?? rest[0]?.method ?? 'GET'
        const url = asked.url ?? String(asked)
        const { mode } = window.dusk
        if (method === 'PUT' && url.includes('/program')) {
            window.dusk.puts++
            if (mode === 'trouble') return new Response('<html>nonsense</html>', { status: 502 })
            // A read that begins while it's on its way, and is answered from before it.
            if (mode === 'crossed' && !window.dusk.late) {
                window.dusk.late = true
                window.dispatchEvent(new Event('online'))
                for (const seen of [document, window]) seen.dispatchEvent(new Event('visibilitychange'))
                while (!window.dusk.read) await new Promise((done) => setTimeout(done, 20))
            }
            if (mode === 'busy') return new Response('{"message": "busy", "faults": []}', { status: 503 })
            const answer = await real(asked, ...rest)
            if (mode === 'cut') { window.dusk.mode = 'through'; throw new TypeError('cut') }
            if (mode === 'half') {
                window.dusk.mode = 'through'
                const half = (await answer.text()).slice(0, 200)
                return new Response(half, { status: 200, headers: { 'Content-Type': 'application/json' } })
            }
            return answer
        }
        if (method === 'GET' && /aircraft\/\d+$/.test(url) && window.dusk.late) {
            window.dusk.late = false
            const answer = await real(asked, ...rest)
            const body = await answer.text()
            window.dusk.read = true
            await new Promise((done) => setTimeout(done, 1500))
            window.dusk.cameLate = true
            return new Response(body, { status: 200, headers: { 'Content-Type': 'application/json' } })
        }
        return real(asked, ...rest)
    }
    JS;

    private function bench(string $aircraft): Page
    {
        return $this->pageWith(self::SAVES)->openAircraft($aircraft);
    }

    private function edit(Page $page, string $function, string $expo): void
    {
        $page->click("[data-end='function:{$function}'] button");
        $page->fill('#fn-expo', $expo);
    }

    private function mode(Page $page, string $mode): void
    {
        $page->browser->executeScript("window.dusk.mode = '{$mode}'");
    }

    /** What browsers say of the network and of the window, all at once. */
    private function upheaval(Page $page): void
    {
        $page->browser->executeScript(
            <<<'JS'
            Object.defineProperty(navigator, 'onLine', { configurable: true, get: () => false })
            window.dispatchEvent(new Event('offline'))
            Object.defineProperty(navigator, 'onLine', { configurable: true, get: () => true })
            window.dispatchEvent(new Event('online'))
            document.dispatchEvent(new Event('visibilitychange'))
            window.dispatchEvent(new Event('visibilitychange'))
            window.dispatchEvent(new Event('focus'))
            JS
            ,
        );
    }

    private function expo(Page $page): string
    {
        return (string) $page->find('#fn-expo')->getAttribute('value');
    }

    /** True where the saved program has that expo somewhere. */
    private function hasExpo(int $id, string $expo): bool
    {
        return str_contains(
            (string) file_get_contents(self::$app->url("/api/aircraft/{$id}/export")),
            "\"expo\": {$expo}",
        );
    }

    #[Group('long')]
    public function test_trouble_in_the_server_is_no_refusal_and_the_edit_is_saved_once_it_is_over(): void
    {
        foreach (['trouble', 'busy'] as $round => $mode) {
            $page = $this->bench('Nightjar');
            $this->mode($page, $mode);
            $this->edit($page, 'roll', (string) (31 + $round));
            $page->find("[data-saving='lost']");
            self::assertStringContainsString('Not saved yet', $page->text('[data-saving]'));
            self::assertFalse($page->has('header [role=alert]'), 'nothing was refused');
            $this->upheaval($page);
            self::assertSame((string) (31 + $round), $this->expo($page));
            $this->mode($page, 'through');
            $page->saved(2 + $round);
            self::assertTrue($this->hasExpo(3, '0.'.(31 + $round)));
            $page->close();
        }
    }

    #[Group('long')]
    public function test_no_event_takes_an_edit_away_before_it_is_saved(): void
    {
        $page = $this->bench('Midge');
        $this->mode($page, 'busy');
        $this->edit($page, 'roll', '37');
        foreach (range(1, 3) as $ignored) {
            $this->upheaval($page);
        }
        // Long enough for what was asked for again to be answered.
        $page->until(fn (): bool => $page->browser->executeScript('return window.dusk.puts') > 1, 'a second try');
        self::assertSame('37', $this->expo($page));
        $this->mode($page, 'through');
        $page->saved(2);
        self::assertSame('37', $this->expo($page));
    }

    public function test_it_saves_while_the_browser_believes_itself_offline(): void
    {
        $page = $this->bench('Rook');
        $page->browser->executeScript(
            "Object.defineProperty(navigator, 'onLine', { get: () => false }); window.dispatchEvent(new ".
                "Event('offline'))",
        );
        $this->edit($page, 'roll', '22');
        $page->saved(2);
        $page->click("nav a[href='/']");
        $page->click('[data-aircraft=Tern] a');
        $page->find("[data-end='function:roll'] button");
        self::assertTrue($this->hasExpo(5, '0.22'));
    }

    public function test_an_answer_that_is_cut_is_asked_for_again_and_the_edit_is_saved_once(): void
    {
        foreach (['cut', 'half'] as $round => $mode) {
            $page = $this->bench('Dunlin');
            $this->mode($page, $mode);
            $this->edit($page, 'roll', (string) (41 + $round));
            $page->saved(2 + $round);
            self::assertFalse($page->has('[role=dialog]'), 'it is no conflict with oneself');
            self::assertGreaterThan(1, $page->browser->executeScript('return window.dusk.puts'));
            $page->close();
        }
    }

    public function test_an_answer_that_comes_late_does_not_bring_the_old_back(): void
    {
        $page = $this->bench('Petrel');
        $page->browser->executeScript('window.dusk.late = true');
        $this->upheaval($page);
        $this->edit($page, 'roll', '29');
        $page->saved(2);
        $page->until(
            fn (): bool => $page->browser->executeScript('return window.dusk.cameLate === true'),
            'the late answer',
        );
        self::assertSame('29', $this->expo($page));
        $page->at(2);
    }

    public function test_a_read_that_began_during_the_save_does_not_bring_the_old_back(): void
    {
        $page = $this->bench('Midge');
        $this->mode($page, 'crossed');
        $this->edit($page, 'roll', '26');
        $page->until(
            fn (): bool => $page->browser->executeScript('return window.dusk.cameLate === true'),
            'the late answer',
        );
        $page->saved(2);
        self::assertSame('26', $this->expo($page));
    }

    #[Group('long')]
    public function test_a_draft_survives_a_closed_tab_and_another_tab_takes_it_up(): void
    {
        $page = $this->bench('Tern');
        $other = $page->browser->getWindowHandle();
        $page->browser->switchTo()->newWindow('tab');
        (new ChromeDevToolsDriver($page->browser))->execute('Page.addScriptToEvaluateOnNewDocument', [
            'source' => self::SAVES,
        ]);
        $page->openAircraft('Tern');
        $this->mode($page, 'busy');
        $this->edit($page, 'roll', '44');
        $page->find("[data-saving='lost']");
        $page->browser->close();
        $page->browser->switchTo()->window($other);
        self::assertFalse($this->hasExpo(6, '0.44'));

        $page->open('/')->find("[data-aircraft='Tern'] [data-left]");
        $page->openAircraft('Tern')->saved(2);
        self::assertTrue($this->hasExpo(6, '0.44'));
        $page->open('/')->find("[data-aircraft='Tern']");
        self::assertFalse($page->has('[data-left]'), 'what is saved lies nowhere else any more');
    }

    public function test_a_draft_survives_a_reload_and_what_another_tab_saved_meanwhile_is_shown_beside_it(): void
    {
        $page = $this->bench('Nightjar');
        $revision = $page->revision();
        $this->mode($page, 'busy');
        $this->edit($page, 'pitch', '63');
        $page->find("[data-saving='lost']");
        $second = $this->page()->openAircraft('Nightjar');
        $this->edit($second, 'pitch', '18');
        $second->saved($revision + 1);

        $page->browser->navigate()->refresh();
        $page->until(fn (): bool => str_contains($page->text('[role=dialog]'), '18 %'), 'both versions');
        $says = $page->text('[role=dialog]');
        self::assertStringContainsString('Pitch expo', $says);
        self::assertStringContainsString('63 %', $says);
        self::assertStringContainsString('18 %', $says);
        $page->press('Keep only mine');
        $page->saved($revision + 2);
        self::assertSame('63', $this->expo($page));
    }

    #[Group('long')]
    public function test_what_was_edited_after_a_lost_save_is_there_after_going_elsewhere(): void
    {
        $page = $this->bench('Rook');
        $revision = $page->revision();
        $this->mode($page, 'busy');
        $this->edit($page, 'pitch', '51');
        $page->find("[data-saving='lost']");
        $page->click("nav a[href='/']");
        $page->click('[data-aircraft=Midge] a');
        $page->find("[data-end='function:roll'] button");
        $this->mode($page, 'through');
        $page->until(fn (): bool => $this->hasExpo(5, '0.51'), 'the edit of Rook to be saved by itself');
        $page->click("nav a[href='/']");
        $page->click('[data-aircraft=Rook] a');
        $page->saved($revision + 1);
        self::assertTrue($this->hasExpo(5, '0.51'));
    }

    #[Group('long')]
    public function test_a_program_larger_than_a_browser_sends_on_by_itself_saves(): void
    {
        $document = json_decode((string) file_get_contents(self::$app->url('/api/aircraft/2/export')));
        $document->name = 'Heavy';
        // As many callouts, as wordy, as a document may hold.
        $document->sense ??= (object) [];
        $document->sense->calls = array_map(
            fn (int $number): object => (object) [
                'id' => "call-{$number}",
                'name' => "Callout {$number}",
                'when' => (object) ['control' => 'face-left', 'at' => 'away'],
                'says' => array_fill(0, 16, str_repeat('Word ', 15)),
            ],
            range(1, 60),
        );
        $text = (string) json_encode($document);
        self::assertGreaterThan(70_000, strlen($text));
        $answer = json_decode(
            (string) file_get_contents(
                self::$app->url('/api/import'),
                false,
                stream_context_create([
                    'http' => [
                        'method' => 'POST',
                        'header' => 'Content-Type: application/json',
                        'content' => $text,
                        'ignore_errors' => true,
                    ],
                ]),
            ),
        );
        self::assertSame('Heavy', $answer->name ?? json_encode($answer));

        $page = $this->bench('Heavy');
        // No other test of this hangar has typed it.
        $this->edit($page, 'roll', '34');
        $page->saved(2);
        self::assertTrue($this->hasExpo($answer->id, '0.34'));
    }
}
