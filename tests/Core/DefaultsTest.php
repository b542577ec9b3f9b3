<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Format\ProgramDecoder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What isn't said counts as the published schemas have it: the same as a document that says just that. */
final class DefaultsTest extends TestCase
{
    /** @param  array<string, mixed>  $parts */
    private static function program(array $parts): string
    {
        return (string) json_encode([
            'format' => 'dusk-switch/program', 'version' => 2, 'name' => 'Leer', 'family' => 'plane',
            'transmitter' => 'harbour-16', ...$parts,
        ]);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> what isn't said, and said */
    public static function programs(): iterable
    {
        $when = ['control' => 'left-back', 'at' => 'away'];
        $phases = fn (array $more): array => [
            'phases' => [['id' => 'a', 'name' => 'A'], ['id' => 'b', 'name' => 'B', 'when' => $when, ...$more]],
        ];
        yield 'stick mode' => [[], ['stickMode' => 2]];
        yield 'fade' => [$phases([]), $phases(['fade' => 0])];
        $function = fn (array $more): array => ['functions' => [['id' => 'f', 'name' => 'F', ...$more]]];
        yield 'dead band' => [$function([]), $function(['deadband' => 0])];
        $trim = fn (array $more): array => $function(
            ['drive' => ['axis' => 'roll'], 'trim' => ['authority' => 0.3, ...$more]],
        );
        yield 'trim' => [$trim([]), $trim(['idle' => false, 'perPhase' => false])];
        $shape = fn (array $more): array => [
            ...$function(['shape' => ['a' => (object) $more]]),
            'phases' => [['id' => 'a', 'name' => 'A']],
        ];
        yield 'shape' => [$shape([]), $shape(['rate' => [1, 1], 'expo' => 0])];
        yield 'rate alone' => [$shape(['rate' => 0.7]), $shape(['rate' => [0.7, 0.7], 'expo' => 0])];
        $dual = fn (array $more): array => $function(['dualRates' => [['when' => $when, ...$more]]]);
        yield 'dual rate' => [$dual([]), $dual(['rate' => 1, 'expo' => 0])];
        $step = fn (array $more): array => $function(['steps' => [['id' => 'ganz-aus', 'value' => 0, ...$more]]]);
        yield 'name of a step' => [$step([]), $step(['name' => 'Ganz-aus'])];
        $output = fn (array $more): array => ['outputs' => [['channel' => 3, 'name' => 'Drei', ...$more]]];
        yield 'output' => [
            $output([]),
            $output(['feeds' => [], 'travel' => [1, 1], 'reverse' => false, 'subtrim' => 0, 'limit' => [-1.5, 1.5]]),
        ];
        $feed = fn (array $more): array => $output(['feeds' => [['from' => 1, ...$more]]]);
        yield 'feed' => [$feed([]), $feed(['weight' => [1, 1], 'offset' => 0, 'combine' => 'add', 'delay' => 0])];
        $curve = fn (array $more): array => ['curves' => ['c' => ['points' => [[-1, 0], [1, 0.5]], ...$more]]];
        yield 'curve' => [$curve([]), $curve(['smooth' => false])];
        $sense = fn (array $more): array => ['sense' => (object) $more];
        yield 'telemetry' => [
            $sense([]),
            $sense(['interval' => 0.5, 'chain' => [], 'values' => [], 'calls' => [], 'tone' => false]),
        ];
        $call = fn (array $more): array => $sense(
            ['calls' => [['id' => 'c', 'name' => 'C', 'when' => $when, 'says' => ['hallo'], ...$more]]],
        );
        yield 'callout' => [$call([]), $call(['hold' => 0, 'priority' => 'note', 'repeat' => 0])];
        $value = fn (array $more): array => $call(['says' => [['value' => 'link-quality', ...$more]]]);
        yield 'value that is said' => [$value([]), $value(['places' => 0, 'unit' => true])];
        $level = fn (array $more): array => [
            'conditions' => ['hoch' => ['sensor' => 'hoehe', 'above' => 40, ...$more]],
        ];
        yield 'hysteresis' => [$level([]), $level(['hysteresis' => 0])];
        yield 'aboard' => [
            [],
            ['aboard' => ['kit' => (object) [], 'failsafe' => [], 'startCheck' => [], 'accepted' => []]],
        ];
        $ladder = fn (array $more): array => [
            ...$shape([]),
            'ladder' => ['phase' => 'a', 'rungs' => [['name' => 'Eins', 'expo' => 0.5, 'rate' => 0.5]], ...$more],
        ];
        yield 'a plan that nobody stands on' => [$ladder([]), $ladder([])];
    }

    /**
     * @param  array<string, mixed>  $unsaid
     * @param  array<string, mixed>  $said
     */
    #[DataProvider('programs')]
    public function test_of_a_program(array $unsaid, array $said): void
    {
        self::assertEquals(
            ProgramDecoder::decode(self::program($said)),
            ProgramDecoder::decode(self::program($unsaid)),
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> kind, least, what is said */
    public static function definitions(): iterable
    {
        $place = [10, 20];
        $gimbals = ['left' => [36, 50], 'right' => [64, 50]];
        $transmitter = ['channels' => 8, 'pulse' => ['centre' => 1500, 'span' => 400], 'gimbals' => $gimbals];
        $switch = ['id' => 's', 'name' => 'S', 'kind' => 'switch', 'place' => $place];
        yield 'transmitter' => [
            'transmitters',
            [...$transmitter, 'controls' => [$switch]],
            [
                'trimClicks' => 25, 'sensorSlots' => 0, 'links' => [],
                'controls' => [[...$switch, 'positions' => 2, 'rest' => 'toward', 'formerly' => []]],
            ],
        ];
        $grid = fn (float $least, float $most): array => [
            'unit' => 'percent',
            'least' => $least,
            'most' => $most,
            'step' => 0.1,
        ];
        yield 'how values are entered' => [
            'transmitters',
            [...$transmitter, 'controls' => [], 'keying' => (object) []],
            [
                'keying' => [
                    'travel' => $grid(0, 150), 'subtrim' => $grid(-100, 100), 'rate' => $grid(0, 150),
                    'expo' => $grid(-100, 100), 'weight' => $grid(-500, 500), 'value' => $grid(-150, 150),
                    'phases' => 16, 'curvePoints' => 17, 'smooth' => false,
                ],
            ],
        ];
        $link = [
            'id' => 'l',
            'name' => 'L',
            'subtypes' => [['id' => 'x', 'name' => 'X', 'channels' => 8]],
            'generation' => 2,
        ];
        yield 'link' => [
            'transmitters',
            [...$transmitter, 'controls' => [], 'links' => [$link]],
            ['links' => [[...$link, 'telemetry' => false]]],
        ];
        yield 'receiver' => [
            'receivers',
            [
                'link' => 'l', 'subtype' => 'x', 'generation' => 1, 'channels' => 6, 'wires' => ['leads'],
                'supply' => 5, 'draw' => 60, 'binding' => 'button',
            ],
            ['telemetry' => false, 'bus' => false, 'supply' => [5, 5]],
        ];
        $mode = ['id' => 'm', 'name' => 'M'];
        yield 'controller' => [
            'controllers',
            [
                'kind' => 'flight-controller',
                'wires' => ['serial'],
                'supply' => [5, 6],
                'draw' => 90,
                'modes' => [$mode],
            ],
            [
                'gives' => 0, 'slots' => [], 'ports' => [],
                'motors' => [], 'wantsSticks' => false,
                'modes' => [
                    [...$mode, 'flight' => false, 'saves' => false, 'risky' => false, 'needs' => [], 'formerly' => []],
                ],
            ],
        ];
        $port = ['id' => '1', 'name' => 'Serial'];
        $box = ['kind' => 'stabiliser', 'wires' => ['serial'], 'supply' => [5, 6], 'draw' => 90];
        yield 'port' => ['controllers', [...$box, 'ports' => [$port]], ['ports' => [[...$port, 'kept' => false]]]];
        yield 'speed controller' => ['speed-controllers', ['cells' => 4, 'amperes' => 30, 'plug' => 'mittel'], ['gives' => 0]];
        $quantity = ['id' => 'q', 'name' => 'Q', 'unit' => 'rpm', 'range' => [0, 500], 'rate' => 5];
        yield 'sensor' => [
            'sensors',
            [
                'kind' => 'rotation', 'address' => 3, 'buses' => ['shared'], 'supply' => [4, 8], 'draw' => 20,
                'quantities' => [$quantity],
            ],
            [
                'block' => 1, 'starts' => [], 'advice' => [],
                'quantities' => [[...$quantity, 'resolution' => 0, 'noise' => 0, 'divided' => false]],
            ],
        ];
        $leg = ['says' => 'geradeaus', 'seconds' => 5];
        $up = ['says' => 'hinauf', 'seconds' => 9, 'climb' => 3, 'speed' => 14];
        yield 'scenario' => [
            'scenarios',
            ['says' => 'nichts', 'families' => ['plane'], 'legs' => [$up, $leg]],
            [
                'legs' => [
                    [...$up, 'turn' => 0, 'glides' => false, 'lift' => 0, 'does' => []],
                    [...$leg, 'speed' => 0, 'climb' => 0, 'turn' => 0, 'glides' => false, 'lift' => 0, 'does' => []],
                ],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $least
     * @param  array<string, mixed>  $said
     */
    #[DataProvider('definitions')]
    public function test_of_a_definition(string $kind, array $least, array $said): void
    {
        $of = DefinitionKind::from($kind);
        $head = ['format' => 'dusk-switch/'.rtrim($kind, 's'), 'version' => 1, 'id' => 'eigen', 'name' => 'Eigen'];

        self::assertEquals(
            $of->decode((string) json_encode([...$head, ...$least, ...$said])),
            $of->decode((string) json_encode([...$head, ...$least])),
        );
    }
}
