<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\TransmitterDecoder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is wrong with a document is told with its path and the way to mend it. */
final class BadDocumentTest extends TestCase
{
    /** @param  array<string, mixed>  $parts */
    #[DataProvider('faults')]
    public function test_a_fault_is_told_with_its_path(string $path, string $says, array $parts): void
    {
        try {
            Given::program($parts);
            self::fail("Taken, though {$path} {$says}");
        } catch (Refused $refused) {
            $told = array_map(fn ($fault): string => $fault->path, $refused->faults);
            self::assertContains($path, $told, $refused->getMessage());
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    /** @return array<string, array{string, string, array<string, mixed>}> */
    public static function faults(): array
    {
        $roll = ['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']];
        $arm = [
            'id' => 'arm',
            'name' => 'Arm',
            'steps' => [['id' => 'safe', 'value' => -1], ['id' => 'armed', 'value' => 1]],
        ];
        $output = ['channel' => 1, 'name' => 'One', 'feeds' => [['from' => 'roll']]];

        return [
            'a control that the transmitter lacks' => [
                'functions[1].drive.control',
                'Harbour 16 has no control "flick-z"; it has left-shoulder, left-front, left-side',
                ['functions' => [$roll, $arm + ['drive' => ['control' => 'flick-z', 'map' => ['away' => 'armed']]]]],
            ],
            'an unknown key' => ['functions[0].flavour', 'unknown', ['functions' => [$roll + ['flavour' => 1]]]],
            'an unknown key at the top' => ['fnctions', 'here may stand format, version, name', ['fnctions' => []]],
            'a wrong type' => [
                'functions[0].deadband',
                'must be a number, not "wide"',
                ['functions' => [$roll + ['deadband' => 'wide']]],
            ],
            'a list instead of an object' => ['curves', 'must be an object, not a list', ['curves' => [1]]],
            'a number out of range' => [
                'functions[0].shape.main.expo',
                'must be from -1',
                ['functions' => [$roll + ['shape' => ['main' => ['expo' => 1.01]]]]],
            ],
            'a function twice' => [
                'functions[1].id',
                'there is already a function "roll", at functions[0]',
                ['functions' => [$roll, $roll]],
            ],
            'a step twice' => [
                'functions[0].steps[1].id',
                'already a step',
                [
                    'functions' => [
                        [
                            'id' => 'x',
                            'name' => 'X',
                            'steps' => [['id' => 'a', 'value' => 0], ['id' => 'a', 'value' => 1]],
                        ],
                    ],
                ],
            ],
            'a channel twice' => [
                'outputs[1].channel',
                'already an output on channel "1"',
                ['functions' => [$roll], 'outputs' => [$output, $output]],
            ],
            'a phase twice' => [
                'phases[1].id',
                'already a phase',
                ['phases' => [['id' => 'a', 'name' => 'A'], ['id' => 'a', 'name' => 'B', 'when' => ['phase' => 'a']]]],
            ],
            'a channel that the transmitter lacks' => [
                'outputs[0].channel',
                'Quayside 8 sends channels 1 to 8',
                ['transmitter' => 'quayside-8', 'functions' => [$roll], 'outputs' => [['channel' => 9] + $output]],
            ],
            'a function that is not there' => [
                'outputs[0].feeds[0].from',
                'there is no function "rol"; there is roll',
                ['functions' => [$roll], 'outputs' => [['feeds' => [['from' => 'rol']]] + $output]],
            ],
            'a step that is not there' => [
                'functions[0].drive.map.away',
                'there is no step of Arm "arm"',
                [
                    'functions' => [
                        $arm + ['drive' => ['control' => 'left-shoulder', 'map' => ['away' => 'arm', 'toward' => 'safe']]],
                    ],
                ],
            ],
            'a detent without a step' => [
                'functions[0].drive.map',
                'say which step Left front means at "middle"',
                [
                    'functions' => [
                        $arm + ['drive' => ['control' => 'left-front', 'map' => ['away' => 'armed', 'toward' => 'safe']]],
                    ],
                ],
            ],
            'a detent that is not there' => [
                'functions[0].drive.map.middle',
                'Left shoulder has no detent "middle"; it has away, toward',
                [
                    'functions' => [
                        $arm + [
                            'drive' => [
                                'control' => 'left-shoulder',
                                'map' => ['away' => 'armed', 'middle' => 'safe', 'toward' => 'safe'],
                            ],
                        ],
                    ],
                ],
            ],
            'a curve that is not there' => [
                'functions[0].shape.main.curve',
                'there is no curve "soft"',
                ['functions' => [$roll + ['shape' => ['main' => ['curve' => 'soft']]]]],
            ],
            'a shape for no phase' => [
                'functions[0].shape.launch',
                'there is no phase "launch"',
                ['functions' => [$roll + ['shape' => ['launch' => ['expo' => 0.1]]]]],
            ],
            'a curve that turns back' => [
                'curves.c.points[2][0]',
                'x must rise',
                ['curves' => ['c' => ['points' => [[-1, 0], [0.5, 0], [0.5, 0.2], [1, 1]]]]],
            ],
            'a curve that ends early' => [
                'curves.c.points',
                'the last at x = 1',
                ['curves' => ['c' => ['points' => [[-1, 0], [0.5, 1]]]]],
            ],
            'a curve of one point' => ['curves.c.points', 'at least 2', ['curves' => ['c' => ['points' => [[-1, 0]]]]]],
            'a phase without a condition' => [
                'phases[1]',
                'say when this phase is active',
                ['phases' => [['id' => 'a', 'name' => 'A'], ['id' => 'b', 'name' => 'B']]],
            ],
            'a first phase with one' => [
                'phases[0].when',
                'has no condition',
                ['phases' => [['id' => 'a', 'name' => 'A', 'when' => ['control' => 'left-shoulder', 'at' => 'away']]]],
            ],
            'an output that takes from a higher one' => [
                'outputs[0].feeds[0].from.output',
                'lower number',
                [
                    'outputs' => [
                        ['feeds' => [['from' => ['output' => 2]]]] + $output,
                        ['channel' => 2, 'name' => 'Two'],
                    ],
                ],
            ],
            'a limit that is upside down' => [
                'outputs[0].limit',
                'below the high one',
                ['functions' => [$roll], 'outputs' => [$output + ['limit' => [0.5, -0.5]]]],
            ],
            'a trim where there is no stick' => [
                'functions[0].trim',
                'no trim moves it',
                [
                    'functions' => [
                        [
                            'id' => 'x',
                            'name' => 'X',
                            'drive' => ['control' => 'dial-left'],
                            'trim' => ['authority' => 0.1],
                        ],
                    ],
                ],
            ],
            'steps on a dial by detent' => [
                'functions[0].drive.control',
                'has no detents',
                ['functions' => [$arm + ['drive' => ['control' => 'dial-left', 'map' => new \stdClass()]]]],
            ],
            'a condition of no kind' => [
                'conditions.c',
                'must be the name of a condition',
                ['conditions' => ['c' => ['sometimes' => true]]],
            ],
            'a fault deep in a condition' => [
                'conditions.c.any[1].not.control',
                'has no control "flik"',
                [
                    'conditions' => [
                        'c' => ['any' => [['phase' => 'main'], ['not' => ['control' => 'flik', 'at' => 'away']]]],
                    ],
                ],
            ],
            'an empty name' => ['name', 'must not be empty', ['name' => '  ']],
            'another format' => ['format', 'must be "dusk-switch/program"', ['format' => 'recipe']],
            'a newer version' => ['version', 'newer than this Dusk Switch', ['version' => 3]],
        ];
    }

    public function test_all_faults_are_told_at_once(): void
    {
        $this->expectExceptionMessageMatches('/functions\[0\]\.deadband.*\n.*outputs\[0\]\.name/');
        Given::program([
            'functions' => [['id' => 'x', 'name' => 'X', 'deadband' => 7]],
            'outputs' => [['channel' => 1]],
        ]);
    }

    public function test_a_cycle_is_spelled_out(): void
    {
        $this->expectExceptionMessage(
            'this goes in a circle: the active phase needs function "Flaps", which needs condition "slow", which '.
                'needs the active phase',
        );
        Given::program([
            'phases' => [
                ['id' => 'main', 'name' => 'Main'],
                ['id' => 'landing', 'name' => 'Landing', 'when' => ['step' => ['flaps', 'down']]],
            ],
            'conditions' => ['slow' => ['phase' => 'landing']],
            'functions' => [
                [
                    'id' => 'flaps',
                    'name' => 'Flaps',
                    'steps' => [['id' => 'up', 'value' => 1], ['id' => 'down', 'value' => -1]],
                    'drive' => ['cases' => [['when' => 'slow', 'step' => 'down']]],
                ],
            ],
        ]);
    }

    public function test_a_condition_that_needs_itself_is_refused_even_where_nothing_uses_it(): void
    {
        $this->expectExceptionMessage('condition "a" needs condition "b", which needs condition "a"');
        Given::program(['conditions' => ['a' => ['not' => 'b'], 'b' => ['all' => ['a', ['phase' => 'main']]]]]);
    }

    #[DataProvider('notJson')]
    public function test_text_that_is_no_document_is_told_with_its_place(string $says, string $text): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        Given::circuit($text);
    }

    /** @return array<string, array{string, string}> */
    public static function notJson(): array
    {
        $good = Given::text([]);

        return [
            'nothing' => ['the document is empty', " \n"],
            'a comma too many' => ['line 3, column 9 stands something unexpected: ]', "{\n\"a\":\n [1, 2, ]}"],
            'NaN' => ['line 1, column 7 stands something unexpected: NaN', '{"a": NaN}'],
            'a file cut short' => ['the end of the file, too early', substr($good, 0, -13)],
            'text after the end' => ['something unexpected: again', '{} again'],
            'single quotes' => ["line 1, column 2 stands something unexpected: 'a'", "{'a': 1}"],
            'bytes that are not UTF-8' => [
                'not UTF-8 text: a byte that can\'t be read stands at line 2, column 10',
                "{\n\"name\": \"\xff\xfe\"}",
            ],
            'a deep nest' => ['nested more than 40 levels', str_repeat('[', 5000).str_repeat(']', 5000)],
            '10 MB of nonsense' => ['this is 10.0 MB; a document is at most 1 MB', str_repeat('x', 10_000_000)],
            'a list' => ['it must be a JSON object', '[1, 2]'],
            'a number' => ['it must be a JSON object', '42'],
            'no format' => ['format: this is missing', '{}'],
        ];
    }

    #[DataProvider('badInputs')]
    public function test_inputs_that_cannot_be_are_refused(string $says, string $text): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        InputsDecoder::list(Json::decode($text), Given::circuit(Given::demo('nightjar'))->panel);
    }

    /** @return array<string, array{string, string}> */
    public static function badInputs(): array
    {
        return [
            'NaN' => ['stands something unexpected: NaN', '[{"axes": {"roll": NaN}}]'],
            'infinite' => ['[0].axes.roll: must be from -1', '[{"axes": {"roll": 1e999}}]'],
            'past the end' => ['[1].axes.roll: must be from -1 to 1, not 1.5', '[{}, {"axes": {"roll": 1.5}}]'],
            'an axis that is not' => [
                '[0].axes.role: this key is unknown; here may stand roll, pitch, throttle, yaw',
                '[{"axes": {"role": 1}}]',
            ],
            'a control that is not' => [
                '[0].controls.flick-z: Harbour 16 has no control "flick-z"',
                '[{"controls": {"flick-z": "away"}}]',
            ],
            'a detent that is not' => [
                '[0].controls.left-shoulder: Left shoulder has no detent "up"; it has away, toward',
                '[{"controls": {"left-shoulder": "up"}}]',
            ],
            'a number for a switch' => ['[0].controls.left-shoulder: must be text, not 1', '[{"controls": {"left-shoulder": 1}}]'],
            'not a list' => ['must be a list', '{"axes": {}}'],
        ];
    }

    public function test_a_transmitter_definition_is_checked_too(): void
    {
        $text = str_replace(
            ['"span": 512', '"id": "left-front"', '"positions": 3'],
            ['"span": 9000', '"id": "left-shoulder"', '"positions": 4'],
            (string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'),
        );
        $this->expectExceptionMessageMatches(
            '/controls\[1\]\.positions.*\ncontrols\[1\]\.id: there is already a control '.
                '"left-shoulder".*\n(.*\n)*pulse\.span/',
        );
        TransmitterDecoder::decode($text);
    }

    public function test_a_byte_order_mark_does_no_harm(): void
    {
        self::assertSame('Test', Json::decode("\xEF\xBB\xBF".Given::text([]))->name ?? null);
    }
}
