<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** A document read and written again is the same document. */
final class DocumentTest extends TestCase
{
    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_demo_document_is_written_back_byte_for_byte(string $name): void
    {
        $text = Given::demo($name);

        self::assertSame($text, ProgramEncoder::encode(ProgramDecoder::decode($text)));
    }

    public function test_a_document_with_everything_keeps_everything(): void
    {
        $text = Given::text([
            'version' => 2,
            'notes' => "Mind the “wind”.\nÜber 5 m/s stay home.",
            'receiver' => 'lantern-r8',
            'controller' => 'keel-f4',
            'stickMode' => 4,
            'phases' => [
                ['id' => 'main', 'name' => 'Main'],
                [
                    'id' => 'launch',
                    'name' => 'Launch',
                    'when' => ['any' => [['control' => 'left-shoulder', 'at' => 'away'], ['not' => 'far']]],
                    'fade' => 1.5,
                ],
            ],
            'functions' => [
                [
                    'id' => 'roll',
                    'name' => 'Roll',
                    'drive' => ['axis' => 'roll'],
                    'deadband' => 0.02,
                    'trim' => ['authority' => 0.2, 'perPhase' => true],
                    'shape' => [
                        'main' => ['rate' => [0.9, 1.1], 'expo' => -0.25],
                        'launch' => ['rate' => [1.0, 1.0], 'curve' => 'c'],
                    ],
                    'dualRates' => [
                        ['when' => 'far', 'rate' => [0.5, 0.75], 'expo' => 0.1],
                        ['when' => ['control' => 'left-front', 'at' => 'middle'], 'rate' => [1.0, 1.0], 'curve' => 'c'],
                    ],
                    'override' => [['when' => ['phase' => 'launch'], 'value' => 0.125]],
                ],
                [
                    'id' => 'idle',
                    'name' => 'Idle',
                    'drive' => ['axis' => 'throttle'],
                    'trim' => ['authority' => 0.1, 'idle' => true],
                ],
                [
                    'id' => 'flaps',
                    'name' => 'Flaps',
                    'purpose' => 'flaps',
                    'steps' => [
                        ['id' => 'up', 'value' => 1.0, 'means' => 'other'],
                        ['id' => 'down', 'means' => ['mode' => 'land'], 'name' => 'Down, gear too', 'value' => -0.3],
                    ],
                    'drive' => [
                        'cases' => [
                            ['when' => ['control' => 'dial-left', 'above' => 0.3], 'step' => 'down'],
                            ['when' => ['function' => 'loose', 'below' => -0.5], 'step' => 'up'],
                        ],
                    ],
                ],
                ['id' => 'loose', 'name' => 'Loose', 'purpose' => 'camera-pan'],
            ],
            'outputs' => [
                [
                    'channel' => 2,
                    'name' => 'Two',
                    'feeds' => [
                        [
                            'from' => 'roll',
                            'weight' => [0.5, 1.0],
                            'offset' => -0.1,
                            'curve' => 'c',
                            'when' => 'far',
                            'combine' => 'scale',
                            'delay' => 0.3,
                            'slow' => [1.0, 2.0],
                        ],
                        ['from' => ['control' => 'slider-left'], 'weight' => 0.1],
                        ['from' => ['axis' => 'yaw'], 'weight' => -1.0],
                        ['from' => 1, 'weight' => 0.05, 'combine' => 'replace'],
                    ],
                    'role' => 'left-outer-aileron',
                    'travel' => [1.2, 0.8],
                    'reverse' => true,
                    'subtrim' => -0.015,
                    'limit' => [-1.25, 1.5],
                ],
            ],
            'curves' => ['c' => ['points' => [[-1.0, -1.0], [0.2, 0.1], [1.0, 1.0]], 'smooth' => true]],
            'conditions' => [
                'far' => ['all' => [['step' => ['flaps', 'down']], ['control' => 'dial-right', 'below' => 0.0]]],
            ],
        ]);
        $program = ProgramDecoder::decode($text);
        $once = ProgramEncoder::encode($program);

        self::assertEqualsCanonicalizing((array) json_decode($text, true), (array) json_decode($once, true));
        self::assertEquals($program, ProgramDecoder::decode($once));
        self::assertSame($once, ProgramEncoder::encode(ProgramDecoder::decode($once)));
        Given::circuit($once);
    }

    public function test_short_forms_are_understood(): void
    {
        $program = ProgramDecoder::decode(
            Given::text([
                'functions' => [['id' => 'roll', 'name' => 'Roll', 'shape' => ['main' => ['rate' => 0.5]]]],
                'outputs' => [['channel' => 1, 'name' => 'One', 'travel' => 1.25, 'feeds' => [['from' => 'roll']]]],
            ]),
        );
        $text = ProgramEncoder::encode($program);

        self::assertStringContainsString('"rate": [0.5, 0.5]', $text);
        self::assertStringContainsString('"travel": [1.25, 1.25]', $text);
        self::assertStringContainsString('"phases": [', $text);
    }

    public function test_zero_has_no_sign_on_the_way_out(): void
    {
        $circuit = Given::roll(output: ['reverse' => true]);

        self::assertStringNotContainsString(
            '-0',
            (string) json_encode(\DuskSwitch\Core\Format\FrameEncoder::frame(Given::frame($circuit))),
        );
    }
}
