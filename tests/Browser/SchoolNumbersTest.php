<?php

namespace DuskSwitch\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** Schools from new equipment to the pulse, with numbers worked out by hand (common practice). */
final class SchoolNumbersTest extends BrowserTestCase
{
    /** A pulse on the screen, within one microsecond. */
    private function near(Page $page, int $channel, int $pulse): void
    {
        $page->until(
            fn (): bool => abs((int) $page->text("[data-pulse='{$channel}']") - $pulse) <= 1,
            "channel {$channel} at {$pulse} µs; it is at ".$page->text("[data-pulse='{$channel}']"),
        );
        self::assertEqualsWithDelta($pulse, (int) $page->text("[data-pulse='{$channel}']"), 1);
    }

    /**
     * A transmitter of ±400 µs is made, then a multirotor on it, until it is ready.
     *
     * @param  array<string, string>  $school  option by question
     * @return array{Page, string} and where the aircraft is
     */
    private function fromNewToReady(string $name, array $school): array
    {
        $page = $this->page()->open('/equipment?kind=transmitters')->press('New transmitter');
        $page
            ->fill('#tx-name', "Bank {$name}")
            ->fill('#tx-channels', '8')
            ->named('Two-way hopping', 'label')
            ->click();
        $page->press('Draw it')->press('Keep it');
        $page->until(fn (): bool => ! $page->has('[role=dialog]'), 'the transmitter to be kept');
        $page = $this->page();
        (new Newcomer($page, new Mouse($page)))
            ->makes($name, [
                'family' => 'Multirotor',
                'transmitter' => "Bank {$name}, 8 channels",
                'receiver' => 'Lantern R8',
                'controller' => 'Keel F4',
                ...$school,
            ])
            ->getsReady(['speed' => 'Heron 45', 'pack' => 'Nightjar 4 cells 1300']);
        self::assertSame('✓ Ready to fly', $page->text('[data-ready]'));
        $path = (string) parse_url((string) $page->browser->getCurrentURL(), PHP_URL_PATH);

        return [$page, (string) preg_replace('#/fly/.*$#', '', $path)];
    }

    /**
     * @return iterable<string, array{string, array<string, string>, list<int>}> answers, then the arm channel in µs at
     * each position of its switch from toward to away, 125 % of ±400
     */
    public static function switches(): iterable
    {
        yield 'a switch of its own' => [
            'Eigenschalter',
            ['arming' => 'A two-position switch of its own'],
            [1000, 2000],
        ];
        yield 'at the far position only' => [
            'Fernschalter',
            ['arming' => 'A three-position switch, at its far end only'],
            [1000, 1000, 2000],
        ];
        yield 'with the mode on one switch' => [
            'Gemeinsam',
            ['arming' => 'One three-position switch: safe, level, free'],
            [1000, 2000, 2000],
        ];
    }

    /** @return array<string, array{string, array<string, string>, list<int>}> */
    public static function schools(): array
    {
        return self::few(self::switches(), 1);
    }

    /**
     * @param  array<string, string>  $school
     * @param  list<int>  $pulses
     */
    #[Group('long')]
    #[DataProvider('schools')]
    public function test_armed_by_a_switch_on_a_new_transmitter(string $name, array $school, array $pulses): void
    {
        [$page, $at] = $this->fromNewToReady($name, $school);
        $id = (int) preg_replace('#\D#', '', $at);
        $document = json_decode((string) file_get_contents(self::$app->url("/api/aircraft/{$id}")))->document;
        // Where one switch does both, it has a function of its own.
        $drives = array_column($document->functions, 'drive', 'id');
        $control = ($drives['state'] ?? $drives['arm'])->control;
        $page->open("{$at}/prove/live");
        foreach (count($pulses) === 2 ? ['toward', 'away'] : ['toward', 'middle', 'away'] as $place => $detent) {
            $page->click("[data-control='{$control}'] [data-detent='{$detent}']");
            $this->near($page, 5, $pulses[$place]);
        }
    }

    /** ±400 µs: 125 % is 1000 to 2000; for the corners 150 % is 900 and 144 % is 2076. */
    #[Group('long')]
    public function test_armed_by_the_sticks_on_a_new_transmitter_of_400_microseconds(): void
    {
        [$page, $at] = $this->fromNewToReady('Eckenflieger', [
            'arming' => 'The sticks: low and to the right',
            'modes' => 'A switch each; free where none is on',
        ]);

        $page->open("{$at}/prove/live")->stick('left', 1.2, -1.2);
        $this->near($page, 3, 1000);
        $this->near($page, 4, 2000);

        $page->open("{$at}/program/loom");
        foreach (['Throttle' => '150', 'Yaw' => '144'] as $name => $travel) {
            $page->click("[data-end='output:".($name === 'Yaw' ? 4 : 3)."']");
            foreach (['low', 'high'] as $side) {
                $page->fill("[aria-label='Travel {$side}']", $travel);
                $page->until(fn (): bool => $page->has("[data-saving='saved']"), 'it to be saved');
            }
        }
        $page->open("{$at}/prove/live")->stick('left', 1.2, -1.2);
        $this->near($page, 3, 900);
        $this->near($page, 4, 2076);
        $page->stick('left', -1.2, -1.2);
        $this->near($page, 4, 924);

        $page->open("{$at}/fly/ready")->find("[data-item='bench'][data-state='changed']");
        $page
            ->open("{$at}/prove/bench")
            ->press('Propellers are off')
            ->find("[data-guided='corners']");
        $corners = $page->text("[data-guided='corners']");
        self::assertStringContainsString(
            'Throttle down, yaw right: Throttle 900 µs, Yaw 2076 µs, and it arms',
            $corners,
        );
        self::assertStringContainsString(
            'Throttle down, yaw left: Throttle 900 µs, Yaw 924 µs, and it stops',
            $corners,
        );
    }

    /** A transmitter that enters positions by mixes: 500 points of offset are 100 %, 100 % are 400 µs. */
    public function test_three_positions_by_offset_and_rate_are_within_a_microsecond(): void
    {
        $page = $this->page()->open('/aircraft/2/program/sheet');
        $page->find("[data-section='Switch positions']");
        preg_match_all(
            '/(\d) ([^,\n]+), ([^\n]+?)\s+offset (−?\d+) points, rate (−?\d+) %: (\d+) µs/u',
            $page->text("[data-section='Switch positions']"),
            $rows,
            PREG_SET_ORDER,
        );
        self::assertCount(4, $rows);
        foreach ($rows as [, , , , $offset, $rate, $pulse]) {
            [$offset, $rate] = array_map(fn (string $one): int => (int) strtr($one, ['−' => '-']), [$offset, $rate]);
            self::assertLessThanOrEqual(1, abs(1500 + 400 * ($offset / 500 + $rate / 100) - (int) $pulse));
        }
    }

    public function test_order_and_direction_wrong_at_once_then_the_ends_of_a_reversed_channel(): void
    {
        $page = $this->page()->open('/aircraft/7/prove/bench')->press('Propellers are off');
        foreach (['roll' => 'Yaw', 'yaw' => 'Roll'] as $stick => $moved) {
            $page->choose("[aria-label='What the {$stick} stick moves']", $moved);
            $page->choose("[aria-label='Which way the {$stick} stick goes']", 'the wrong way');
        }
        $page->press('Solve order and direction')->press('Apply')->saved(2);
        $page->open('/aircraft/7/prove/live')->stick('right', 1.2, 0);
        $this->near($page, 4, 1000);
        $this->near($page, 1, 1500);
        $page->stick('left', 1.2, 0);
        $this->near($page, 1, 1000);

        // 1012, 1504 and 1996 are read: 492 µs on each side, where 500 are wanted, so 508 are sent; the middle is 4 too
        // high. The make sends it the other way round, so here, as pulses are counted, it goes up by 4.
        $page->open('/aircraft/7/prove/bench')->press('Propellers are off');
        $page->choose("[aria-label='Channel to centre']", '4 Roll');
        foreach (['Low end' => '1012', 'Centre' => '1504', 'High end' => '1996'] as $name => $read) {
            $page->keys("[aria-label='{$name} in µs']", $read);
        }
        $page->press('Solve centre and ends')->press('Apply')->saved(3);
        $page->open('/aircraft/7/prove/live');
        $this->near($page, 4, 1504);
        $page->stick('right', 1.2, 0);
        $this->near($page, 4, 1504 - 508);
        $page->stick('right', -1.2, 0);
        $this->near($page, 4, 1504 + 508);
    }
}
