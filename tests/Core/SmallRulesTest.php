<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\ControllerView;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateMap;
use DuskSwitch\Core\Space\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rules that look at one thing each, with what they say at their limits and where they say that they couldn't look. */
final class SmallRulesTest extends TestCase
{
    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private static function school(string $school, callable $change): ProofContext
    {
        return Schools::of($change(Schools::document($school)));
    }

    /** @param  callable(\stdClass): mixed  $change */
    private static function demo(string $name, callable $change): ProofContext
    {
        $document = json_decode(Given::demo($name));
        $change($document);

        return Given::context(ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)));
    }

    private static function judged(ProofContext $context, string $rule): Judgement
    {
        foreach (Proof::of($context)->rules as [$one, $judgement]) {
            if ($one->id() === $rule) {
                return $judgement;
            }
        }
        self::fail($rule);
    }

    /** @return list<string> severity and words of what a rule finds */
    private static function says(ProofContext $context, string $rule): array
    {
        return array_map(fn (Finding $one): string => "{$one->severity->value}: {$one->says}", self::judged($context, $rule)->findings);
    }

    /**
     * With one output changed.
     *
     * @param  array<string, mixed>  $change
     * @return callable(array<string, mixed>): array<string, mixed>
     */
    private static function channel(int $channel, array $change): callable
    {
        return function (array $d) use ($channel, $change): array {
            foreach ($d['outputs'] as $place => $one) {
                $d['outputs'][$place] = $one['channel'] === $channel ? [...$one, ...$change] : $one;
            }

            return $d;
        };
    }

    /** @return array<string, array{array<string, mixed>, list<string>}> channel 2 of a multirotor with span 400, and what is said of its ends and centre */
    public static function ends(): array
    {
        return [
            // 1500 ± 400 · travel, and 400 · sub-trim beside; five microseconds are allowed.
            'just right' => [['travel' => 1.25], []],
            'five too long' => [['travel' => 1.2625], []],
            'six too long' => [['travel' => 1.265], ['warning: Ausgang 2 goes from 994 to 2006 µs; the controller wants 1000 to 2000. Set its travel']],
            'six too short at one end' => [['travel' => [1.25, 1.235]], ['warning: Ausgang 2 goes from 1000 to 1994 µs; the controller wants 1000 to 2000. Set its travel']],
            'six too short at the other' => [['travel' => [1.235, 1.25]], ['warning: Ausgang 2 goes from 1006 to 2000 µs; the controller wants 1000 to 2000. Set its travel']],
            'centre five off, ends right' => [['travel' => [1.2625, 1.2375], 'subtrim' => 0.0125], []],
            'centre six off, ends right' => [['travel' => [1.265, 1.235], 'subtrim' => 0.015], ['warning: Ausgang 2 rests at 1506 µs, not 1500: it drifts. Put the trims in the middle, then correct the sub-trim']],
            'reversed, six too long' => [['travel' => 1.265, 'reverse' => true], ['warning: Ausgang 2 goes from 994 to 2006 µs; the controller wants 1000 to 2000. Set its travel']],
        ];
    }

    /**
     * @param  array<string, mixed>  $output
     * @param  list<string>  $wanted
     */
    #[DataProvider('ends')]
    public function test_ends_and_centre_to_the_microsecond(array $output, array $wanted): void
    {
        self::assertSame($wanted, self::says(self::school('two channels, two switches', self::channel(2, $output)), 'ends-and-centre'));
    }

    public function test_a_throttle_has_no_centre_and_a_channel_that_is_mixed_has_no_ends_of_its_own(): void
    {
        self::assertSame([], self::says(self::school('two channels, two switches', self::channel(1, ['travel' => [1.265, 1.235], 'subtrim' => 0.015])), 'ends-and-centre'));
        self::assertSame([], self::says(self::school('two channels, two switches', self::channel(2, ['travel' => 0.5, 'feeds' => [['from' => 'q'], ['from' => 'h', 'weight' => 0.1]]])), 'ends-and-centre'));
        self::assertSame(Answer::DoesNotApply, self::judged(self::school('plane with a motor cut', fn (array $d): array => $d), 'ends-and-centre')->answer);
    }

    public function test_the_mend_of_ends_reaches_them(): void
    {
        $context = self::school('two channels, two switches', self::channel(2, ['travel' => 0.7, 'subtrim' => 0.1]));
        $mended = self::judged($context, 'ends-and-centre')->findings[0]->mended ?? self::fail('no mend');
        $output = $mended->output(2) ?? self::fail();

        self::assertSame([1.25, 1.25, 0.0], [$output->travel->low, $output->travel->high, $output->subtrim]);
        self::assertEquals($context->program->output(3), $mended->output(3));
    }

    public function test_channels_past_what_the_link_carries_are_named_all(): void
    {
        $with = fn (?string $subtype): ProofContext => self::demo('nightjar', fn ($d) => $subtype === null ? $d->aboard->kit = (object) array_diff_key((array) $d->aboard->kit, ['subtype' => 0, 'link' => 0]) : $d->aboard->kit->subtype = $subtype);

        self::assertSame(Answer::Proven, self::judged($with('wide-16'), 'fits-the-link')->answer);
        self::assertSame(['error: Channels 9 Video power, 10 Camera tilt don\'t get through: the link’s sub-type carries 8. Move what is important to lower channels, or choose another sub-type or receiver'], self::says($with('wide-8'), 'fits-the-link'));
        self::assertSame([Answer::NotChecked, 'no link and sub-type are chosen'], [($one = self::judged($with(null), 'fits-the-link'))->answer, $one->why]);
        $nobody = self::demo('nightjar', function ($d): void {
            unset($d->receiver);
        });
        self::assertSame([Answer::NotChecked, 'no receiver is chosen'], [($one = self::judged($nobody, 'fits-the-link'))->answer, $one->why]);
        $one = self::demo('nightjar', function ($d): void {
            $d->aboard->kit->subtype = 'wide-8';
            array_pop($d->outputs);
        });
        self::assertSame(['error: Channel 9 Video power doesn\'t get through: the link’s sub-type carries 8. Move what is important to lower channels, or choose another sub-type or receiver'], self::says($one, 'fits-the-link'));
    }

    /** Nine pulses of 2.2 ms and a gap of 4 ms are 23.8; the frame has 22.5 (common practice). */
    public function test_nine_channels_are_one_too_many_for_a_sum_signal(): void
    {
        $with = fn (int $channels): ProofContext => self::demo('nightjar', function ($d) use ($channels): void {
            $d->aboard->kit->wire = 'sum';
            $d->outputs = array_slice($d->outputs, 0, $channels);
        });

        self::assertSame([], self::says($with(8), 'sum-signal-timing'));
        self::assertSame(['error: A sum signal of 9 channels may need 23.8 ms, and its frame has 22.5 ms: at most 8 channels fit. Use the serial wire, or fewer channels'], self::says($with(9), 'sum-signal-timing'));
    }

    public function test_a_sub_trim_of_half_a_per_cent_fights_a_stabiliser(): void
    {
        $said = self::says(self::demo('rook', fn ($d) => $d->outputs[1]->subtrim = 0.005), 'no-trim-on-a-stabiliser');

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
        $surface = self::judged(self::school('plane with a motor cut', $without(1)), 'everything-connected')->findings;
        self::assertSame(['warning', 'It moves something else', 'other'], [$surface[0]->severity->value, $surface[0]->mend, $surface[0]->mended?->output(1)?->role?->value]);
        self::assertSame([1, 2, 3], array_column($surface[0]->mended?->outputs ?? [], 'channel'));
        self::assertSame('elevator', $surface[0]->mended?->output(2)?->role?->value);
        $motor = self::judged(self::school('plane with a motor cut', $without(3)), 'everything-connected');
        self::assertSame(Answer::NotProven, $motor->answer);
        self::assertSame([null, null], [$motor->findings[0]->mend, $motor->findings[0]->mended]);
        self::assertStringContainsString('the throttle has a say in it, so it is taken for a motor', $motor->findings[0]->says);
    }

    public function test_which_of_two_modes_wins_is_said_only_where_both_are_in_the_order(): void
    {
        $with = fn (array $priority): array => self::says(self::school('two channels, two switches', function (array $d) use ($priority): array {
            $d['aboard']['controller']['modes'][0]['to'] = 1400;
            $d['aboard']['controller'] += $priority === [] ? [] : ['priority' => $priority];

            return $d;
        }), 'slots-apart');
        $told = ['warning: The slots of Ruhig and Heim both hold 1300 to 1400 µs of channel 6. End one where the other begins, or say which wins'];

        self::assertSame($told, $with([]));
        self::assertSame($told, $with(['steady']));
        self::assertSame($told, $with(['home']));
        self::assertSame([], $with(['home', 'steady']));
    }

    public function test_arm_steps_that_do_not_say_which_arms_leave_it_open(): void
    {
        $with = fn (callable $change): Judgement => self::judged(self::school('two channels, two switches', $change), 'arm-channel-alone');

        self::assertSame(Answer::Proven, $with(fn (array $d): array => $d)->answer);
        $silent = $with(function (array $d): array {
            unset($d['functions'][0]['steps'][1]['means']);

            return $d;
        });
        self::assertSame(Answer::NotProven, $silent->answer);
        self::assertStringContainsString('the steps of Scharf don\'t say which is armed and which disarmed', $silent->findings[0]->says);
        $nobody = $with(function (array $d): array {
            $d['functions'][0]['purpose'] = 'other';

            return $d;
        });
        self::assertStringContainsString('no function has the purpose “arm”', $nobody->findings[0]->says);
        $second = $with(function (array $d): array {
            $d['functions'][] = ['id' => 'zwei', 'name' => 'Zweiter', 'purpose' => 'arm', 'steps' => [['id' => 'a', 'value' => 0]]];

            return $d;
        });
        self::assertStringContainsString('the steps of Zweiter don\'t say', $second->findings[0]->says);
        $elsewhere = $with(function (array $d): array {
            $d['aboard']['controller']['arming'] = ['by' => 'range', 'ranges' => [['channel' => 11, 'from' => 1700, 'to' => 2100]]];

            return $d;
        });
        self::assertSame([Answer::DoesNotApply, 'nothing is on its arm channel'], [$elsewhere->answer, $elsewhere->why]);
    }

    public function test_switches_in_use_are_checked_at_power_up_and_buttons_and_others_are_not(): void
    {
        $with = fn (array $check, string $school = 'two channels, two switches'): array => self::says(self::school($school, function (array $d) use ($check): array {
            $d['aboard']['startCheck'] = $check;

            return $d;
        }), 'start-check');

        self::assertSame([], $with(['top-left', 'face-left']));
        self::assertSame(['warning: Left face is not checked at power-up: it may wake up with a switch away from rest. Switch the warning on'], $with(['top-left']));
        self::assertSame(['warning: Left top, Left face are not checked at power-up: it may wake up with a switch away from rest. Switch the warning on'], $with([]));
        self::assertSame([], $with(['flick-b'], 'a button that toggles arm'));
    }

    public function test_a_dangerous_mode_in_the_middle_of_a_switch_is_passed(): void
    {
        $with = fn (int $from, int $to, int $channel = 6): array => self::says(self::school('two channels, two switches', function (array $d) use ($from, $to, $channel): array {
            $d['aboard']['controller']['modes'][] = ['channel' => $channel, 'from' => $from, 'to' => $to, 'mode' => 'flip'];

            return $d;
        }), 'nothing-risky-on-the-way');

        self::assertSame(['warning: Salto lies in the middle of a three-position switch, Left face, which passes it on every way from end to end. Put it at an end, or on a switch of its own'], $with(1450, 1550));
        self::assertSame([], $with(1950, 2050));
        self::assertSame([], $with(1450, 2050), 'an end is in it, too');
        self::assertSame([], $with(1450, 1550, 12), 'nothing sends on that channel');
    }

    public function test_the_map_has_a_cell_for_each_position_of_the_switches_that_have_a_say(): void
    {
        $map = StateMap::of(self::school('two channels, two switches', fn (array $d): array => $d));

        self::assertCount(6, $map->cells);
        self::assertCount(6, array_unique(array_map(fn ($one): string => implode(' ', $one->hand->hand), $map->cells)));
        self::assertCount(3, array_filter($map->cells, fn ($one): bool => $one->armed));
    }

    /** A range holds from its low end on, and up to its high end without it. */
    public function test_a_span_of_pulses_is_in_a_range_out_of_it_or_both(): void
    {
        $seen = fn (int ...$span): \DuskSwitch\Core\Space\Observed => new class([$span]) implements \DuskSwitch\Core\Space\Observed
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
        $range = new Slot('steady', 6, 1300, 1700);
        foreach ([[1300, 1699, Truth::HOLDS], [1299, 1299, Truth::FAILS], [1700, 1700, Truth::FAILS], [1300, 1700, Truth::EITHER], [1299, 1300, Truth::EITHER], [1299, 1700, Truth::EITHER], [1000, 1299, Truth::FAILS], [1700, 2000, Truth::FAILS]] as [$low, $high, $truth]) {
            self::assertSame($truth, ControllerView::holds($range, $seen($low, $high)), "{$low} to {$high}");
        }
        self::assertSame(Truth::FAILS, ControllerView::holds(new Slot('steady', 7, 1300, 1700), $seen(1500, 1500)), 'a channel that is not there');
        foreach ([[1050, 1050, Truth::FAILS], [1051, 1051, Truth::HOLDS], [1050, 1051, Truth::EITHER], [1000, 1050, Truth::FAILS], [1051, 1900, Truth::HOLDS]] as [$low, $high, $truth]) {
            self::assertSame($truth, ControllerView::above($seen($low, $high), 6, 1050), "{$low} to {$high}");
        }
        self::assertSame(Truth::FAILS, ControllerView::above($seen(1500, 1500), 7, 1050));
        self::assertSame([1900.0, 0.0], [ControllerView::highest($seen(1100, 1900), 6), ControllerView::highest($seen(1100, 1900), 7)]);
    }

    public function test_of_steps_that_say_nothing_the_first_is_enough_and_those_that_say_something_are_still_judged(): void
    {
        $evidence = self::school('two channels, two switches', function (array $d): array {
            // In the order of the steps: the first two say nothing, the last lies in another mode's range.
            unset($d['functions'][1]['steps'][0]['means'], $d['functions'][1]['steps'][1]['means']);
            $d['functions'][1]['steps'][2]['means'] = ['mode' => 'steady'];

            return $d;
        });
        $found = self::judged($evidence, 'mode-as-meant')->findings;

        self::assertSame([true, false], array_map(fn (Finding $one): bool => $one->isOpen, $found));
        self::assertStringContainsString('doesn\'t say what it means', $found[0]->says);
        self::assertStringContainsString('Schritt home of Flugart means Ruhig, and the controller takes channel 6 at 1500 µs as Heim', $found[1]->says);
    }

    public function test_arming_by_a_button_or_by_no_range_asks_nothing_of_the_arm_channel(): void
    {
        foreach ([['by' => 'button'], ['by' => 'sticks'], ['by' => 'throttle']] as $arming) {
            $evidence = self::school('two channels, two switches', function (array $d) use ($arming): array {
                $d['aboard']['controller']['arming'] = $arming;

                return $d;
            });
            self::assertSame(Answer::DoesNotApply, self::judged($evidence, 'arm-channel-alone')->answer, $arming['by']);
            self::assertSame(Answer::DoesNotApply, self::judged($evidence, 'arm-placement')->answer, $arming['by']);
        }
    }

    /** Full stick just reaches the limit: weight · travel + sub-trim = limit. */
    public function test_the_mend_of_clipping_lowers_the_weight_just_so_far(): void
    {
        $with = fn (array $output): ?float => self::judged(self::school('plane with a motor cut', self::channel(1, $output)), 'nothing-clips')->findings[0]->mended?->output(1)?->feeds[0]->weight->high;

        self::assertEqualsWithDelta((1.0 - 0.2) / 1.25, $with(['limit' => [-1.2, 1.0], 'subtrim' => 0.2]), 1e-4);
        self::assertEqualsWithDelta((1.0 + 0.2) / 1.5, $with(['limit' => [-1.5, 1.0], 'subtrim' => -0.2, 'travel' => [0.5, 1.5]]), 1e-4);
        self::assertEqualsWithDelta((0.8 - 0.1) / 1.25, $with(['limit' => [-0.8, 1.5], 'subtrim' => -0.1]), 1e-4);
        self::assertEqualsWithDelta(0.25 / 1.25, $with(['limit' => [-0.25, 0.25], 'feeds' => [['from' => 'q', 'weight' => 0.4]]]), 1e-4, 'a small weight, too');
        $uneven = self::judged(self::school('plane with a motor cut', self::channel(1, ['limit' => [-1.0, 1.0], 'feeds' => [['from' => 'q', 'weight' => [1.2, 0.6]]]])), 'nothing-clips')->findings[0]->mended?->output(1)?->feeds[0]->weight ?? self::fail();
        self::assertEqualsWithDelta([0.8, 0.4], [$uneven->low, $uneven->high], 1e-4, 'both sides by the same share');
    }

    public function test_a_transmitter_that_does_not_reach_1000_to_2000_is_told_without_a_mend(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        foreach ([[333, null], [334, 'Travel for 1000 to 2000 µs, sub-trim 0']] as [$span, $mend]) {
            $document->pulse->span = $span;
            $transmitter = \DuskSwitch\Core\Format\TransmitterDecoder::decode((string) json_encode($document));
            $found = self::judged(Schools::of(Schools::document('two channels, two switches'), $transmitter), 'ends-and-centre')->findings;
            self::assertNotSame([], $found);
            self::assertSame($mend, $found[0]->mend, "span {$span}");
        }
    }

    public function test_a_mode_that_goes_by_way_of_another_channel_is_judged_all_the_same(): void
    {
        $with = fn (string $means): array => self::says(self::school('two channels, two switches', function (array $d) use ($means): array {
            $d['functions'][1]['steps'][0]['means'] = ['mode' => $means];
            foreach ($d['outputs'] as $place => $one) {
                if ($one['channel'] === 6) {
                    $d['outputs'][$place] = [...$one, 'feeds' => [['from' => ['output' => 5]]], 'travel' => 1.0];
                    $d['outputs'][] = [...$one, 'channel' => 5, 'role' => 'other'];
                }
            }
            // Arm goes elsewhere: channel 5 carries the mode first.
            $d['outputs'] = array_values(array_filter($d['outputs'], fn (array $one): bool => $one['role'] !== 'input-arm'));
            $d['aboard']['controller']['arming'] = ['by' => 'button'];

            return $d;
        }), 'mode-as-meant');

        self::assertSame([], $with('steady'));
        self::assertStringContainsString('means Frei, and the controller takes channel 6 at 1000 µs as Ruhig', implode('', $with('wild')));
    }

    public function test_arming_by_the_sticks_is_not_checked_where_no_channel_is_said_to_carry_them(): void
    {
        $with = fn (int $channel): Judgement => self::judged(self::school('armed by the sticks', self::channel($channel, ['role' => 'other'])), 'stick-arming');

        self::assertSame([Answer::NotChecked, 'no output has the role of the controller\'s yaw input'], [$with(4)->answer, $with(4)->why]);
        self::assertSame([Answer::NotChecked, 'no output has the role of the controller\'s throttle input'], [$with(1)->answer, $with(1)->why]);
        self::assertSame(Answer::Proven, $with(2)->answer);
    }

    public function test_a_failsafe_in_the_range_of_a_mode_that_the_controller_has_not_got_saves_nobody(): void
    {
        $said = self::says(self::school('two channels, two switches', function (array $d): array {
            foreach ($d['aboard']['failsafe'] as $place => $one) {
                $d['aboard']['failsafe'][$place]['does'] = $one['channel'] === 6 ? 2150 : $one['does'];
            }
            $d['aboard']['controller']['modes'][] = ['channel' => 6, 'from' => 2100, 'to' => 2200, 'mode' => 'ghost'];

            return $d;
        }), 'failsafe');

        self::assertStringContainsString('its failsafe gives 2150 µs, outside of every mode that saves the aircraft', implode('', $said));
    }

    /** A step that means no mode: in the range of a flight mode or a dangerous one an error, in that of a beeper, or of a mode that nobody knows, a warning. */
    public function test_a_step_that_means_nothing_in_a_range_weighs_as_much_as_the_mode(): void
    {
        $with = fn (string $mode): array => self::says(self::school('two channels, two switches', function (array $d) use ($mode): array {
            $d['functions'][] = ['id' => 'licht', 'name' => 'Licht', 'purpose' => 'lights', 'steps' => [['id' => 'aus', 'value' => -1.0, 'means' => 'other'], ['id' => 'an', 'value' => 1.0, 'means' => 'other']], 'drive' => ['control' => 'top-right', 'map' => ['away' => 'an', 'toward' => 'aus']]];
            $d['outputs'][] = ['channel' => 8, 'name' => 'Acht', 'role' => 'input-auxiliary', 'feeds' => [['from' => 'licht']], 'travel' => 1.25];
            $d['aboard']['controller']['modes'][] = ['channel' => 8, 'from' => 1900, 'to' => 2100, 'mode' => $mode];

            return $d;
        }), 'mode-as-meant');

        self::assertStringStartsWith('error: An of Licht means no mode, and the controller takes channel 8 at 2000 µs as Salto', $with('flip')[0]);
        self::assertStringStartsWith('error: An of Licht means no mode', $with('steady')[0]);
        self::assertStringStartsWith('warning: An of Licht means no mode, and the controller takes channel 8 at 2000 µs as ghost', $with('ghost')[0]);
    }
}
