<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\SlotAnswer;
use DuskSwitch\Core\Solve\SlotSolver;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each position in the middle of its slot (common practice), read back through the circuit. */
final class SlotSolverTest extends TestCase
{
    /**
     * @return array<string, array{string, string, bool, float, float}> transmitter, its switch, reversed, travel,
     * sub-trim
     */
    public static function benches(): array
    {
        return [
            '±512 µs' => ['harbour-16', 'left-front', false, 1.0, 0.0],
            '±400 µs' => ['quayside-8', 'face-left', false, 1.25, 0.0],
            'reversed' => ['harbour-16', 'left-front', true, 1.0, 0.0],
            'with a sub-trim' => ['harbour-16', 'left-front', false, 1.0, 0.1],
            'with a short travel' => ['harbour-16', 'left-front', false, 0.9, -0.05],
        ];
    }

    #[DataProvider('benches')]
    public function test_the_answer_lies_in_the_middle(
        string $transmitter,
        string $switch,
        bool $reverse,
        float $travel,
        float $subtrim,
    ): void {
        $kit = Given::transmitter($transmitter);
        $program = self::program($transmitter, $switch, [
            'reverse' => $reverse,
            'travel' => $travel,
            'subtrim' => $subtrim,
        ]);
        $slots = [
            new Slot(mode: 'gentle', channel: 6, from: 900, to: 1250),
            new Slot(mode: 'home', channel: 6, from: 1250, to: 1600),
            new Slot(mode: 'free', channel: 6, from: 1600, to: 2100),
        ];

        $solved = SlotSolver::solved($program, $kit, 6, $slots) ?? self::fail('nothing was solved');
        foreach (['toward' => 1075, 'middle' => 1425, 'away' => 1850] as $detent => $middle) {
            self::assertEqualsWithDelta($middle, self::pulse($solved, $kit, $switch, $detent), 1.0, $detent);
        }
        self::assertNull(SlotSolver::solved($solved, $kit, 6, $slots), 'what is right stays');
    }

    public function test_a_slot_that_is_too_far_out_says_how_many_microseconds_are_missing(): void
    {
        $kit = Given::transmitter('quayside-8');
        $program = self::program('quayside-8', 'face-left', ['travel' => 0.5]);
        $slots = [
            new Slot(mode: 'gentle', channel: 6, from: 1300, to: 1400),
            new Slot(mode: 'home', channel: 6, from: 1450, to: 1550),
            new Slot(mode: 'free', channel: 6, from: 2050, to: 2150),
        ];
        $answers = array_column(SlotSolver::answers($program, $kit, 6, $slots), null, 'pulse');

        // Half travel of ±400 µs, a step of at most 150 %: 1500 + 400 · 0.5 · 1.5 = 1800.
        self::assertSame(300.0, $answers[1800]->missing);
        self::assertSame('free', $answers[1800]->slot?->mode);
        self::assertSame(1.5, $answers[1800]->value, 'no step goes further');
        self::assertSame(-250, $answers[1800]->marginSolved());
        self::assertSame([0.0, 0.0], [$answers[1350]->missing, $answers[1500]->missing]);
        self::assertNull(SlotSolver::solved($program, $kit, 6, $slots), 'half an answer is none');

        // The other way down: 1500 - 400 · 0.5 · 1.5 = 1200.
        $low = array_column(
            SlotSolver::answers($program, $kit, 6, [
                new Slot(mode: 'gentle', channel: 6, from: 900, to: 1000),
                new Slot(mode: 'home', channel: 6, from: 1450, to: 1550),
                new Slot(mode: 'free', channel: 6, from: 1600, to: 1700),
            ]),
            null,
            'pulse',
        );
        self::assertSame([250.0, -1.5], [$low[1200]->missing, $low[1200]->value]);
    }

    /** A position 25 µs inside of its slot is as good as one in the middle (common practice); 24 µs are too few. */
    public function test_where_the_middle_is_out_of_reach_25_microseconds_from_the_edge_will_do(): void
    {
        $kit = Given::transmitter('quayside-8');
        $program = self::program('quayside-8', 'face-left', ['travel' => 0.5]);
        foreach ([1775 => 0.0, 1776 => 176.0] as $edge => $missing) {
            $slots = [
                new Slot(mode: 'gentle', channel: 6, from: 1300, to: 1400),
                new Slot(mode: 'home', channel: 6, from: 1450, to: 1550),
                new Slot(mode: 'free', channel: 6, from: $edge, to: $edge + 400),
            ];
            $answers = array_column(SlotSolver::answers($program, $kit, 6, $slots), null, 'pulse');
            self::assertEqualsWithDelta($missing, $answers[1800]->missing, 1e-9);
        }
    }

    public function test_what_a_feed_adds_is_taken_off_before_its_weight(): void
    {
        $kit = Given::transmitter();
        $feeds = [['from' => 'mode', 'weight' => 0.8, 'offset' => 0.2]];
        $program = self::program('harbour-16', 'left-front', ['feeds' => $feeds]);
        $slots = [
            new Slot(mode: 'gentle', channel: 6, from: 900, to: 1300),
            new Slot(mode: 'home', channel: 6, from: 1300, to: 1700),
            new Slot(mode: 'free', channel: 6, from: 1700, to: 2100),
        ];
        $solved = SlotSolver::solved($program, $kit, 6, $slots) ?? self::fail();

        foreach (['toward' => 1100, 'middle' => 1500, 'away' => 1900] as $detent => $middle) {
            self::assertEqualsWithDelta($middle, self::pulse($solved, $kit, 'left-front', $detent), 1.0, $detent);
        }
    }

    public function test_an_offset_that_just_reaches_needs_no_rate_and_one_step_more_does(): void
    {
        $mix = new \DuskSwitch\Core\Kit\PositionMix(
            new \DuskSwitch\Core\Kit\EntryGrid('points', -250, 250, 1, 500),
            new \DuskSwitch\Core\Kit\EntryGrid('%', -100, 100, 1, 100),
        );
        $solved = fn (float $signal): array => [
            ($one = \DuskSwitch\Core\Solve\PositionValue::solve($signal, $mix))->offset->value,
            $one->rate->value,
            round($one->lost(), 9),
            $one->needsRate(),
        ];

        self::assertSame([250.0, 0.0, 0.0, false], $solved(0.5));
        self::assertSame([-250.0, 0.0, 0.0, false], $solved(-0.5));
        self::assertSame([250.0, 1.0, 0.0, true], $solved(0.51));
        self::assertSame([-250.0, -1.0, 0.0, true], $solved(-0.51));
        self::assertSame([250.0, 25.0, 0.0, true], $solved(0.75));
        self::assertSame([250.0, 100.0, 0.25, true], $solved(1.75), 'offset and rate run out');
        // Between two points what is lost is less than one of them, and no rate helps.
        self::assertSame([100.0, 0.0, 0.0004, false], $solved(0.2004));
    }

    public function test_a_channel_that_nothing_moves_can_not_be_solved_and_says_how_far_it_is_off(): void
    {
        $kit = Given::transmitter();
        $program = self::program('harbour-16', 'left-front', ['feeds' => [['from' => 'mode', 'weight' => 0]]]);
        $answers = SlotSolver::answers($program, $kit, 6, [
            new Slot(mode: 'gentle', channel: 6, from: 900, to: 1250),
            new Slot(mode: 'home', channel: 6, from: 1400, to: 1600),
            new Slot(mode: 'free', channel: 6, from: 1600, to: 2100),
        ]);

        self::assertSame([0.0, 0.0, 0.0], array_map(fn (SlotAnswer $one): ?float => $one->value, $answers));
        self::assertEqualsCanonicalizing(
            [425.0, 0.0, 350.0],
            array_map(fn (SlotAnswer $one): float => round($one->missing, 6), $answers),
        );
    }

    /** Uneven weights: 400 µs down and 200 µs up for 100 % (1500 ± 512 · 0.78125 and · 0.390625). */
    public function test_uneven_weights_are_taken_on_the_side_where_the_step_is(): void
    {
        $kit = Given::transmitter();
        $program = self::program('harbour-16', 'left-front');
        $output = $program->output(6) ?? self::fail();
        $feed = $output->feeds[0];
        $program = $program->with(
            outputs: array_map(
                fn (Output $one): Output => $one->channel === 6
                    ? $one->with(feeds: [new Feed(source: $feed->source, weight: new Range(0.78125, 0.390625))])
                    : $one,
                $program->outputs,
            ),
        );
        $answers = SlotSolver::answers($program, $kit, 6, [
            new Slot(mode: 'gentle', channel: 6, from: 1200, to: 1400),
            new Slot(mode: 'home', channel: 6, from: 1420, to: 1580),
            new Slot(mode: 'free', channel: 6, from: 1500, to: 1700),
        ]);
        $by = array_column(
            array_map(
                fn (SlotAnswer $one): array => [$one->slot?->mode, $one->value, $one->pulse, $one->missing],
                $answers,
            ),
            null,
            0,
        );

        self::assertSame([1100, 1500, 1700], self::sorted(array_map(fn (SlotAnswer $one): int => $one->now, $answers)));
        self::assertEqualsWithDelta(['gentle', -0.5, 1300, 0.0], $by['gentle'], 1e-3);
        self::assertEqualsWithDelta(['free', 0.5, 1600, 0.0], $by['free'], 1e-3);
    }

    /**
     * @param  list<int>  $pulses
     * @return list<int>
     */
    private static function sorted(array $pulses): array
    {
        sort($pulses);

        return $pulses;
    }

    public function test_a_step_without_a_range_misses_nothing(): void
    {
        $answers = SlotSolver::answers(self::program('harbour-16', 'left-front'), Given::transmitter(), 6, [
            new Slot(mode: 'gentle', channel: 6, from: 900, to: 1250),
        ]);

        self::assertSame(
            [0.0, 0.0],
            array_values(
                array_map(
                    fn (SlotAnswer $one): float => $one->missing,
                    array_filter($answers, fn (SlotAnswer $one): bool => $one->slot === null),
                ),
            ),
        );
    }

    public function test_a_step_means_the_mode_that_it_says_and_never_one_by_its_name(): void
    {
        $kit = Given::transmitter();
        $program = self::program('harbour-16', 'left-front');
        $ranges = [
            new Slot(mode: 'come-home', channel: 6, from: 1400, to: 1600),
            new Slot(mode: 'home', channel: 6, from: 1700, to: 1800),
            new Slot(mode: 'home', channel: 6, from: 1550, to: 1650),
            new Slot(mode: 'free', channel: 6, from: 900, to: 1100),
        ];
        $answers = SlotSolver::answers($program, $kit, 6, $ranges);
        self::assertSame([null, 'home', 'free'], array_map(fn ($one) => $one->slot?->mode, $answers));
        self::assertSame(1550, $answers[1]->slot?->from, 'of two ranges of its mode the nearer one');
        $below = SlotSolver::answers($program, $kit, 6, [
            new Slot(mode: 'home', channel: 6, from: 1100, to: 1200),
            new Slot(mode: 'home', channel: 6, from: 1300, to: 1400),
            new Slot(mode: 'home', channel: 6, from: 2000, to: 2100),
        ]);
        self::assertSame(1300, $below[1]->slot?->from, 'also from below');

        $elsewhere = SlotSolver::answers($program, $kit, 6, [new Slot(mode: 'home', channel: 7, from: 1400, to: 1600)]);
        self::assertSame(
            [null, null, null],
            array_map(fn ($one) => $one->slot, $elsewhere),
            'slots of another channel mean nothing here',
        );
    }

    public function test_only_a_stepped_function_alone_on_its_channel_can_be_solved(): void
    {
        $kit = Given::transmitter();
        $slots = [new Slot(mode: 'home', channel: 6, from: 1400, to: 1600)];
        $mixed = self::program('harbour-16', 'left-front', [
            'feeds' => [['from' => 'mode'], ['from' => 'mode', 'weight' => 0.1]],
        ]);

        self::assertSame([], SlotSolver::answers($mixed, $kit, 6, $slots));
        self::assertSame([], SlotSolver::answers($mixed, $kit, 12, $slots), 'no such channel');
    }

    /** @param  array<string, mixed>  $output */
    private static function program(string $transmitter, string $switch, array $output = []): Program
    {
        return Given::program([
            'version' => 2,
            'transmitter' => $transmitter,
            'functions' => [
                [
                    'id' => 'mode',
                    'name' => 'Mode',
                    'purpose' => 'flight-mode',
                    'steps' => [
                        ['id' => 'gentle', 'value' => -1, 'means' => ['mode' => 'gentle']],
                        ['id' => 'home', 'name' => 'Come home', 'value' => 0, 'means' => ['mode' => 'home']],
                        ['id' => 'free', 'value' => 1, 'means' => ['mode' => 'free']],
                    ],
                    'drive' => [
                        'control' => $switch,
                        'map' => ['away' => 'free', 'middle' => 'home', 'toward' => 'gentle'],
                    ],
                ],
            ],
            'outputs' => [$output + ['channel' => 6, 'name' => 'Mode', 'feeds' => [['from' => 'mode']]]],
        ])->program;
    }

    private static function pulse(Program $program, Transmitter $transmitter, string $switch, string $detent): ?int
    {
        return Given::frame(Compiler::compile($program, $transmitter), [], [$switch => $detent])->pulse(6);
    }
}
