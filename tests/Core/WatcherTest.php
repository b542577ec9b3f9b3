<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Format\ConditionDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Signal\Tick;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Watcher;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Conditions seen from sample to sample, and the same conditions in the circuit. */
final class WatcherTest extends TestCase
{
    /**
     * @param  list<array{float, float|null}>  $readings  time and value
     * @return list<bool>
     */
    private static function seen(mixed $condition, array $readings): array
    {
        $program = Given::program(['conditions' => (object) []])->program;
        $node = new JsonCursor(
            Json::decode((string) json_encode($condition, JSON_PRESERVE_ZERO_FRACTION)),
            '',
            new Faults(),
        );
        $watcher = Watcher::of(ConditionDecoder::decode($node), $program, Given::transmitter());

        return array_map(
            fn (array $one): bool => $watcher->sees(
                new Sample($one[0], $one[1] === null ? [] : ['v' => $one[1]], 'main', [], [], []),
            ),
            $readings,
        );
    }

    /** @return list<array{float, float|null}> */
    private static function every(float $seconds, ?float ...$values): array
    {
        return array_map(
            fn (int $i, ?float $value): array => [$i * $seconds, $value],
            array_keys($values),
            array_values($values),
        );
    }

    public function test_hysteresis_keeps_an_alarm_from_flickering(): void
    {
        $below = ['sensor' => 'v', 'below' => 3.5, 'hysteresis' => 0.1];

        self::assertSame(
            [false, true, true, true, false, false],
            self::seen($below, self::every(1, 3.6, 3.45, 3.55, 3.5, 3.61, 3.52)),
        );
        self::assertSame(
            [false, true, false],
            self::seen(['sensor' => 'v', 'above' => 100], self::every(1, 100, 101, 99)),
            'at the level it doesn\'t hold yet',
        );
    }

    public function test_a_value_that_never_came_sets_nothing_off_and_one_that_stops_is_unknown(): void
    {
        $low = ['sensor' => 'v', 'below' => 3.5];
        self::assertSame(
            [false, false, true, false, true],
            self::seen($low, self::every(1, null, null, 3.4, null, 3.4)),
        );
        self::assertSame(
            [false, false, true],
            self::seen(['not' => $low], self::every(1, null, 3.4, 3.6)),
            'what is unknown is not false',
        );
        self::assertSame(
            [false, true, false, false],
            self::seen(['any' => [['not' => $low], $low]], self::every(1, null, 3.4, null, null)),
            'nor one or the other',
        );
        self::assertSame(
            [false, true, true, false],
            self::seen(['sensor' => 'v', 'above' => 10, 'hysteresis' => 5], self::every(1, null, 11, 7, null)),
        );
        self::assertSame(
            [false, true, false, false],
            self::seen(['sensor' => 'v', 'above' => 10, 'hysteresis' => 5], self::every(1, 9, 11, null, 7)),
            'after a gap the hysteresis begins as not holding',
        );
        $up = ['sensor' => 'v', 'above' => 0.5];
        self::assertSame(
            [false, true, true, true, true, false],
            self::seen(['toggle' => $up], self::every(1, 0, 1, null, 1, 0, 1)),
            'an edge out of the unknown changes nothing',
        );
        self::assertSame(
            [false, true, true, true],
            self::seen(
                ['latch' => ['set' => $up, 'reset' => ['sensor' => 'v', 'below' => -0.5]]],
                self::every(1, 0, 1, null, 0),
            ),
        );
        self::assertSame(
            [false, false, false, false, false, true],
            self::seen(['held' => $up, 'seconds' => 2], self::every(1, 0, 1, null, 1, 1, 1)),
            'an unknown moment breaks it',
        );
    }

    public function test_held_taps_latch_and_toggle(): void
    {
        $up = ['sensor' => 'v', 'above' => 0.5];

        self::assertSame(
            [false, false, false, true, false],
            self::seen(['held' => $up, 'seconds' => 2], self::every(1, 0, 1, 1, 1, 0)),
        );
        self::assertSame(
            [false, true, true, false, false],
            self::seen(['toggle' => $up], self::every(1, 0, 1, 0, 1, 0)),
        );
        self::assertSame(
            [false, true, true, false],
            self::seen(
                ['latch' => ['set' => $up, 'reset' => ['sensor' => 'v', 'below' => -0.5]]],
                self::every(1, 0, 1, 0, -1),
            ),
        );
        self::assertSame(
            [false, false, false, true, false],
            self::seen(['taps' => $up, 'count' => 2, 'within' => 0.5], self::every(0.1, 0, 1, 0, 1, 0)),
        );
        self::assertSame(
            [false, false, false, false, true],
            self::seen(['taps' => $up, 'count' => 1, 'within' => 0.25], self::every(0.1, 0, 1, 0, 0, 0)),
        );
    }

    /** @return array<string, array{mixed}> */
    public static function conditions(): array
    {
        $up = ['sensor' => 'v', 'above' => 0.3, 'hysteresis' => 0.4];

        return [
            'a level' => [$up],
            'below' => [['sensor' => 'v', 'below' => -0.2, 'hysteresis' => 0.1]],
            'not' => [['not' => $up]],
            'all' => [['all' => [$up, ['control' => 'left-shoulder', 'at' => 'away']]]],
            'any' => [['any' => [$up, ['control' => 'dial-left', 'above' => 0.2]]]],
            'latch' => [['latch' => ['set' => $up, 'reset' => ['sensor' => 'v', 'below' => -0.6]]]],
            'toggle' => [['toggle' => $up]],
        ];
    }

    #[DataProvider('conditions')]
    public function test_it_sees_what_the_circuit_sees(mixed $condition): void
    {
        $circuit = Given::roll(
            [],
            ['feeds' => [['from' => 'roll', 'when' => 'seen']]],
            ['conditions' => ['seen' => $condition]],
        );
        $panel = $circuit->panel;
        $watcher = Watcher::of($circuit->program->conditions['seen'], $circuit->program, $panel->transmitter);
        $random = new Randomizer(new Mt19937(9));
        $inputs = $panel->atRest();
        [$state, $value, $held] = [null, 0.0, 0];
        for ($i = 0; $i < 2000; $i++) {
            $value = max(-1.0, min(1.0, $value + $random->getInt(-30, 30) / 100));
            $inputs[(int) $panel->control('left-shoulder')] =
                $random->getInt(0, 9) > 0
                    ? $inputs[(int) $panel->control('left-shoulder')]
                    : $panel->transmitter
                        ->control('left-shoulder')
                        ?->valueOf($random->getInt(0, 1) === 1 ? 'away' : 'toward') ?? 0.0;
            $inputs[(int) $panel->control('dial-left')] = $random->getInt(-10, 10) / 10;
            $tick = $circuit->tick(array_values($inputs), $state, ['v' => $value]);
            $state = $tick->state;
            $controls = [];
            foreach ($panel->transmitter->controls as $control) {
                $controls[$control->id] = $inputs[(int) $panel->control($control->id)];
            }
            $sees = $watcher->sees(new Sample($i * Tick::SECONDS, ['v' => $value], 'main', [], [], $controls));
            self::assertSame($tick->frame->slots[(int) $circuit->layout->condition('seen')] === 1, $sees, "tick {$i}");
            $held += $sees ? 1 : 0;
        }
        self::assertGreaterThan(100, $held);
        self::assertLessThan(1900, $held);
    }

    public function test_without_telemetry_a_condition_on_it_never_holds(): void
    {
        $circuit = Given::roll([], ['feeds' => [['from' => 'roll', 'when' => ['sensor' => 'v', 'above' => -1000]]]]);

        self::assertSame(1500, Given::frame($circuit, ['roll' => 1.0])->pulse(1));
        self::assertSame(
            2012,
            $circuit->tick([1.0, ...array_slice($circuit->panel->atRest(), 1)], null, ['v' => 0.0])->frame->pulse(1),
        );
    }
}
