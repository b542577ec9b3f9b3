<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\ScriptDecoder;
use DuskSwitch\Core\Program\ConditionTexts;
use DuskSwitch\Core\Signal\Circuit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Conditions that remember: held, latch, toggle, taps. */
final class MemoryTest extends TestCase
{
    private const PRESSED = ['control' => 'button-left', 'at' => 'pressed'];

    /** A lamp that is on while the condition holds. */
    private function lamp(mixed $when): Circuit
    {
        return Given::program([
            'functions' => [
                [
                    'id' => 'lamp',
                    'name' => 'Lamp',
                    'steps' => [['id' => 'off', 'value' => -1], ['id' => 'on', 'value' => 1]],
                    'drive' => ['cases' => [['when' => $when, 'step' => 'on']]],
                ],
            ],
        ]);
    }

    /**
     * The times at which the lamp changes, after it began: "1.5 on".
     *
     * @param  list<array{float, float}>  $presses  from and to, in seconds
     * @return list<string>
     */
    private function changes(Circuit $circuit, array $presses, float $seconds = 5): array
    {
        $at = [];
        foreach ($presses as [$from, $to]) {
            array_push(
                $at,
                ['t' => $from, 'controls' => ['button-left' => 'pressed']],
                ['t' => $to, 'controls' => ['button-left' => 'released']],
            );
        }
        $changes = [];
        $was = null;
        foreach (
            ScriptDecoder::read(
                Json::decode((string) json_encode(['seconds' => $seconds, 'at' => $at])),
                $circuit->panel,
            )->run($circuit) as $t => $frame
        ) {
            $now = $frame->steps()['lamp'];
            if ($was !== null && $now !== $was) {
                $changes[] = "{$t} {$now}";
            }
            $was = $now;
        }

        return $changes;
    }

    public function test_held_waits_and_a_break_begins_it_anew(): void
    {
        $circuit = $this->lamp(['held' => self::PRESSED, 'seconds' => 1]);

        self::assertSame(['2 on', '2.5 off'], $this->changes($circuit, [[1, 2.5]]));
        self::assertSame(['3.2 on', '3.5 off'], $this->changes($circuit, [[1, 1.98], [2.2, 3.5]]));
    }

    public function test_what_holds_from_the_start_has_been_held(): void
    {
        $circuit = $this->lamp(['held' => ['control' => 'left-shoulder', 'at' => 'toward'], 'seconds' => 10]);

        self::assertSame('on', $circuit->tick($circuit->panel->atRest())->frame->steps()['lamp']);
    }

    public function test_a_toggle_changes_over_with_each_press(): void
    {
        self::assertSame(
            ['1 on', '2 off', '3 on'],
            $this->changes($this->lamp(['toggle' => self::PRESSED]), [[1, 1.4], [2, 2.1], [3, 4]]),
        );
    }

    public function test_a_latch_stays_until_its_reset_which_wins(): void
    {
        $circuit = $this->lamp([
            'latch' => ['set' => self::PRESSED, 'reset' => ['held' => self::PRESSED, 'seconds' => 0.5]],
        ]);

        self::assertSame(['1 on', '2.5 off'], $this->changes($circuit, [[1, 1.2], [2, 2.8]]));
    }

    public function test_a_double_press_is_told_at_once_and_a_single_one_when_no_second_came(): void
    {
        $single = $this->lamp(['taps' => self::PRESSED, 'count' => 1, 'within' => 0.4]);
        $double = $this->lamp(['taps' => self::PRESSED, 'count' => 2, 'within' => 0.4]);

        self::assertSame(
            [['1.42 on', '1.44 off'], []],
            [$this->changes($single, [[1, 1.1]]), $this->changes($double, [[1, 1.1]])],
        );
        self::assertSame(
            [[], ['1.3 on', '1.32 off']],
            [$this->changes($single, [[1, 1.1], [1.3, 1.4]]), $this->changes($double, [[1, 1.1], [1.3, 1.4]])],
        );
        // Too slow for a double press: two single ones.
        self::assertSame(
            ['1.42 on', '1.44 off', '1.92 on', '1.94 off'],
            $this->changes($single, [[1, 1.1], [1.5, 1.6]]),
        );
        self::assertSame([], $this->changes($double, [[1, 1.1], [1.5, 1.6]]));
    }

    public function test_one_button_does_two_things(): void
    {
        // A single press switches the beeper, a double press the lamp (common practice: beeper and flip-over).
        $on = fn (int $count): array => ['toggle' => ['taps' => self::PRESSED, 'count' => $count, 'within' => 0.4]];

        self::assertSame(
            ['1.42 on', '3.42 off'],
            $this->changes($this->lamp($on(1)), [[1, 1.1], [2, 2.1], [2.2, 2.3], [3, 3.1]]),
        );
        self::assertSame(['2.2 on'], $this->changes($this->lamp($on(2)), [[1, 1.1], [2, 2.1], [2.2, 2.3], [3, 3.1]]));
    }

    public function test_a_condition_remembers_wherever_it_stands(): void
    {
        $toggle = ['toggle' => self::PRESSED];
        $circuit = Given::program([
            'conditions' => ['named' => $toggle],
            'phases' => [
                ['id' => 'main', 'name' => 'Main'],
                ['id' => 'other', 'name' => 'Other', 'when' => ['not' => ['not' => 'named']]],
            ],
            'functions' => [
                [
                    'id' => 'roll',
                    'name' => 'Roll',
                    'drive' => ['axis' => 'roll'],
                    'override' => [['when' => ['all' => [$toggle]], 'value' => 0.75]],
                ],
                [
                    'id' => 'lamp',
                    'name' => 'Lamp',
                    'steps' => [['id' => 'off', 'value' => -1], ['id' => 'on', 'value' => 1]],
                    'drive' => ['cases' => [['when' => ['any' => ['named', ['phase' => 'other']]], 'step' => 'on']]],
                ],
            ],
            'outputs' => [
                ['channel' => 1, 'name' => 'One', 'feeds' => [['from' => 1, 'weight' => 0.5, 'when' => $toggle]]],
            ],
        ]);
        $hand = $circuit->panel->atRest();
        $pressed = $hand;
        $pressed[(int) $circuit->panel->control('button-left')] = 1.0;
        $state = null;
        $seen = [];
        foreach ([$hand, $pressed, $pressed, $hand, $pressed] as $now) {
            $tick = $circuit->tick($now, $state);
            $state = $tick->state;
            $seen[] = [
                $tick->frame->phase(),
                $tick->frame->functions()['roll'],
                $tick->frame->steps()['lamp'],
                $tick->frame->outputs()[1]->signal,
            ];
        }

        $off = ['main', 0.0, 'off', 0.0];
        $on = ['other', 0.75, 'on', 0.5];
        self::assertSame([$off, $on, $on, $on, $off], $seen);
    }

    public function test_settled_held_holds_at_once_and_nothing_was_ever_pressed(): void
    {
        $step = fn (mixed $when): string => Given::frame(
            $this->lamp($when),
            controls: ['button-left' => 'pressed'],
        )->steps()['lamp'];

        self::assertSame('on', $step(['held' => self::PRESSED, 'seconds' => 5]));
        self::assertSame(
            'on',
            $step(['latch' => ['set' => self::PRESSED, 'reset' => ['control' => 'left-shoulder', 'at' => 'away']]]),
        );
        self::assertSame('off', $step(['latch' => ['set' => self::PRESSED, 'reset' => self::PRESSED]]));
        self::assertSame('off', $step(['toggle' => self::PRESSED]));
        self::assertSame('off', $step(['taps' => self::PRESSED, 'count' => 1, 'within' => 0.4]));
    }

    public function test_they_are_written_back_and_said_in_words(): void
    {
        $text = Given::text([
            'version' => 2,
            'phases' => [
                ['id' => 'main', 'name' => 'Main'],
                [
                    'id' => 'far',
                    'name' => 'Far',
                    'when' => [
                        'latch' => [
                            'set' => ['held' => self::PRESSED, 'seconds' => 1.5],
                            'reset' => ['toggle' => ['taps' => self::PRESSED, 'count' => 2, 'within' => 0.4]],
                        ],
                    ],
                ],
            ],
        ]);
        $program = ProgramDecoder::decode($text);

        self::assertEquals($program, ProgramDecoder::decode(ProgramEncoder::encode($program)));
        self::assertSame(
            'from Left button pressed for 1.5 s until changed over by Left button pressed twice within 0.4 s',
            (new ConditionTexts($program, Given::transmitter()))->phases()['far'],
        );
    }

    #[DataProvider('faults')]
    public function test_faults_have_their_path(string $says, mixed $condition): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        $this->lamp($condition);
    }

    /** @return list<array{string, mixed}> */
    public static function faults(): array
    {
        return [
            ['drive.cases[0].when.latch.reset: this is missing', ['latch' => ['set' => self::PRESSED]]],
            [
                'drive.cases[0].when.taps.control: Harbour 16 has no control "x"',
                ['taps' => ['control' => 'x', 'at' => 'pressed'], 'count' => 1, 'within' => 0.4],
            ],
            [
                'drive.cases[0].when.count: must be from 1 to 2, not 3',
                ['taps' => self::PRESSED, 'count' => 3, 'within' => 0.4],
            ],
            ['drive.cases[0].when.seconds: this is missing', ['held' => self::PRESSED]],
            ['drive.cases[0].when.within', ['toggle' => self::PRESSED, 'within' => 1]],
            ['function "Lamp" needs function "Lamp"', ['held' => ['step' => ['lamp', 'on']], 'seconds' => 1]],
        ];
    }
}
