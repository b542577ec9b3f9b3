<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateCell;
use DuskSwitch\Core\Proof\StateMap;
use DuskSwitch\Core\Proof\StateWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Each rule at its very limits: one microsecond, one per cent, one position to either side. Pulses are calculated by
 * hand.
 */
final class RuleEdgesTest extends TestCase
{
    /**
     * A multirotor with arm on channel 5 and modes on channel 6, 1000, 1500 and 2000 µs by a three-position switch.
     *
     * @param  list<array{string, int, int}>  $modes
     * @param  array<string, mixed>  $setup
     */
    private static function modes(array $modes, array $setup = []): ProofContext
    {
        return Judged::school(
            'two channels two switches',
            fn (array $d): array => [
                ...$d,
                'aboard' => [
                    ...$d['aboard'],
                    'controller' => [
                        'modes' => array_map(
                            fn (array $one): array => [
                                'mode' => $one[0],
                                'channel' => 6,
                                'from' => $one[1],
                                'to' => $one[2],
                            ],
                            $modes,
                        ),
                        ...$setup,
                    ],
                ],
            ],
        );
    }

    public function test_25_microseconds_from_an_edge_are_enough_and_24_are_not(): void
    {
        $at = fn (int $edge): array => Judged::says(
            self::modes([['steady', 900, $edge], ['home', $edge, 1700], ['wild', 1700, 2100]]),
            'one-mode-in-each-state',
        );

        self::assertSame([], $at(1475));
        self::assertSame(
            ['warning: Heim is 24 µs from the edge of its slot (channel 6 at 1500 µs): jitter can change the mode'],
            $at(1476),
        );
        self::assertSame(
            ['warning: Heim is 6 µs from the edge of its slot (channel 6 at 1500 µs): jitter can change the mode'],
            $at(1494),
        );
        self::assertSame(
            ['error: Heim is 5 µs from the edge of its slot (channel 6 at 1500 µs): jitter can change the mode'],
            $at(1495),
        );
        self::assertSame(
            ['error: Heim is 0 µs from the edge of its slot (channel 6 at 1500 µs): jitter can change the mode'],
            $at(1500),
        );
        self::assertSame(
            ['error: Ruhig is 1 µs from the edge of its slot (channel 6 at 1500 µs): jitter can change the mode'],
            array_slice($at(1501), 0, 1),
        );
        self::assertSame(
            ['warning: Ruhig is 24 µs from the edge of its slot (channel 6 at 1500 µs): jitter can change the mode'],
            array_slice($at(1524), 0, 1),
        );
        self::assertSame([], $at(1525));
    }

    public function test_the_map_marks_a_state_from_24_microseconds_on(): void
    {
        $odd = fn (int $edge): array => array_values(
            array_unique(
                array_filter(
                    array_map(
                        fn (StateCell $one): ?string => $one->odd,
                        StateMap::of(self::modes([['steady', 900, $edge], ['home', $edge, 1700], ['wild', 1700, 2100]]))
                            ->cells,
                    ),
                ),
            ),
        );

        self::assertSame([], $odd(1475));
        self::assertSame(['at an edge'], $odd(1476));
        self::assertSame(['at an edge'], $odd(1524));
        self::assertSame([], $odd(1525));
    }

    /**
     * @return array<string, array{array<string, string>, list<string>}> the steps of a three-position switch, and what
     * is said
     */
    public static function armings(): array
    {
        $passing = [
            'error: Left shoulder arms in its middle and disarms at both ends: it arms in passing, and one flick too '.
                'far changes it. Put armed at an end',
        ];

        return [
            'armed in the middle alone' => [['away' => 'dead', 'middle' => 'live', 'toward' => 'dead'], $passing],
            'armed at an end' => [['away' => 'live', 'middle' => 'dead', 'toward' => 'dead'], []],
            'armed at an end and in the middle' => [['away' => 'live', 'middle' => 'live', 'toward' => 'dead'], []],
        ];
    }

    /**
     * @param  array<string, string>  $map
     * @param  list<string>  $wanted
     */
    #[DataProvider('armings')]
    public function test_arm_between_two_disarmed_positions_is_passed_on_the_way(array $map, array $wanted): void
    {
        $context = Judged::school('two channels two switches', function (array $d) use ($map): array {
            $d['functions'][0]['drive'] = ['control' => 'shoulder-left', 'map' => $map];

            return $d;
        });

        self::assertSame($wanted, Judged::says($context, 'arm-placement'));
    }

    public function test_without_its_controller_a_multirotor_is_not_proven(): void
    {
        $context = Judged::school(
            'two channels two switches',
            fn (array $d): array => array_diff_key(
                [...$d, 'aboard' => array_diff_key($d['aboard'], ['controller' => 0])],
                ['controller' => 0],
            ),
        );

        self::assertSame(Answer::NotProven, Judged::judged($context, 'controller-chosen')->answer);
        self::assertSame(Answer::NotChecked, Judged::judged($context, 'arm-placement')->answer);
        self::assertFalse(Proof::of($context)->isSafe());
    }

    public function test_an_arm_range_that_no_stick_reaches_is_not_reached(): void
    {
        // The throttle's channel goes down to 1000 µs.
        $context = Judged::school('two channels two switches', function (array $d): array {
            $d['aboard']['controller']['arming'] = [
                'by' => 'range',
                'ranges' => [['channel' => 1, 'from' => 800, 'to' => 1000]],
            ];

            return $d;
        });
        self::assertSame([], Judged::says($context, 'safe-at-power-up'));
        self::assertStringContainsString(
            'Nothing arms it: no position puts channel 1 into the range',
            implode("\n", Judged::says($context, 'arm-placement')),
        );
        $context = Judged::school('two channels two switches', function (array $d): array {
            $d['aboard']['controller']['arming'] = [
                'by' => 'range',
                'ranges' => [['channel' => 1, 'from' => 800, 'to' => 1001]],
            ];

            return $d;
        });
        self::assertStringContainsString(
            'It powers up armed: channel 1 is at 1000 µs',
            implode("\n", Judged::says($context, 'safe-at-power-up')),
        );
    }

    /** A step of 6 % of the whole way, 3 % of full throttle, is the most that need not fade. */
    public function test_a_throttle_may_step_by_three_per_cent_between_phases_and_no_more(): void
    {
        $at = fn (float $rate, float $fade = 0.0, float $base = 1.0): array => Judged::says(
            Judged::school('plane with a motor cut', function (array $d) use ($rate, $fade, $base): array {
                $d['phases'][] = [
                    'id' => 'flott',
                    'name' => 'Flott',
                    'when' => ['control' => 'face-right', 'at' => 'away'],
                    'fade' => $fade,
                ];
                $d['functions'][2]['shape'] = ['ruhe' => ['rate' => $base], 'flott' => ['rate' => $rate]];

                return $d;
            }),
            'throttle-fades',
        );

        self::assertSame([], $at(0.0, 0.0, 0.06));
        self::assertCount(1, $at(0.0, 0.0, 0.061));
        self::assertSame(
            ['warning: From Ruhe to Flott the throttle steps by up to 4 % at once. Let the phase fade in'],
            $at(0.92),
        );
        self::assertSame([], $at(0.5, 0.02));
        self::assertSame(
            ['warning: From Ruhe to Flott the throttle steps by up to 25 % at once. Let the phase fade in'],
            $at(0.5),
        );
    }

    public function test_idle_just_at_the_mark_is_no_start(): void
    {
        $at = fn (int $low): array => Judged::says(
            Judged::school('two channels two switches', function (array $d) use ($low): array {
                // Span 400: a sub-trim of 0.15 lifts the low end from 1000 to 1060 µs.
                foreach ($d['outputs'] as $place => $one) {
                    $d['outputs'][$place] += $one['channel'] === 1 ? ['subtrim' => 0.15] : [];
                }
                $d['aboard']['controller']['low'] = $low;

                return $d;
            }),
            'no-start-above-idle',
        );

        self::assertSame([], $at(1060));
        self::assertStringContainsString(
            'Ausgang 1 runs at 1060 µs with the throttle low. Lower the first point of its curve or its low end, and '.
                'keep what else moves it below 1059 µs',
            implode('', $at(1059)),
        );
    }

    /** Corners are at 1900 µs, by practice; short of them nothing may arm. */
    public function test_the_corner_of_the_sticks(): void
    {
        $at = fn (float $travel): array => Judged::says(
            Judged::school('armed by the sticks', function (array $d) use ($travel): array {
                foreach ($d['outputs'] as $place => $one) {
                    $d['outputs'][$place]['travel'] = $one['channel'] === 4 ? $travel : $one['travel'];
                }

                return $d;
            }),
            'stick-arming',
        );

        self::assertSame([], $at(1.0), '1500 + 400 just reaches it');
        self::assertStringContainsString(
            'The sticks in their corner give Ausgang 4 1899 µs and Ausgang 1 1000 µs: that arms, and disarms, '.
                'nothing. Full travel must reach 1900 µs with the throttle below 1060',
            implode('', $at(0.9975)),
        );
        // At 60 % of the way, travel of 150 % gives 1860 µs.
        self::assertSame([], $at(1.5));
    }

    public function test_an_order_that_is_not_said_is_not_checked_and_a_missing_stick_is_not_asked_for(): void
    {
        $with = fn (callable $change): Judgement => Judged::judged(
            Judged::school('two channels two switches', $change),
            'channel-order',
        );
        $without = function (array $d): array {
            $d['functions'] = array_values(
                array_filter($d['functions'], fn (array $one): bool => ($one['purpose'] ?? '') !== 'yaw'),
            );
            $d['outputs'] = array_values(array_filter($d['outputs'], fn (array $one): bool => $one['channel'] !== 4));
            $d['aboard']['failsafe'] = array_values(
                array_filter($d['aboard']['failsafe'], fn (array $one): bool => $one['channel'] !== 4),
            );

            return $d;
        };

        self::assertSame(Answer::Proven, $with(fn (array $d): array => $d)->answer);
        self::assertSame(Answer::Proven, $with($without)->answer, 'no yaw, no question for it');
        self::assertSame(
            Answer::Findings,
            $with(function (array $d): array {
                // The channel is gone, and the function is there.
                $d['outputs'] = array_values(
                    array_filter($d['outputs'], fn (array $one): bool => $one['channel'] !== 4),
                );

                return $d;
            })->answer,
        );
        self::assertSame(
            Answer::Findings,
            $with(function (array $d): array {
                $d['aboard']['controller']['order'] = ['roll', 'pitch', 'throttle', 'yaw'];

                return $d;
            })->answer,
        );
        self::assertSame(
            Answer::NotChecked,
            $with(function (array $d): array {
                $d['aboard']['controller']['order'] = [];

                return $d;
            })->answer,
        );
        self::assertSame(
            Answer::DoesNotApply,
            $with(function (array $d): array {
                $d['aboard']['controller']['expects'] = 'surfaces';

                return $d;
            })->answer,
        );
    }

    public function test_a_finding_that_shows_everywhere_says_so_and_has_no_script(): void
    {
        $words = new StateWords(Judged::school('plane with a motor cut', fn (array $d): array => $d));

        self::assertSame('in every state', $words->say(null));
        self::assertNull($words->script(null));
        self::assertSame(['axes' => [], 'controls' => [], 'trims' => []], $words->hand(null));
    }
}
