<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\ValueText;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Signal\ConditionEvaluator;
use DuskSwitch\Core\Telemetry\Atmosphere;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Telemetry\Wind;
use PHPUnit\Framework\TestCase;

/** Signals and values at their edges. */
final class SmallValuesTest extends TestCase
{
    /** @param  array<string, mixed>  $parts */
    private static function faults(array $parts): string
    {
        try {
            Given::program($parts);

            return '';
        } catch (Refused $refused) {
            return $refused->getMessage();
        }
    }

    public function test_a_step_is_asked_of_what_has_steps(): void
    {
        $roll = ['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']];
        $when = fn (string $function): array => [
            'functions' => [$roll],
            'phases' => [['id' => 'a', 'name' => 'A'], ['id' => 'b', 'name' => 'B', 'when' => ['step' => [$function, 'on']]]],
        ];
        self::assertStringContainsString('Roll has no steps; ask for its value with "above" or "below"', self::faults($when('roll')));
        self::assertStringNotContainsString('has no steps', self::faults($when('gone')));
        self::assertStringContainsString('gone', self::faults($when('gone')));
    }

    public function test_a_named_condition_is_evaluated_with_those_that_it_asks_for(): void
    {
        $program = ProgramDecoder::decode(Given::text([
            'conditions' => [
                'back' => ['not' => 'forward'],
                'forward' => ['control' => 'left-shoulder', 'at' => 'away'],
            ],
        ]));
        $transmitter = Given::transmitter();
        $look = fn ($condition, array $controls): int => ConditionEvaluator::of($condition, $program, $transmitter)
            ->look(0.0, [], 'main', [], [], $controls);
        $away = ['left-shoulder' => $transmitter->control('left-shoulder')?->valueOf('away') ?? self::fail()];
        self::assertSame([1, 0], [$look(new Named('forward'), $away), $look(new Named('forward'), [])]);
        self::assertSame([0, 1], [$look(new Named('back'), $away), $look(new Named('back'), [])]);
        self::assertSame([1, 0], [$look(new Not(new Named('back')), $away), $look(new Not(new Named('back')), [])]);
        self::assertSame(0, $look(new Named('gone'), $away), 'what isn\'t there never holds');
        self::assertSame(1, $look(new ControlAt('left-shoulder', 'away'), $away));
    }

    public function test_an_output_that_nothing_feeds_is_explained_from_zero(): void
    {
        $circuit = Given::program(['outputs' => [['channel' => 3, 'name' => 'Leer', 'subtrim' => 0.25]]]);
        $why = $circuit->explain(3, Given::frame($circuit)) ?? self::fail();
        self::assertSame([[], 0.0, 0.0, 0.25], [$why->contributions, $why->sum, $why->afterTravel, $why->afterSubtrim]);
    }

    public function test_a_feed_is_explained_as_active_where_its_condition_is_met_now(): void
    {
        $circuit = Given::program([
            'functions' => [['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']]],
            'outputs' => [
                [
                    'channel' => 1,
                    'name' => 'A',
                    'feeds' => [
                        ['from' => 'roll'],
                        ['from' => 1, 'weight' => 0.5, 'when' => ['held' => ['control' => 'left-shoulder', 'at' => 'away'], 'seconds' => 1]],
                    ],
                ],
            ],
        ]);
        $hand = $circuit->panel->atRest();
        $slot = (int) $circuit->panel->control('left-shoulder');
        $hand[$slot] = Given::transmitter()->control('left-shoulder')?->valueOf('away') ?? self::fail();
        $tick = $circuit->tick($circuit->panel->atRest());
        $active = [];
        for ($i = 0; $i < 60; $i++) {
            $tick = $circuit->tick($hand, $tick->state);
            $active[$i] = $circuit->explain(1, $tick->frame, $tick->state)?->contributions[1]->active;
        }
        self::assertFalse($active[10], 'after a fifth of a second it is not held for one');
        self::assertTrue($active[59]);
        self::assertTrue($circuit->explain(1, $circuit->frame($hand))?->contributions[1]->active, 'settled it is held');
    }

    public function test_values_at_their_edges(): void
    {
        $last = function (array $value, array $reading, int $cells = 1): ?float {
            $program = ProgramDecoder::decode(Given::text(['sense' => ['values' => [$value + ['id' => 'x', 'name' => 'X']]]]));

            return (new Deriver($program, Given::transmitter(), $cells))
                ->next(new Sample(0.0, $reading, 'main', [], [], []))
                ->values['x'] ?? null;
        };
        $glide = ['does' => 'glide', 'of' => ['s', 'c']];
        self::assertNull($last($glide, ['s' => 10.0, 'c' => -0.1]), 'a tenth of a metre is level');
        self::assertEqualsWithDelta(99.0, $last($glide, ['s' => 10.0, 'c' => -10 / 99]), 1e-9);
        self::assertSame(12.6, $last(['does' => 'cell-average', 'of' => ['v']], ['v' => 12.6], 0), 'no cells known: as one');

        self::assertSame(0.0, Atmosphere::airspeed(0.0));
        // ½ρv² at 1.225 kg/m³ (ICAO): 0.6125 Pa are 1 m/s.
        self::assertEqualsWithDelta(1.0, Atmosphere::airspeed(0.6125), 1e-9);
        self::assertEqualsWithDelta(-1.0, Atmosphere::airspeed(-0.6125), 1e-9);
        self::assertEqualsWithDelta(0.5, Atmosphere::airspeed(0.153125), 1e-9);
    }

    public function test_wind_is_told_of_courses_round_the_circle_alone(): void
    {
        // 10 m/s through the air, 3 m/s of wind from the west: the ground speed is the sum of both.
        $flown = function (array $headings): array {
            return array_map(function (float $heading): array {
                $east = 10 * sin(deg2rad($heading)) + 3;
                $north = 10 * cos(deg2rad($heading));

                return [hypot($east, $north), fmod(rad2deg(atan2($east, $north)) + 360, 360), 10.0];
            }, $headings);
        };
        $wind = Wind::fit($flown(range(0, 350, 10))) ?? self::fail();
        self::assertEqualsWithDelta([3.0, 270.0], [$wind->speed, $wind->from], 1e-6);
        self::assertNull(Wind::fit($flown(range(0, 60, 10))), 'seven are too few');
        self::assertNull(Wind::fit($flown([0, 5, 10, 15, 20, 25, 30, 35, 40, 45])), 'all one way');
        self::assertNull(Wind::fit($flown([330, 335, 340, 345, 350, 355, 0, 5, 10, 15])), 'north, one way too');
        self::assertNull(Wind::fit($flown([80, 85, 90, 95, 100, 105, 110, 82, 88, 93])), 'east as well');
        self::assertNotNull(Wind::fit($flown([0, 30, 60, 90, 120, 150, 180, 210])), 'half a circle is enough');
    }

    public function test_a_level_on_a_value_that_is_not_there_is_read_as_it_stands(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $read = (new Threshold(Values::of($circuit->program, Given::catalogue())))->read(
            new SensorLevel('gone', true, 12.3456, 0.4321),
        );
        self::assertSame(['gone', 12.346, 0.432, ''], [$read['name'], $read['level'], $read['hysteresis'], $read['unit']]);
    }

    public function test_a_callout_that_asks_for_what_is_not_there_is_told(): void
    {
        $check = function (array $when): array {
            $circuit = Given::circuit(Given::text([
                'receiver' => 'lantern-r8',
                'conditions' => ['known' => ['control' => 'left-shoulder', 'at' => 'away']],
                'functions' => [['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']]],
                'sense' => ['calls' => [['id' => 'c', 'name' => 'Ruf', 'when' => $when, 'says' => ['x']]]],
            ]));
            $values = Values::of($circuit->program, Given::catalogue());

            return array_map(
                fn (array $one): string => $one[1]->says,
                (new TelemetryCheck($circuit->program, $circuit->panel->transmitter, $values))->points(),
            );
        };
        self::assertSame([], $check(['control' => 'left-shoulder', 'at' => 'away']));
        self::assertSame([], $check(['not' => 'known']));
        foreach (
            [
                [['not' => 'unknown'], 'condition "unknown"'],
                [['phase' => 'nowhere'], 'phase "nowhere"'],
                [['function' => 'gone', 'above' => 0.5], 'function "gone"'],
                [['control' => 'lever-z', 'above' => 0.5], 'control "lever-z" on Harbour 16'],
                [['step' => ['roll', 'on']], 'step "on" of "roll"'],
            ] as [$when, $what]
        ) {
            self::assertStringContainsString($what, implode('; ', $check($when)));
        }
    }

    public function test_a_value_says_how_many_it_is_calculated_from(): void
    {
        $says = function (array $value): string {
            $circuit = Given::circuit(Given::text(['sense' => ['values' => [$value + ['id' => 'x', 'name' => 'X']]]]));
            $values = Values::of($circuit->program, Given::catalogue());
            $points = (new TelemetryCheck($circuit->program, $circuit->panel->transmitter, $values))->points();

            return implode('; ', array_map(fn (array $one): string => "{$one[1]->says} {$one[1]->cure}", $points));
        };
        self::assertStringContainsString('2 are given. Choose 1.', $says(['does' => 'most', 'of' => ['a', 'b']]));
        self::assertStringContainsString('1 are given. Choose 2.', $says(['does' => 'glide', 'of' => ['a']]));
    }

    public function test_what_needs_a_fix_and_which_value_tells_of_it(): void
    {
        $values = Values::of(Given::circuit(Given::demo('dunlin'))->program, Given::catalogue());
        $satellites = $values->satellites();
        self::assertNotSame([], $satellites);
        foreach ($values->all as $value) {
            $needs = in_array($value->measures?->value, ['latitude', 'longitude', 'altitude', 'speed', 'course'], true) &&
                array_filter(
                    $values->all,
                    fn ($one): bool => $one->sensor === $value->sensor && $one->measures === Measurand::Satellites,
                ) !== [];
            self::assertSame($needs, isset($satellites[$value->id]), $value->id);
        }
    }

    public function test_addresses_that_are_free_begin_with_one(): void
    {
        $circuit = Given::circuit(Given::text([
            'receiver' => 'lantern-r8',
            'sense' => [
                'bus' => 'shared',
                'chain' => [
                    ['id' => 'a', 'sensor' => 'teal-current', 'address' => 3],
                    ['id' => 'b', 'sensor' => 'skylark-vario', 'address' => 3],
                ],
            ],
        ]));
        $kit = InstalledKit::of($circuit->program, $circuit->panel->transmitter, Given::catalogue());
        $points = (new SensorChainCheck(new SensorChain($kit)))->points();
        $cures = array_map(fn ($one): string => (string) $one->cure, $points);
        self::assertStringContainsString(': 1, 2, 4 are free', implode('; ', $cures));
    }

    public function test_a_negative_nothing_is_written_as_nothing(): void
    {
        self::assertSame(['0', '0', '-2', '2.5'], array_map(ValueText::number(...), [-0.0, 0, -2.0, 2.5]));
    }
}
