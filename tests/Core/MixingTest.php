<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Signal\Circuit;
use PHPUnit\Framework\TestCase;

/** Feeds: how functions, controls and other outputs come together on a channel. */
final class MixingTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $feeds */
    private function channel(array $feeds, array $more = []): Circuit
    {
        return Given::program(
            $more + [
                'functions' => [
                    ['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']],
                    ['id' => 'pitch', 'name' => 'Pitch', 'drive' => ['axis' => 'pitch']],
                ],
                'outputs' => [['channel' => 1, 'name' => 'Surface', 'feeds' => $feeds]],
            ],
        );
    }

    private function signal(Circuit $circuit, array $axes = [], array $controls = []): float
    {
        return Given::frame($circuit, $axes, $controls)->outputs()[1]->signal;
    }

    public function test_elevons_are_pitch_plus_roll_and_pitch_minus_roll(): void
    {
        $circuit = Given::circuit(Given::demo('dunlin'));
        $climbRight = Given::frame($circuit, ['pitch' => 1, 'roll' => 1])->outputs();

        // Roll right and pitch up: the right elevon stays near the middle, the left one goes all the way.
        self::assertGreaterThan(0.9, $climbRight[1]->signal);
        self::assertLessThan(0.2, $climbRight[2]->signal);
    }

    public function test_added_feeds_add_up(): void
    {
        $circuit = $this->channel([['from' => 'pitch', 'weight' => 0.5], ['from' => 'roll', 'weight' => -0.25]]);

        self::assertEqualsWithDelta(
            0.5 * 0.6 - 0.25 * 0.8,
            $this->signal($circuit, ['pitch' => 0.6, 'roll' => 0.8]),
            1e-12,
        );
    }

    public function test_differential_weighs_up_and_down_apart(): void
    {
        $circuit = $this->channel([['from' => 'roll', 'weight' => [0.5, 1.0]]]);

        self::assertSame(1.0, $this->signal($circuit, ['roll' => 1]));
        self::assertSame(-0.5, $this->signal($circuit, ['roll' => -1]));
    }

    public function test_replace_drops_the_sum_so_far_and_scale_multiplies_it(): void
    {
        $replaced = $this->channel([
            ['from' => 'pitch'],
            ['from' => 'roll', 'weight' => 0.5, 'combine' => 'replace'],
            ['from' => 1, 'weight' => 0.1],
        ]);
        self::assertEqualsWithDelta(0.5, $this->signal($replaced, ['pitch' => 1, 'roll' => 0.8]), 1e-12);

        $scaled = $this->channel([
            ['from' => 'pitch'],
            ['from' => ['control' => 'dial-left'], 'weight' => 0.5, 'offset' => 0.5, 'combine' => 'scale'],
        ]);
        self::assertEqualsWithDelta(0.8 * 0.75, $this->signal($scaled, ['pitch' => 0.8], ['dial-left' => 0.5]), 1e-12);
    }

    public function test_a_feed_is_skipped_while_its_condition_does_not_hold(): void
    {
        $circuit = $this->channel([
            ['from' => 'pitch'],
            ['from' => 'roll', 'when' => ['control' => 'left-back', 'at' => 'away']],
        ]);

        self::assertSame(0.5, $this->signal($circuit, ['pitch' => 0.5, 'roll' => 0.25]));
        self::assertSame(0.75, $this->signal($circuit, ['pitch' => 0.5, 'roll' => 0.25], ['left-back' => 'away']));
    }

    public function test_a_curve_bends_the_source_before_weight_and_offset(): void
    {
        $circuit = $this->channel(
            [['from' => 'roll', 'curve' => 'half', 'weight' => 0.5, 'offset' => 0.1]],
            ['curves' => ['half' => ['points' => [[-1, 0], [0, 0], [1, 1]]]]],
        );

        self::assertEqualsWithDelta(0.1, $this->signal($circuit, ['roll' => -0.7]), 1e-12);
        self::assertEqualsWithDelta(0.4, $this->signal($circuit, ['roll' => 0.6]), 1e-12);
    }

    public function test_an_output_can_take_from_an_axis_and_from_a_lower_output(): void
    {
        $circuit = Given::program([
            'outputs' => [
                ['channel' => 3, 'name' => 'Follows', 'feeds' => [['from' => ['output' => 1], 'weight' => -1.0]]],
                ['channel' => 1, 'name' => 'Leads', 'feeds' => [['from' => ['axis' => 'yaw']]], 'subtrim' => 0.1],
            ],
        ]);

        self::assertEqualsWithDelta(-0.5, Given::frame($circuit, ['yaw' => 0.4])->outputs()[3]->signal, 1e-12);
    }

    public function test_a_sum_past_150_percent_clips(): void
    {
        $circuit = $this->channel([['from' => 'pitch', 'weight' => 1.0], ['from' => 'roll', 'weight' => 1.0]]);
        $output = Given::frame($circuit, ['pitch' => 1, 'roll' => 1])->outputs()[1];

        self::assertSame([1.5, true], [$output->signal, $output->clipped]);
    }

    public function test_an_explanation_adds_up_to_the_pulse(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $frame = Given::frame(
            $circuit,
            ['roll' => 0.5, 'throttle' => -1],
            ['shoulder-right' => 'middle', 'slider-left' => -0.05],
        );
        $why = $circuit->explain(2, $frame);

        self::assertNotNull($why);
        self::assertSame(['Roll', 'Camber', 'Brakes'], array_column($why->contributions, 'name'));
        self::assertEqualsWithDelta($why->sum, array_sum(array_column($why->contributions, 'amount')), 1e-12);
        self::assertSame($frame->pulse(2), $why->pulse);
        self::assertEqualsWithDelta($frame->outputs()[2]->signal, $why->afterSubtrim, 1e-12);
        self::assertNull($circuit->explain(12, $frame));
    }

    public function test_an_explanation_names_what_is_skipped(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $launching = Given::frame($circuit, ['roll' => 0.5], ['shoulder-right' => 'away']);

        self::assertSame('launch', $launching->phase());
        self::assertSame([true, false], array_column($circuit->explain(6, $launching)->contributions ?? [], 'active'));
    }
}
