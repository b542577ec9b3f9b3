<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\ControllerView;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateCell;
use DuskSwitch\Core\Proof\StateMap;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Truth;
use PHPUnit\Framework\TestCase;

/** What steps mean and what the controller makes of them: modes, arming, and the map of states. */
final class ModeMeaningTest extends TestCase
{
    public function test_which_of_two_modes_wins_is_said_only_where_both_are_in_the_order(): void
    {
        $with = fn (array $priority): array => Judged::says(
            Judged::school('two channels two switches', function (array $d) use ($priority): array {
                $d['aboard']['controller']['modes'][0]['to'] = 1400;
                $d['aboard']['controller'] += $priority === [] ? [] : ['priority' => $priority];

                return $d;
            }),
            'slots-apart',
        );
        $told = [
            'warning: The slots of Ruhig and Heim both hold 1300 to 1400 µs of channel 6. End one where the other '.
                'begins, or say which wins',
        ];

        self::assertSame($told, $with([]));
        self::assertSame($told, $with(['steady']));
        self::assertSame($told, $with(['home']));
        self::assertSame([], $with(['home', 'steady']));
    }

    public function test_arm_steps_that_do_not_say_which_arms_leave_it_open(): void
    {
        $with = fn (callable $change): Judgement => Judged::judged(
            Judged::school('two channels two switches', $change),
            'arm-channel-alone',
        );

        self::assertSame(Answer::Proven, $with(fn (array $d): array => $d)->answer);
        $silent = $with(function (array $d): array {
            unset($d['functions'][0]['steps'][1]['means']);

            return $d;
        });
        self::assertSame(Answer::NotProven, $silent->answer);
        self::assertStringContainsString(
            'the steps of Scharf don\'t say which is armed and which disarmed',
            $silent->findings[0]->says,
        );
        $nobody = $with(function (array $d): array {
            $d['functions'][0]['purpose'] = 'other';

            return $d;
        });
        self::assertStringContainsString('no function has the purpose “arm”', $nobody->findings[0]->says);
        $second = $with(function (array $d): array {
            $d['functions'][] = [
                'id' => 'zwei',
                'name' => 'Zweiter',
                'purpose' => 'arm',
                'steps' => [['id' => 'a', 'value' => 0]],
            ];

            return $d;
        });
        self::assertStringContainsString('the steps of Zweiter don\'t say', $second->findings[0]->says);
        $elsewhere = $with(function (array $d): array {
            $d['aboard']['controller']['arming'] = [
                'by' => 'range',
                'ranges' => [['channel' => 11, 'from' => 1700, 'to' => 2100]],
            ];

            return $d;
        });
        self::assertSame(
            [Answer::DoesNotApply, 'nothing is on its arm channel'],
            [$elsewhere->answer, $elsewhere->why],
        );
    }

    public function test_a_dangerous_mode_in_the_middle_of_a_switch_is_passed(): void
    {
        $with = fn (int $from, int $to, int $channel = 6): array => Judged::says(
            Judged::school('two channels two switches', function (array $d) use ($from, $to, $channel): array {
                $d['aboard']['controller']['modes'][] = [
                    'channel' => $channel,
                    'from' => $from,
                    'to' => $to,
                    'mode' => 'flip',
                ];

                return $d;
            }),
            'nothing-risky-on-the-way',
        );

        self::assertSame(
            [
                'warning: Salto lies in the middle of a three-position switch, Left face, which passes it on every '.
                    'way from end to end. Put it at an end, or on a switch of its own',
            ],
            $with(1450, 1550),
        );
        self::assertSame([], $with(1950, 2050));
        self::assertSame([], $with(1450, 2050), 'an end is in it, too');
        self::assertSame([], $with(1450, 1550, 12), 'nothing sends on that channel');
    }

    public function test_the_map_has_a_cell_for_each_position_of_the_switches_that_have_a_say(): void
    {
        $map = StateMap::of(Judged::school('two channels two switches', fn (array $d): array => $d));

        self::assertCount(6, $map->cells);
        self::assertCount(6, array_unique(array_map(fn ($one): string => implode(' ', $one->hand->hand), $map->cells)));
        self::assertCount(3, array_filter($map->cells, fn ($one): bool => $one->armed));
    }

    /** A range holds from its low end on, and up to its high end without it. */
    public function test_a_span_of_pulses_is_in_a_range_out_of_it_or_both(): void
    {
        $seen = fn (int ...$span): Observed => new class([$span]) implements Observed
        {
            /** @param  list<array{int, int}>  $pulses */
            public function __construct(private array $pulses) {}

            public function pulses(int $channel): array
            {
                return $channel === 6 ? $this->pulses : [];
            }

            public function clips(int $channel): int
            {
                return Truth::FAILS;
            }

            public function steps(string $function): array
            {
                return [];
            }

            public function phases(): array
            {
                return [0];
            }

            public function input(int $input): array
            {
                return [[0.0, 0.0]];
            }
        };
        $range = new Slot(mode: 'steady', channel: 6, from: 1300, to: 1700);
        foreach (
            [
                [1300, 1699, Truth::HOLDS],
                [1299, 1299, Truth::FAILS],
                [1700, 1700, Truth::FAILS],
                [1300, 1700, Truth::EITHER],
                [1299, 1300, Truth::EITHER],
                [1299, 1700, Truth::EITHER],
                [1000, 1299, Truth::FAILS],
                [1700, 2000, Truth::FAILS],
            ] as [$low, $high, $truth]
        ) {
            self::assertSame($truth, ControllerView::holds($range, $seen($low, $high)), "{$low} to {$high}");
        }
        self::assertSame(
            Truth::FAILS,
            ControllerView::holds(new Slot(mode: 'steady', channel: 7, from: 1300, to: 1700), $seen(1500, 1500)),
            'a channel that is not there',
        );
        foreach (
            [
                [1050, 1050, Truth::FAILS],
                [1051, 1051, Truth::HOLDS],
                [1050, 1051, Truth::EITHER],
                [1000, 1050, Truth::FAILS],
                [1051, 1900, Truth::HOLDS],
            ] as [$low, $high, $truth]
        ) {
            self::assertSame($truth, ControllerView::above($seen($low, $high), 6, 1050), "{$low} to {$high}");
        }
        self::assertSame(Truth::FAILS, ControllerView::above($seen(1500, 1500), 7, 1050));
        self::assertSame(
            [1900.0, 0.0],
            [ControllerView::highest($seen(1100, 1900), 6), ControllerView::highest($seen(1100, 1900), 7)],
        );
    }

    public function test_of_steps_that_say_nothing_the_first_is_enough_and_those_that_speak_are_judged(): void
    {
        $evidence = Judged::school('two channels two switches', function (array $d): array {
            // In the order of the steps: the first two say nothing, the last lies in another mode's range.
            unset($d['functions'][1]['steps'][0]['means'], $d['functions'][1]['steps'][1]['means']);
            $d['functions'][1]['steps'][2]['means'] = ['mode' => 'steady'];

            return $d;
        });
        $found = Judged::judged($evidence, 'mode-as-meant')->findings;

        self::assertSame([true, false], array_map(fn (Finding $one): bool => $one->isOpen, $found));
        self::assertStringContainsString('doesn\'t say what it means', $found[0]->says);
        self::assertStringContainsString(
            'Schritt home of Flugart means Ruhig, and the controller takes channel 6 at 1500 µs as Heim',
            $found[1]->says,
        );
    }

    public function test_arming_by_a_button_or_by_no_range_asks_nothing_of_the_arm_channel(): void
    {
        foreach ([['by' => 'button'], ['by' => 'sticks'], ['by' => 'throttle']] as $arming) {
            $evidence = Judged::school('two channels two switches', function (array $d) use ($arming): array {
                $d['aboard']['controller']['arming'] = $arming;

                return $d;
            });
            self::assertSame(
                Answer::DoesNotApply,
                Judged::judged($evidence, 'arm-channel-alone')->answer,
                $arming['by'],
            );
            self::assertSame(Answer::DoesNotApply, Judged::judged($evidence, 'arm-placement')->answer, $arming['by']);
        }
    }

    public function test_a_mode_that_goes_by_way_of_another_channel_is_judged_all_the_same(): void
    {
        $with = fn (string $means): array => Judged::says(
            Judged::school('two channels two switches', function (array $d) use ($means): array {
                $d['functions'][1]['steps'][0]['means'] = ['mode' => $means];
                foreach ($d['outputs'] as $place => $one) {
                    if ($one['channel'] === 6) {
                        $d['outputs'][$place] = [...$one, 'feeds' => [['from' => ['output' => 5]]], 'travel' => 1.0];
                        $d['outputs'][] = [...$one, 'channel' => 5, 'role' => 'other'];
                    }
                }
                // Arm goes elsewhere: channel 5 carries the mode first.
                $d['outputs'] = array_values(
                    array_filter($d['outputs'], fn (array $one): bool => $one['role'] !== 'input-arm'),
                );
                $d['aboard']['controller']['arming'] = ['by' => 'button'];

                return $d;
            }),
            'mode-as-meant',
        );

        self::assertSame([], $with('steady'));
        self::assertStringContainsString(
            'means Frei, and the controller takes channel 6 at 1000 µs as Ruhig',
            implode('', $with('wild')),
        );
    }

    public function test_arming_by_the_sticks_is_not_checked_where_no_channel_is_said_to_carry_them(): void
    {
        $with = fn (int $channel): Judgement => Judged::judged(
            Judged::school('armed by the sticks', Judged::channel($channel, ['role' => 'other'])),
            'stick-arming',
        );

        self::assertSame(
            [Answer::NotChecked, 'no output has the role of the controller\'s yaw input'],
            [$with(4)->answer, $with(4)->why],
        );
        self::assertSame(
            [Answer::NotChecked, 'no output has the role of the controller\'s throttle input'],
            [$with(1)->answer, $with(1)->why],
        );
        self::assertSame(Answer::Proven, $with(2)->answer);
    }

    /**
     * A step that means no mode: in the range of a flight mode or a dangerous one an error, in that of a beeper, or of
     * a mode that nobody knows, a warning.
     */
    public function test_a_step_that_means_nothing_in_a_range_weighs_as_much_as_the_mode(): void
    {
        $with = fn (string $mode): array => Judged::says(
            Judged::school('two channels two switches', function (array $d) use ($mode): array {
                $d['functions'][] = [
                    'id' => 'licht',
                    'name' => 'Licht',
                    'purpose' => 'lights',
                    'steps' => [
                        ['id' => 'aus', 'value' => -1.0, 'means' => 'other'],
                        ['id' => 'an', 'value' => 1.0, 'means' => 'other'],
                    ],
                    'drive' => ['control' => 'top-right', 'map' => ['away' => 'an', 'toward' => 'aus']],
                ];
                $d['outputs'][] = [
                    'channel' => 8,
                    'name' => 'Acht',
                    'role' => 'input-auxiliary',
                    'feeds' => [['from' => 'licht']],
                    'travel' => 1.25,
                ];
                $d['aboard']['controller']['modes'][] = ['channel' => 8, 'from' => 1900, 'to' => 2100, 'mode' => $mode];

                return $d;
            }),
            'mode-as-meant',
        );

        self::assertStringStartsWith(
            'error: An of Licht means no mode, and the controller takes channel 8 at 2000 µs as Salto',
            $with('flip')[0],
        );
        self::assertStringStartsWith('error: An of Licht means no mode', $with('steady')[0]);
        self::assertStringStartsWith(
            'warning: An of Licht means no mode, and the controller takes channel 8 at 2000 µs as ghost',
            $with('ghost')[0],
        );
    }

    public function test_two_ranges_over_one_another_are_as_meant_where_it_is_said_which_wins(): void
    {
        $with = fn (array $priority): array => Judged::says(
            Judged::school('two channels two switches', function (array $d) use ($priority): array {
                $d['aboard']['controller']['modes'][0]['to'] = 1600;
                $d['aboard']['controller'] += $priority === [] ? [] : ['priority' => $priority];

                return $d;
            }),
            'mode-as-meant',
        );

        self::assertSame([], $with(['home', 'steady', 'wild']));
        self::assertStringContainsString(
            'Schritt home of Flugart means Heim, and the controller takes channel 6 at 1500 µs as Ruhig and Heim',
            implode('', $with([])),
        );
        self::assertStringContainsString(
            'as Ruhig and Heim',
            implode('', $with(['home', 'wild'])),
            'steady is not in the order',
        );
    }

    /** The odd one out catches the eye: a motor that runs with the stick low, wherever it is armed. */
    public function test_the_map_tells_where_a_motor_runs_at_low_stick(): void
    {
        $raised = fn (string $school): array => StateMap::of(
            Judged::school($school, fn (array $d): array => Planted::short($d, ...Planted::THROTTLES) ?? self::fail()),
        )->cells;
        $odd = fn (array $cells, bool $armed): array => array_values(
            array_unique(
                array_map(
                    fn (StateCell $one): ?string => $one->odd,
                    array_filter($cells, fn (StateCell $one): bool => $one->armed === $armed),
                ),
            ),
        );

        $cells = $raised('two channels two switches');
        self::assertSame(['motor on at low stick'], $odd($cells, true));
        self::assertSame([null], $odd($cells, false), 'disarmed nothing runs');
        $safe = StateMap::of(Judged::school('two channels two switches', fn (array $d): array => $d))->cells;
        self::assertSame([null], $odd($safe, true));
        // A governor runs its motor whatever the stick does: that is meant.
        $governed = StateMap::of(Judged::school('helicopter without a stabiliser', fn (array $d): array => $d))->cells;
        self::assertSame([[null], [null]], [$odd($governed, true), $odd($governed, false)]);
    }

    public function test_a_controller_whose_modes_save_nothing_owes_no_way_to_one(): void
    {
        $document = Schools::document('two channels two switches');
        $program = Schools::program($document);
        $controller = json_decode((string) file_get_contents(Given::DEMO.'/stores/controllers/keel-f4.json'));
        foreach ($controller->modes as $mode) {
            unset($mode->saves);
        }
        $own = DefinitionKind::Controllers->decode((string) json_encode($controller));
        self::assertInstanceOf(Controller::class, $own);
        $context = new ProofContext($program, Given::transmitter($program->transmitter), null, $own);

        self::assertSame(
            'Keel F4 has no mode that saves the aircraft by itself',
            Judged::judged($context, 'saving-mode-one-move-away')->why,
        );
    }

    /** A motor cut that lands in the controller's slots of modes: what it means is no mode. */
    public function test_a_step_with_a_word_of_its_own_is_asked_for_on_a_channel_that_does_not_arm(): void
    {
        $words = ['steady' => 'motor-off', 'wild' => 'motor-on', 'home' => 'other'];
        $context = Judged::school('two channels two switches', function (array $d) use ($words): array {
            foreach ($d['functions'] as $place => $one) {
                if ($one['id'] === 'tri') {
                    $d['functions'][$place]['purpose'] = 'motor-cut';
                    foreach ($one['steps'] as $at => $step) {
                        $d['functions'][$place]['steps'][$at]['means'] = $words[$step['id']];
                    }
                }
            }

            return $d;
        });

        self::assertCount(3, Judged::says($context, 'mode-as-meant'));
        // On the channel that arms, a step that arms says nothing of modes.
        $one = Judged::school('one channel for arm and modes', fn (array $d): array => $d);
        self::assertSame([], Judged::says($one, 'mode-as-meant'));
    }
}
