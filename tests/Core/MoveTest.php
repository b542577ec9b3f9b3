<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Move\MovedProgram;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A program on another transmitter: what is meant stays, and so does every pulse. */
final class MoveTest extends TestCase
{
    private static function moved(Circuit $circuit, string $to): MovedProgram
    {
        return TransmitterMove::to($circuit->program, $circuit->panel->transmitter, Given::transmitter($to));
    }

    private static function circuit(MovedProgram $moved, string $to): Circuit
    {
        return Compiler::compile($moved->program, Given::transmitter($to));
    }

    public function test_nightjar_goes_to_a_smaller_transmitter(): void
    {
        $moved = self::moved(Given::circuit(Given::demo('nightjar')), 'quayside-8');

        self::assertSame(
            [
                'Left front → Left face',
                'Left side → Right face',
                'Left shoulder → Left shoulder',
                'Right button → Button',
                'Right shoulder → Right shoulder',
            ],
            $moved->places,
        );
        self::assertSame(
            [
                "Quayside 8 has 8 channels: 9 Video power can't come along",
                "Quayside 8 has 8 channels: 10 Camera tilt can't come along",
            ],
            $moved->losses,
        );
        self::assertNull($moved->program->function('video'), 'what fed only a lost channel goes with it');
        self::assertSame(
            1.25,
            $moved->program->output(5)?->travel->high,
            '±512 at 97.66 % is ±400 at 125 % (common practice)',
        );
    }

    public function test_and_back_again(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'));
        $there = self::circuit(self::moved($nightjar, 'quayside-8'), 'quayside-8');
        $back = self::circuit(self::moved($there, 'harbour-16'), 'harbour-16');

        self::assertSame([], self::moved($there, 'harbour-16')->losses);
        self::assertSame(0.9765625, $back->program->output(1)?->travel->low);
        foreach (['away', 'toward'] as $detent) {
            $arm = $back->program->function('arm');
            $control =
                $arm instanceof SteppedFunction && $arm->drive instanceof DetentDrive
                    ? $arm->drive->control
                    : self::fail();
            self::assertSame(
                Given::frame($nightjar, controls: ['left-shoulder' => $detent])->pulse(5),
                Given::frame($back, controls: [$control => $detent])->pulse(5),
            );
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function moves(): iterable
    {
        foreach (array_keys(Given::demos()) as $demo) {
            foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $to) {
                yield "{$demo} to {$to}" => [$demo, $to];
            }
        }
    }

    #[DataProvider('moves')]
    public function test_every_pulse_stays_where_it_is(string $demo, string $to): void
    {
        $before = Given::circuit(Given::demo($demo));
        $moved = self::moved($before, $to);
        $after = self::circuit($moved, $to);
        foreach (
            [
                [],
                ['roll' => 1.0, 'pitch' => -0.4, 'throttle' => 0.5, 'yaw' => -1.0],
                ['roll' => -0.7, 'pitch' => 1.0, 'throttle' => 1.0, 'yaw' => 0.2],
            ] as $axes
        ) {
            foreach ($moved->program->outputs as $output) {
                self::assertEqualsWithDelta(
                    Given::frame($before, $axes)->pulse($output->channel),
                    Given::frame($after, $axes)->pulse($output->channel),
                    1,
                    $output->name,
                );
            }
        }
        self::assertSame(
            Given::frame($before)->steps(),
            array_replace(Given::frame($before)->steps(), Given::frame($after)->steps()),
            'everything rests in the same step',
        );
    }

    /** @return iterable<string, array{Circuit, string}> */
    public static function anywhere(): iterable
    {
        foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $to) {
            yield "everything to {$to}" => [Given::circuit(Everything::text()), $to];
            foreach (array_keys(Given::demos()) as $demo) {
                yield "{$demo} to {$to}" => [Given::circuit(Given::demo($demo)), $to];
            }
            foreach (array_keys(Schools::names()) as $school) {
                $program = Schools::program(Schools::document($school));
                yield "{$school} to {$to}" => [
                    Compiler::compile($program, Given::transmitter($program->transmitter)),
                    $to,
                ];
            }
        }
    }

    #[DataProvider('anywhere')]
    public function test_nothing_points_at_what_stayed_behind(Circuit $circuit, string $to): void
    {
        $moved = self::moved($circuit, $to);
        $aboard = $moved->program->aboard;
        $channels = array_column($moved->program->outputs, 'channel');
        foreach ($aboard->startCheck as $id) {
            self::assertNotNull(Given::transmitter($to)->control($id), "the start check looks at {$id}");
        }
        self::assertSame([], array_diff(array_keys($aboard->failsafe), $channels));
        self::assertSame([], array_diff(array_keys($aboard->readings), $channels));
        // A switch that was checked and came along is checked in its new place, and no other one is.
        $was = array_intersect($circuit->program->aboard->startCheck, array_keys($moved->controls));
        $is = array_map(fn (string $id): string => $moved->controls[$id]->to->id, $was);
        self::assertEqualsCanonicalizing(array_values(array_unique($is)), $aboard->startCheck);
        $again = ProgramDecoder::decode(ProgramEncoder::encode($moved->program));
        Compiler::compile($again, Given::transmitter($to));
        self::assertEquals($moved->program, $again);
    }

    public function test_a_position_too_many_is_told_and_rest_stays_safe(): void
    {
        $program = Given::program([
            'functions' => [
                [
                    'id' => 'mode',
                    'name' => 'Mode',
                    'steps' => [
                        ['id' => 'level', 'value' => -1],
                        ['id' => 'home', 'value' => 0],
                        ['id' => 'free', 'value' => 1],
                    ],
                    'drive' => [
                        'control' => 'left-front',
                        'map' => ['away' => 'free', 'middle' => 'home', 'toward' => 'level'],
                    ],
                ],
            ],
            'outputs' => [['channel' => 5, 'name' => 'Mode', 'feeds' => [['from' => 'mode']]]],
        ]);
        $one =
            '{"format": "dusk-switch/transmitter", "version": 1, "id": "small", "name": "Small", "channels": 6, '.
                '"pulse": {"centre": 1500, "span": 500}, "gimbals": {"left": [40, 50], "right": [60, 50]}, '.
                '"controls": [{"id": "flip", "name": "Flip", "kind": "switch", "positions": 2, "rest": "away", '.
                '"place": [10, 10]}]}';
        $small = TransmitterDecoder::decode($one);
        $moved = TransmitterMove::to($program->program, $program->panel->transmitter, $small);

        self::assertSame(
            [
                'Flip has no position for Mode: Home',
                'Flip rests away: at power-up Mode would be Free. Turn its positions round before you fly',
            ],
            $moved->losses,
        );
        Compiler::compile($moved->program, $small);
    }

    public function test_what_nothing_can_choose_is_left_out_and_told(): void
    {
        $bare =
            '{"format": "dusk-switch/transmitter", "version": 1, "id": "bare", "name": "Bare", "channels": 4, '.
                '"pulse": {"centre": 1500, "span": 300}, "gimbals": {"left": [40, 50], "right": [60, 50]}, '.
                '"controls": []}';
        $bare = TransmitterDecoder::decode($bare);
        $petrel = Given::circuit(Given::demo('petrel'));
        $moved = TransmitterMove::to($petrel->program, $petrel->panel->transmitter, $bare);

        self::assertContains('Bare has 4 channels: 7 Motor can\'t come along', $moved->losses);
        self::assertContains('Bare has nothing left for Left slider', $moved->losses);
        self::assertContains('Nothing moves Brakes any more', $moved->losses);
        self::assertContains(
            '1 Left aileron: Bare goes no further than 450 µs from its centre, 50 µs less than before',
            $moved->losses,
        );
        Compiler::compile($moved->program, $bare);
    }

    public function test_a_hold_that_is_lost_is_said_aloud(): void
    {
        $bare =
            '{"format": "dusk-switch/transmitter", "version": 1, "id": "bare", "name": "Bare", "channels": 4, '.
                '"pulse": {"centre": 1500, "span": 500}, "gimbals": {"left": [40, 50], "right": [60, 50]}, '.
                '"controls": []}';
        $tern = Given::program([
            'functions' => [
                [
                    'id' => 'throttle',
                    'name' => 'Throttle',
                    'drive' => ['axis' => 'throttle'],
                    'override' => [['when' => ['control' => 'left-shoulder', 'at' => 'toward'], 'value' => -1]],
                ],
            ],
            'outputs' => [['channel' => 1, 'name' => 'Motor', 'feeds' => [['from' => 'throttle']]]],
        ]);
        $losses = TransmitterMove::to(
            $tern->program,
            $tern->panel->transmitter,
            TransmitterDecoder::decode($bare),
        )->losses;

        self::assertContains(
            'Throttle is no longer held at −100 %: no control is left for that. Give it one before you fly',
            $losses,
        );
    }

    public function test_alarms_and_call_outs_come_along_with_the_other_transmitters_controls(): void
    {
        $document = json_decode(Given::demo('petrel'));
        $document->sense->calls[] = (object) [
            'id' => 'pressed',
            'name' => 'Top switch',
            'when' => (object) ['control' => 'top-left', 'at' => 'away'],
            'says' => ['Top'],
        ];
        $document->sense->calls[] = (object) [
            'id' => 'gone',
            'name' => 'Right dial',
            'when' => (object) ['control' => 'dial-right', 'above' => 0.5],
            'says' => ['Dial'],
        ];
        $program = ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $moved = TransmitterMove::to($program, Given::transmitter('lamplight-12'), Given::transmitter('harbour-16'));
        $sense = $moved->program->sense;

        self::assertSame(
            [null, null],
            array_column($sense->chain, 'slot'),
            'another transmitter has other slots, or none',
        );
        self::assertEquals($program->sense->call('cell-low'), $sense->call('cell-low'));
        $when = $sense->call('pressed')?->when;
        self::assertInstanceOf(ControlAt::class, $when);
        self::assertNotNull(Given::transmitter('harbour-16')->control($when->control), 'a control that is there');
        self::assertInstanceOf(ControlLevel::class, $sense->call('gone')?->when, 'a dial that only speaks comes along');

        $without = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'));
        $without->controls = array_values(
            array_filter($without->controls, fn (object $one): bool => $one->kind !== 'dial' && $one->kind !== 'slider'),
        );
        $poorer = TransmitterMove::to(
            $program,
            Given::transmitter('lamplight-12'),
            TransmitterDecoder::decode((string) json_encode($without)),
        );
        self::assertNull($poorer->program->sense->call('gone'));
        self::assertContains('Right dial falls silent: what it waits for isn\'t there', $poorer->losses);
    }

    public function test_feeds_and_phases_of_what_stays_behind_go_and_are_told(): void
    {
        $circuit = Given::program([
            'phases' => [
                ['id' => 'main', 'name' => 'Main'],
                ['id' => 'gone', 'name' => 'Weg', 'when' => ['control' => 'slider-left', 'above' => 0.5]],
                ['id' => 'stays', 'name' => 'Bleibt', 'when' => ['control' => 'left-shoulder', 'at' => 'away']],
            ],
            'functions' => [['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']]],
            'outputs' => [
                [
                    'channel' => 1,
                    'name' => 'A',
                    'feeds' => [
                        ['from' => 'roll'],
                        ['from' => ['control' => 'dial-left'], 'weight' => 0.1],
                        ['from' => ['control' => 'slider-right'], 'weight' => 0.2],
                        ['from' => 'roll', 'weight' => 0.3, 'when' => ['phase' => 'gone']],
                        ['from' => 'roll', 'weight' => 0.4, 'when' => ['phase' => 'stays']],
                        ['from' => 'roll', 'weight' => 0.5, 'when' => ['phase' => 'main']],
                    ],
                ],
            ],
        ]);
        $moved = self::moved($circuit, 'quayside-8');
        self::assertSame(
            [1.0, 0.1, 0.4, 0.5],
            array_map(fn ($feed): float => $feed->weight->high, $moved->program->output(1)->feeds ?? []),
        );
        self::assertSame(['main', 'stays'], array_column($moved->program->phases, 'id'));
        $losses = implode('; ', $moved->losses);
        foreach (['Phase Weg is left out', 'nothing left for Left slider', 'nothing left for Right slider'] as $loss) {
            self::assertStringContainsString($loss, $losses);
        }
    }
}
