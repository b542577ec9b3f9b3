<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ScriptDecoder;
use DuskSwitch\Core\Format\SeriesEncoder;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Fades, delay and slow, tick by tick. */
final class TimeTest extends TestCase
{
    /**
     * @param  list<array<string, mixed>>  $at
     * @return array<string, Frame> by seconds
     */
    private function replay(Circuit $circuit, float $seconds, array $at): array
    {
        $frames = [];
        $script = ScriptDecoder::read(
            Json::decode((string) json_encode(['seconds' => $seconds, 'at' => $at])),
            $circuit->panel,
        );
        foreach ($script->run($circuit) as $t => $frame) {
            $frames[(string) $t] = $frame;
        }

        return $frames;
    }

    private function fading(float $fade): Circuit
    {
        return Given::program([
            'phases' => [
                ['id' => 'main', 'name' => 'Main'],
                ['id' => 'soft', 'name' => 'Soft', 'when' => ['control' => 'left-front', 'at' => 'away'], 'fade' => $fade],
                ['id' => 'hard', 'name' => 'Hard', 'when' => ['control' => 'left-front', 'at' => 'middle'], 'fade' => 0.4],
            ],
            'functions' => [
                [
                    'id' => 'roll',
                    'name' => 'Roll',
                    'drive' => ['axis' => 'roll'],
                    'shape' => ['main' => ['rate' => 1.0], 'soft' => ['rate' => 0.2], 'hard' => ['rate' => 1.4]],
                ],
            ],
        ]);
    }

    public function test_a_phase_fades_in_along_a_straight_line(): void
    {
        $frames = $this->replay($this->fading(1.0), 3, [
            ['t' => 0, 'axes' => ['roll' => 1]],
            ['t' => 1.0, 'controls' => ['left-front' => 'away']],
        ]);
        $roll = fn (string $t): float => $frames[$t]->functions()['roll'];

        self::assertSame(1.0, $roll('0.98'));
        self::assertEqualsWithDelta(1.0, $roll('1'), 1e-12);
        self::assertEqualsWithDelta(1.0 - 0.8 * 0.24, $roll('1.24'), 1e-9);
        self::assertEqualsWithDelta(0.6, $roll('1.5'), 1e-9);
        self::assertEqualsWithDelta(0.2, $roll('2'), 1e-9);
        self::assertSame(0.2, $roll('2.02'));
        self::assertSame('soft', $frames['1']->phase());
    }

    public function test_a_phase_that_changes_half_way_goes_on_from_where_it_was(): void
    {
        $frames = $this->replay($this->fading(1.0), 2, [
            ['t' => 0, 'axes' => ['roll' => 1]],
            ['t' => 0.5, 'controls' => ['left-front' => 'away']],
            ['t' => 1.0, 'controls' => ['left-front' => 'middle']],
        ]);
        $last = 1.0;
        foreach ($frames as $t => $frame) {
            $now = $frame->functions()['roll'];
            // The steepest fade goes from 0.6 to 1.4 in 0.4 s: 0.04 a tick.
            self::assertLessThanOrEqual(0.0401, abs($now - $last), "at {$t} s");
            $last = $now;
        }
        self::assertEqualsWithDelta(0.6, $frames['1']->functions()['roll'], 1e-9);
        self::assertEqualsWithDelta(1.0, $frames['1.2']->functions()['roll'], 1e-9);
        self::assertEqualsWithDelta(1.4, $last, 1e-12);
    }

    public function test_a_phase_without_a_fade_is_there_at_once(): void
    {
        $frames = $this->replay($this->fading(0.0), 1, [
            ['t' => 0, 'axes' => ['roll' => 1]],
            ['t' => 0.5, 'controls' => ['left-front' => 'away']],
        ]);

        self::assertSame([1.0, 0.2], [$frames['0.48']->functions()['roll'], $frames['0.5']->functions()['roll']]);
    }

    /** @param  array<string, mixed>  $feed */
    private function feed(array $feed): Circuit
    {
        return Given::program([
            'outputs' => [['channel' => 1, 'name' => 'One', 'feeds' => [$feed + ['from' => ['axis' => 'roll']]]]],
        ]);
    }

    public function test_a_delayed_feed_comes_so_much_later(): void
    {
        $frames = $this->replay($this->feed(['delay' => 0.3]), 2, [
            ['t' => 0, 'axes' => ['roll' => -0.5]],
            ['t' => 1.0, 'axes' => ['roll' => 0.5]],
        ]);
        $signal = fn (string $t): float => $frames[$t]->outputs()[1]->signal;

        self::assertSame([-0.5, -0.5, 0.5], [$signal('0'), $signal('1.28'), $signal('1.3')]);
    }

    public function test_a_slow_feed_never_passes_its_rate(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $at = array_map(
            fn (int $i): array => ['t' => $i / 5, 'axes' => ['roll' => $random->getInt(-100, 100) / 100]],
            range(0, 49),
        );
        $frames = array_values($this->replay($this->feed(['slow' => [2.0, 0.5]]), 10, $at));
        foreach ($frames as $index => $frame) {
            if ($index > 0) {
                $change = $frame->outputs()[1]->signal - $frames[$index - 1]->outputs()[1]->signal;
                // Up: 2 in 2 s, 0.02 a tick. Down: 2 in 0.5 s, 0.08 a tick.
                self::assertLessThanOrEqual(0.02 + 1e-12, $change);
                self::assertGreaterThanOrEqual(-0.08 - 1e-12, $change);
            }
        }
    }

    public function test_gear_takes_its_three_seconds(): void
    {
        $frames = $this->replay($this->feed(['slow' => 3.0]), 4, [
            ['t' => 0, 'axes' => ['roll' => -1]],
            ['t' => 0.5, 'axes' => ['roll' => 1]],
        ]);
        $signal = fn (string $t): float => $frames[$t]->outputs()[1]->signal;

        self::assertSame(-1.0, $signal('0.48'));
        self::assertEqualsWithDelta(0.0, $signal('1.98'), 1e-9);
        self::assertEqualsWithDelta(1.0, $signal('3.48'), 1e-9);
    }

    /** @return array<string, array{string}> what a press has toggled isn't where a frame by itself begins */
    public static function withoutToggles(): array
    {
        return array_filter(
            Given::demos(),
            fn (array $demo): bool => ! str_contains(Given::demo($demo[0]), '"toggle"'),
        );
    }

    #[DataProvider('withoutToggles')]
    public function test_once_everything_has_arrived_a_tick_is_a_settled_frame(string $name): void
    {
        $circuit = Given::circuit(Given::demo($name));
        $random = new Randomizer(new Mt19937(11));
        $state = null;
        for ($try = 0; $try < 8; $try++) {
            $hand = array_map(
                fn (float $rest): float => $rest === -1.0
                    ? [-1.0, 1.0][$random->getInt(0, 1)]
                    : $random->getInt(-10, 10) / 10,
                $circuit->panel->atRest(),
            );
            for ($tick = 0; $tick < 200; $tick++) {
                $now = $circuit->tick($hand, $state);
                $state = $now->state;
            }
            self::assertEqualsWithDelta($circuit->frame($hand)->slots, $now->frame->slots, 1e-9, $name);
        }
    }

    public function test_the_same_state_and_inputs_give_the_same_tick_and_the_old_state_stays(): void
    {
        $circuit = $this->fading(1.0);
        $hand = $circuit->panel->atRest();
        $first = $circuit->tick($hand);
        $hand[0] = 1.0;
        $hand[(int) $circuit->panel->control('left-front')] = 1.0;
        $memory = $first->state->memory;

        self::assertEquals($circuit->tick($hand, $first->state), $circuit->tick($hand, $first->state));
        self::assertSame($memory, $first->state->memory);
    }

    public function test_a_replay_gives_the_same_bytes(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $script = ScriptDecoder::read(
            Json::decode(
                '{"tick": 0.1, "seconds": 5, "at": [{"t": 1, "controls": {"shoulder-right": "away"}}, {"t": 2.5, '.
                    '"axes": {"roll": -0.3}, "trims": {"roll": 0.2}}]}',
            ),
            $circuit->panel,
        );
        $text = fn (): string => implode('', [...SeriesEncoder::csv($script->run($circuit), $circuit->program)]);

        self::assertSame($text(), $text());
        self::assertSame(52, substr_count($text(), "\r\n"));
        self::assertStringStartsWith('t,phase,roll,pitch,yaw,throttle,cut,task,brake,camber,channel 1 µs', $text());
        self::assertCount(
            51,
            json_decode(implode('', [...SeriesEncoder::json($script->run($circuit))]), true)['series'],
        );
    }

    public function test_an_explanation_tells_what_a_lagging_feed_brings_now(): void
    {
        $circuit = $this->feed(['slow' => 4.0, 'weight' => 0.5]);
        $state = null;
        foreach ([...array_fill(0, 5, -1.0), ...array_fill(0, 25, 1.0)] as $roll) {
            $tick = $circuit->tick([$roll, ...array_slice($circuit->panel->atRest(), 1)], $state);
            $state = $tick->state;
        }
        $why = $circuit->explain(1, $tick->frame, $state);

        // From −0.5 upwards for half a second at 0.5 a second.
        self::assertEqualsWithDelta(-0.25, $why->contributions[0]->amount ?? null, 1e-9);
        self::assertEqualsWithDelta($tick->frame->outputs()[1]->signal, $why->afterSubtrim ?? null, 1e-12);
        self::assertEqualsWithDelta(0.5, $circuit->explain(1, $tick->frame)->contributions[0]->amount ?? null, 1e-12);
        self::assertSame(6.0, $circuit->settlesIn);
    }

    #[DataProvider('badScripts')]
    public function test_a_script_that_cannot_be_is_refused(string $says, string $text): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        ScriptDecoder::read(Json::decode($text), Given::circuit(Given::demo('tern'))->panel);
    }

    /** @return list<array{string, string}> */
    public static function badScripts(): array
    {
        return [
            ['at[1].t: comes before the entry above it, at 2 s', '{"seconds": 5, "at": [{"t": 2}, {"t": 1}]}'],
            ['at[0].t: must be from 0 to 5, not 9', '{"seconds": 5, "at": [{"t": 9}]}'],
            ['at[0]: say at which time', '{"seconds": 5, "at": [{"axes": {}}]}'],
            ['tick: must be a multiple of 0.02 s', '{"tick": 0.03, "seconds": 5, "at": []}'],
            ['seconds: this is missing', '{"at": []}'],
            ['seconds: must be from 0 to 3600', '{"seconds": 1e9, "at": []}'],
            ['at[0].axes.roll: must be a number', '{"seconds": 1, "at": [{"t": 0, "axes": {"roll": "left"}}]}'],
        ];
    }
}
