<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Tick;
use DuskSwitch\Core\Space\CircuitCheck;
use DuskSwitch\Core\Space\HandSearch;
use DuskSwitch\Core\Space\Model;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Region;
use DuskSwitch\Core\Space\SplitPoints;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;
use DuskSwitch\Core\Space\WitnessFinder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A hand that is shown for a danger: it's a real one, the circuit says the same of it, and a memory has a way to it.
 */
final class WitnessTest extends TestCase
{
    /**
     * A channel that a latch raises, with what sets the latch.
     *
     * @param  array<string, mixed>  $set
     */
    private static function latched(array $set): Circuit
    {
        return Given::program([
            'functions' => [
                ['id' => 'h', 'name' => 'Höhe', 'drive' => ['axis' => 'pitch']],
                ['id' => 'g', 'name' => 'Gas', 'drive' => ['axis' => 'throttle']],
                ['id' => 'd', 'name' => 'Dreher', 'drive' => ['control' => 'dial-left']],
                [
                    'id' => 's',
                    'name' => 'Stufe',
                    'steps' => [['id' => 'eins', 'value' => -1.0], ['id' => 'zwei', 'value' => 1.0]],
                    'drive' => ['control' => 'right-shoulder', 'map' => ['away' => 'zwei', 'toward' => 'eins']],
                ],
                ['id' => 'x', 'name' => 'Klappe', 'drive' => ['axis' => 'yaw']],
            ],
            'outputs' => [
                [
                    'channel' => 6,
                    'name' => 'Klappe',
                    'feeds' => [
                        ['from' => 'x'],
                        [
                            'from' => 1,
                            'weight' => 0.6,
                            'when' => ['latch' => ['set' => $set, 'reset' => ['control' => 'left-shoulder', 'at' => 'away']]],
                        ],
                    ],
                ],
            ],
        ]);
    }

    /** True where channel 6 is above 1600 µs. */
    private static function raised(Region $region): Question
    {
        return new Question($region, function (array $seen): int {
            $truth = 0;
            foreach ($seen[0]->pulses(6) as [$low, $high]) {
                $truth |= ($high > 1600 ? Truth::HOLDS : 0) | ($low <= 1600 ? Truth::FAILS : 0);
            }

            return $truth;
        });
    }

    /** @return iterable<string, array{array<string, mixed>}> what sets the latch: none of it is so at rest */
    public static function sets(): iterable
    {
        yield 'a stick held back' => [['function' => 'h', 'below' => -0.9]];
        yield 'a stick pushed forward' => [['function' => 'h', 'above' => 0.9]];
        yield 'the throttle in the middle' => [
            ['all' => [['function' => 'g', 'above' => -0.1], ['function' => 'g', 'below' => 0.1]]],
        ];
        yield 'a dial at its low end' => [['function' => 'd', 'below' => -0.9]];
        yield 'a dial at its high end' => [['function' => 'd', 'above' => 0.9]];
        yield 'a step of a switch' => [['step' => ['s', 'zwei']]];
        yield 'a switch' => [['control' => 'left-front', 'at' => 'away']];
        yield 'a dial just above a level' => [['control' => 'dial-right', 'above' => 0.42]];
        yield 'a dial just below a level' => [
            ['all' => [['control' => 'dial-right', 'below' => -0.42], ['control' => 'dial-right', 'above' => -0.44]]],
        ];
        yield 'a dial at the last of its way' => [['control' => 'dial-right', 'above' => 0.995]];
        yield 'a dial at the first of its way' => [['control' => 'dial-right', 'below' => -0.995]];
    }

    /** @param  array<string, mixed>  $set */
    #[DataProvider('sets')]
    public function test_a_way_to_what_is_remembered_is_found_with_hands_that_there_are(array $set): void
    {
        $circuit = self::latched($set);
        $model = new Model($circuit);
        $question = self::raised($model->everything());
        $rest = $circuit->panel->atRest();
        $witness = (new CircuitCheck($model, $question))->of($rest, []);

        self::assertNotNull($witness);
        self::assertSame($rest, $witness->hand);
        self::assertNotSame([], $witness->script, 'at rest it is not so');
        foreach ($witness->script as $hand) {
            self::assertGreaterThanOrEqual(-1.0, min($hand));
            self::assertLessThanOrEqual(1.0, max($hand));
        }
        self::assertLessThanOrEqual(3, count($witness->script), 'it is short');
        self::assertGreaterThan(1600, $witness->frame($circuit)->pulse(6));
        $state = null;
        foreach ([...$witness->script, $witness->hand] as $hand) {
            $ticks = (int) ceil(1.0 / Tick::SECONDS);
            for ($i = 0; $i < $ticks; $i++) {
                $tick = $circuit->tick($hand, $state);
                $state = $tick->state;
            }
        }
        self::assertGreaterThan(1600, $tick->frame->pulse(6), 'the circuit says the same, tick by tick');
    }

    public function test_what_nothing_can_set_has_no_way(): void
    {
        $circuit = self::latched(['all' => [['function' => 'h', 'below' => -0.9], ['function' => 'h', 'above' => 0.9]]]);
        $model = new Model($circuit);

        self::assertNull(
            (new CircuitCheck($model, self::raised($model->everything())))->of($circuit->panel->atRest(), []),
        );
    }

    public function test_a_witness_with_telemetry_is_shown_with_it(): void
    {
        $circuit = Given::program([
            'functions' => [['id' => 'x', 'name' => 'Klappe', 'drive' => ['axis' => 'yaw']]],
            'outputs' => [
                [
                    'channel' => 6,
                    'name' => 'Klappe',
                    'feeds' => [
                        ['from' => 'x'],
                        ['from' => 1, 'weight' => 0.6, 'when' => ['sensor' => 'volt', 'below' => 10.5]],
                    ],
                ],
            ],
        ]);
        $rest = $circuit->panel->atRest();
        self::assertSame(1500, (new Witness($rest, []))->frame($circuit)->pulse(6));
        self::assertSame(1500, (new Witness($rest, [], [], ['volt' => 11.0]))->frame($circuit)->pulse(6));
        self::assertSame(1500 + 307, (new Witness($rest, [], [], ['volt' => 10.0]))->frame($circuit)->pulse(6));
        self::assertSame(1500 + 307, (new Witness($rest, [], [$rest], ['volt' => 10.0]))->frame($circuit)->pulse(6));
        // The question finds it, too, and says at what.
        $model = new Model($circuit);
        $question = self::raised($model->everything());
        $sensor = $model->memories->sensors['volt'];
        $known = $model->memories->known['volt'];
        $check = new CircuitCheck($model, $question);
        self::assertSame(['volt' => 9.0], $check->of([...$rest, $sensor => 9.0, $known => 1.0], [])?->telemetry);
        self::assertNull($check->of([...$rest, $sensor => 12.0, $known => 1.0], []));
        self::assertNull($check->of([...$rest, $sensor => 9.0, $known => 0.0], []), 'what isn\'t known sets nothing');
    }

    /** @return iterable<string, array{array{float, float}, float, float|null}> span, level, the value to be found */
    public static function places(): iterable
    {
        yield 'at the low end' => [[-0.4, 0.8], 0.3, -0.4];
        yield 'at the high end' => [[-0.4, 0.8], 0.3, 0.8];
        yield 'in the middle' => [[-0.4, 0.8], 0.3, 0.0];
        yield 'half way down' => [[-0.4, 0.8], 0.3, -0.2];
        yield 'half way up' => [[-0.4, 0.8], 0.3, 0.4];
        yield 'at a level' => [[-0.4, 0.8], 0.3, 0.3];
        yield 'above a level' => [[-0.4, 0.8], 0.3, 0.3 + WitnessFinder::BEYOND];
        yield 'below a level' => [[-0.4, 0.8], 0.3, 0.3 - WitnessFinder::BEYOND];
        yield 'at a level above the span' => [[-0.4, 0.8], 0.9, null];
        yield 'at a level below the span' => [[-0.4, 0.8], -0.9, null];
    }

    /** @param  array{float, float}  $span */
    #[DataProvider('places')]
    public function test_hands_are_tried_at_the_ends_at_rest_and_about_levels_and_never_outside(
        array $span,
        float $level,
        ?float $wanted,
    ): void {
        $circuit = Given::program([
            'functions' => [['id' => 'x', 'name' => 'Klappe', 'drive' => ['axis' => 'yaw']]],
            'outputs' => [['channel' => 6, 'name' => 'Klappe', 'feeds' => [['from' => 'x']]]],
        ]);
        $model = new Model($circuit);
        $dial = (int) $circuit->panel->control('dial-left');
        $yaw = $circuit->panel->axis(Axis::Yaw);
        $region = $model->everything()->between($dial, ...$span);
        // It's so with the dial just there, and the yaw stick left.
        $at = $wanted ?? $level;
        $question = new Question(
            $region,
            fn (array $seen): int => Truth::of(
                abs($seen[0]->input($dial)[0][0] - $at) < 1e-6 && $seen[0]->input($yaw)[0][0] < -0.5,
            ),
            height: fn (array $seen): float => self::height($seen[0], $dial, $at),
        );
        $splits = new SplitPoints();
        $splits->level($dial, $level);
        $splits->reads($yaw, $region);
        $witness = (new HandSearch($model, $question))->found($splits);

        self::assertSame($wanted === null, $witness === null);
        if ($witness !== null) {
            self::assertEqualsWithDelta($wanted, $witness->hand[$dial], 1e-9);
            self::assertGreaterThanOrEqual($span[0], $witness->hand[$dial]);
            self::assertLessThanOrEqual($span[1], $witness->hand[$dial]);
            self::assertSame(-1.0, $witness->hand[$yaw], 'what is free goes to its end');
        }
    }

    private static function height(Observed $seen, int $dial, float $at): float
    {
        return -abs($seen->input($dial)[0][0] - $at);
    }
}
