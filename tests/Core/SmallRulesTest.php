<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\ProofContext;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The rules that look at one thing each, with what they say at their limits and where they say that they couldn't look.
 */
final class SmallRulesTest extends TestCase
{
    /**
     * @return array<string, array{array<string, mixed>, list<string>}> channel 2 of a multirotor with span 400, and
     * what is said of its ends and centre
     */
    public static function ends(): array
    {
        return [
            // 1500 ± 400 · travel, and 400 · sub-trim beside; five microseconds are allowed.
            'just right' => [['travel' => 1.25], []],
            'five too long' => [['travel' => 1.2625], []],
            'six too long' => [
                ['travel' => 1.265],
                ['warning: Ausgang 2 goes from 994 to 2006 µs; the controller wants 1000 to 2000. Set its travel'],
            ],
            'six too short at one end' => [
                ['travel' => [1.25, 1.235]],
                ['warning: Ausgang 2 goes from 1000 to 1994 µs; the controller wants 1000 to 2000. Set its travel'],
            ],
            'six too short at the other' => [
                ['travel' => [1.235, 1.25]],
                ['warning: Ausgang 2 goes from 1006 to 2000 µs; the controller wants 1000 to 2000. Set its travel'],
            ],
            'centre five off, ends right' => [['travel' => [1.2625, 1.2375], 'subtrim' => 0.0125], []],
            'centre six off, ends right' => [
                ['travel' => [1.265, 1.235], 'subtrim' => 0.015],
                [
                    'warning: Ausgang 2 rests at 1506 µs, not 1500: it drifts. Put the trims in the middle, then '.
                        'correct the sub-trim',
                ],
            ],
            'reversed, six too long' => [
                ['travel' => 1.265, 'reverse' => true],
                ['warning: Ausgang 2 goes from 994 to 2006 µs; the controller wants 1000 to 2000. Set its travel'],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $output
     * @param  list<string>  $wanted
     */
    #[DataProvider('ends')]
    public function test_ends_and_centre_to_the_microsecond(array $output, array $wanted): void
    {
        self::assertSame(
            $wanted,
            Judged::says(Judged::school('two channels two switches', Judged::channel(2, $output)), 'ends-and-centre'),
        );
    }

    public function test_a_throttle_has_no_centre_and_a_channel_that_is_mixed_has_no_ends_of_its_own(): void
    {
        self::assertSame(
            [],
            Judged::says(
                Judged::school(
                    'two channels two switches',
                    Judged::channel(1, ['travel' => [1.265, 1.235], 'subtrim' => 0.015]),
                ),
                'ends-and-centre',
            ),
        );
        self::assertSame(
            [],
            Judged::says(
                Judged::school(
                    'two channels two switches',
                    Judged::channel(2, [
                        'travel' => 0.5,
                        'feeds' => [['from' => 'q'], ['from' => 'h', 'weight' => 0.1]],
                    ]),
                ),
                'ends-and-centre',
            ),
        );
        self::assertSame(
            Answer::DoesNotApply,
            Judged::judged(Judged::school('plane with a motor cut', fn (array $d): array => $d), 'ends-and-centre')
                ->answer,
        );
    }

    public function test_the_mend_of_ends_reaches_them(): void
    {
        $context = Judged::school(
            'two channels two switches',
            Judged::channel(2, ['travel' => 0.7, 'subtrim' => 0.1]),
        );
        $mended = Judged::judged($context, 'ends-and-centre')->findings[0]->mended ?? self::fail('no mend');
        $output = $mended->output(2) ?? self::fail();

        self::assertSame([1.25, 1.25, 0.0], [$output->travel->low, $output->travel->high, $output->subtrim]);
        self::assertEquals($context->program->output(3), $mended->output(3));
    }

    public function test_channels_past_what_the_link_carries_are_named_all(): void
    {
        $with = fn (?string $subtype): ProofContext => Judged::demo(
            'nightjar',
            fn ($d) => $subtype === null
                ? ($d->aboard->kit = (object) array_diff_key((array) $d->aboard->kit, ['subtype' => 0, 'link' => 0]))
                : ($d->aboard->kit->subtype = $subtype),
        );

        self::assertSame(Answer::Proven, Judged::judged($with('wide-16'), 'fits-the-link')->answer);
        self::assertSame(
            [
                'error: Channels 9 Video power, 10 Camera tilt don\'t get through: the link’s sub-type carries 8. '.
                    'Move what is important to lower channels, or choose another sub-type or receiver',
            ],
            Judged::says($with('wide-8'), 'fits-the-link'),
        );
        self::assertSame(
            [Answer::NotChecked, 'no link and sub-type are chosen'],
            [($one = Judged::judged($with(null), 'fits-the-link'))->answer, $one->why],
        );
        $nobody = Judged::demo('nightjar', function ($d): void {
            unset($d->receiver);
        });
        self::assertSame(
            [Answer::NotChecked, 'no receiver is chosen'],
            [($one = Judged::judged($nobody, 'fits-the-link'))->answer, $one->why],
        );
        $one = Judged::demo('nightjar', function ($d): void {
            $d->aboard->kit->subtype = 'wide-8';
            array_pop($d->outputs);
        });
        self::assertSame(
            [
                'error: Channel 9 Video power doesn\'t get through: the link’s sub-type carries 8. Move what is '.
                    'important to lower channels, or choose another sub-type or receiver',
            ],
            Judged::says($one, 'fits-the-link'),
        );
    }

    /** Nine pulses of 2.2 ms and a gap of 4 ms are 23.8; the frame has 22.5 (common practice). */
    public function test_nine_channels_are_one_too_many_for_a_sum_signal(): void
    {
        $with = fn (int $channels): ProofContext => Judged::demo('nightjar', function ($d) use ($channels): void {
            $d->aboard->kit->wire = 'sum';
            $d->outputs = array_slice($d->outputs, 0, $channels);
        });

        self::assertSame([], Judged::says($with(8), 'sum-signal-timing'));
        self::assertSame(
            [
                'error: A sum signal of 9 channels may need 23.8 ms, and its frame has 22.5 ms: at most 8 channels '.
                    'fit. Use the serial wire, or fewer channels',
            ],
            Judged::says($with(9), 'sum-signal-timing'),
        );
    }

    public function test_a_sub_trim_of_half_a_per_cent_fights_a_stabiliser(): void
    {
        $said = Judged::says(
            Judged::demo('rook', fn ($d) => ($d->outputs[1]->subtrim = 0.005)),
            'no-trim-on-a-stabiliser',
        );

        self::assertCount(1, $said);
        self::assertStringContainsString('has a sub-trim of 0.5 %, and a stabiliser listens to it', $said[0]);
    }

    public function test_an_output_that_says_nothing_of_what_it_moves(): void
    {
        $without = fn (int $channel): callable => function (array $d) use ($channel): array {
            foreach ($d['outputs'] as $place => $one) {
                if ($one['channel'] === $channel) {
                    unset($d['outputs'][$place]['role']);
                }
            }

            return $d;
        };
        $surface = Judged::judged(Judged::school('plane with a motor cut', $without(1)), 'everything-connected')
            ->findings;
        self::assertSame(
            ['warning', 'It moves something else', 'other'],
            [$surface[0]->severity->value, $surface[0]->mend, $surface[0]->mended?->output(1)?->role?->value],
        );
        self::assertSame([1, 2, 3], array_column($surface[0]->mended?->outputs ?? [], 'channel'));
        self::assertSame('elevator', $surface[0]->mended?->output(2)?->role?->value);
        $motor = Judged::judged(Judged::school('plane with a motor cut', $without(3)), 'everything-connected');
        self::assertSame(Answer::NotProven, $motor->answer);
        self::assertSame([null, null], [$motor->findings[0]->mend, $motor->findings[0]->mended]);
        self::assertStringContainsString(
            'the throttle has a say in it, so it is taken for a motor',
            $motor->findings[0]->says,
        );
    }

    public function test_switches_in_use_are_checked_at_power_up_and_buttons_and_others_are_not(): void
    {
        $with = fn (array $check, string $school = 'two channels two switches'): array => Judged::says(
            Judged::school($school, function (array $d) use ($check): array {
                $d['aboard']['startCheck'] = $check;

                return $d;
            }),
            'start-check',
        );

        self::assertSame([], $with(['top-left', 'face-left']));
        self::assertSame(
            [
                'warning: Left face is not checked at power-up: it may wake up with a switch away from rest. Switch '.
                    'the warning on',
            ],
            $with(['top-left']),
        );
        self::assertSame(
            [
                'warning: Left top, Left face are not checked at power-up: it may wake up with a switch away from '.
                    'rest. Switch the warning on',
            ],
            $with([]),
        );
        self::assertSame([], $with(['left-front'], 'a button that toggles arm'));
    }

    /** Full stick just reaches the limit: weight · travel + sub-trim = limit. */
    public function test_the_mend_of_clipping_lowers_the_weight_just_so_far(): void
    {
        $with = fn (array $output): ?float => Judged::judged(
            Judged::school('plane with a motor cut', Judged::channel(1, $output)),
            'nothing-clips',
        )->findings[0]->mended?->output(1)?->feeds[0]->weight->high;

        self::assertEqualsWithDelta((1.0 - 0.2) / 1.25, $with(['limit' => [-1.2, 1.0], 'subtrim' => 0.2]), 1e-4);
        self::assertEqualsWithDelta(
            (1.0 + 0.2) / 1.5,
            $with(['limit' => [-1.5, 1.0], 'subtrim' => -0.2, 'travel' => [0.5, 1.5]]),
            1e-4,
        );
        self::assertEqualsWithDelta((0.8 - 0.1) / 1.25, $with(['limit' => [-0.8, 1.5], 'subtrim' => -0.1]), 1e-4);
        self::assertEqualsWithDelta(
            0.25 / 1.25,
            $with(['limit' => [-0.25, 0.25], 'feeds' => [['from' => 'q', 'weight' => 0.4]]]),
            1e-4,
            'a small weight, too',
        );
        $uneven =
            Judged::judged(
                Judged::school(
                    'plane with a motor cut',
                    Judged::channel(1, ['limit' => [-1.0, 1.0], 'feeds' => [['from' => 'q', 'weight' => [1.2, 0.6]]]]),
                ),
                'nothing-clips',
            )->findings[0]->mended?->output(1)?->feeds[0]->weight ?? self::fail();
        self::assertEqualsWithDelta([0.8, 0.4], [$uneven->low, $uneven->high], 1e-4, 'both sides by the same share');
    }

    public function test_a_transmitter_that_does_not_reach_1000_to_2000_is_told_without_a_mend(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        foreach ([[333, null], [334, 'Travel for 1000 to 2000 µs, sub-trim 0']] as [$span, $mend]) {
            $document->pulse->span = $span;
            $transmitter = \DuskSwitch\Core\Format\TransmitterDecoder::decode((string) json_encode($document));
            $found = Judged::judged(
                Schools::of(Schools::document('two channels two switches'), $transmitter),
                'ends-and-centre',
            )->findings;
            self::assertNotSame([], $found);
            self::assertSame($mend, $found[0]->mend, "span {$span}");
        }
    }

    public function test_a_failsafe_in_the_range_of_a_mode_that_the_controller_has_not_got_saves_nobody(): void
    {
        $said = Judged::says(
            Judged::school('two channels two switches', function (array $d): array {
                foreach ($d['aboard']['failsafe'] as $place => $one) {
                    $d['aboard']['failsafe'][$place]['does'] = $one['channel'] === 6 ? 2150 : $one['does'];
                }
                $d['aboard']['controller']['modes'][] = [
                    'channel' => 6,
                    'from' => 2100,
                    'to' => 2200,
                    'mode' => 'ghost',
                ];

                return $d;
            }),
            'failsafe',
        );

        self::assertStringContainsString(
            'its failsafe gives 2150 µs, outside of every mode that saves the aircraft',
            implode('', $said),
        );
    }

    public function test_a_controller_that_is_in_no_store_leaves_the_proof_open(): void
    {
        $document = Schools::document('wing behind a controller');
        $program = Schools::program(['controller' => 'sold-last-year'] + $document);
        $context = new ProofContext($program, Given::transmitter($program->transmitter), null, null);
        $found = Judged::judged($context, 'controller-chosen');

        self::assertSame(Answer::NotProven, $found->answer);
        self::assertStringContainsString('there is no controller "sold-last-year" in Equipment', $found->findings[0]->says);
    }

    public function test_an_aircraft_without_a_motor_has_none_to_start(): void
    {
        $glider = Judged::school('glider with its motor on a slider', function (array $d): array {
            $d['outputs'] = array_values(array_filter($d['outputs'], fn (array $one): bool => $one['role'] !== 'motor'));
            $d['functions'] = array_values(
                array_filter($d['functions'], fn (array $one): bool => ! in_array($one['id'], ['m', 'st'], true)),
            );
            $d['aboard']['failsafe'] = array_values(
                array_filter($d['aboard']['failsafe'], fn (array $one): bool => $one['channel'] !== 4),
            );

            return $d;
        });
        $judged = Judged::judged($glider, 'safe-at-power-up');

        self::assertSame([Answer::DoesNotApply, 'it has no motor'], [$judged->answer, $judged->why]);
    }

    /** A vehicle's motor stands still from 1450 to 1550 µs, both ends included, with or without a link. */
    public function test_a_failsafe_at_either_end_of_the_middle_stands_still(): void
    {
        foreach ([1450 => 0, 1449 => 1, 1550 => 0, 1551 => 1] as $pulse => $findings) {
            $context = Judged::school('ground vehicle', Judged::failsafe(2, $pulse));
            self::assertCount($findings, Judged::says($context, 'failsafe'), (string) $pulse);
        }
    }

    /** Where no range holds the controller takes a mode all the same: a step that slips out of its range is that. */
    public function test_a_step_that_slips_out_of_its_range_into_the_mode_without_one(): void
    {
        $slips = fn (array $d): array => [
            ...$d,
            'aboard' => [
                ...$d['aboard'],
                'controller' => [
                    ...$d['aboard']['controller'],
                    'modes' => [
                        ['channel' => 6, 'from' => 2050, 'to' => 2100, 'mode' => 'steady'],
                        ['channel' => 8, 'from' => 1700, 'to' => 2100, 'mode' => 'home'],
                    ],
                ],
            ],
        ];
        $with = Judged::school('separate mode switches none is free', $slips);
        $says = Judged::says($with, 'mode-as-meant');
        self::assertCount(1, $says);
        self::assertSame(
            'error: Ja of Ruhe means Ruhig, and the controller takes channel 6 at 2000 µs as Frei, its mode without a '.
                'range. Move it into the range of the mode that it means, or say what the step means',
            $says[0],
        );
        $without = Judged::school('separate mode switches none is free', function (array $d) use ($slips): array {
            $d = $slips($d);
            // Every flight mode has a range now, so none is left for where no range holds.
            unset($d['aboard']['controller']['none']);
            $d['aboard']['controller']['modes'][] = ['channel' => 8, 'from' => 900, 'to' => 950, 'mode' => 'wild'];

            return $d;
        });
        self::assertSame([], Judged::says($without, 'mode-as-meant'), 'where no mode is left another rule tells it');
        self::assertNotSame([], Judged::says($without, 'one-mode-in-each-state'));
    }
}
