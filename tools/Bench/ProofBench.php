<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Core\Airframe\DerivedMeanings;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\SwitchPositions;
use DuskSwitch\Tests\Core\Given;

/** The proof of a program on a transmitter with 8 three-position and 4 two-position switches: 104,976 states. */
final class ProofBench
{
    /** @return array{int, float, float, float} states; seconds: the proof, brute force, the peak of memory in MB */
    public static function run(): array
    {
        $program = DerivedMeanings::withModes(self::program(), Given::catalogue()->controller('keel-f4'));
        $context = fn (): ProofContext => new ProofContext(
            $program,
            self::transmitter(),
            Given::catalogue()->receiver('lantern-r8'),
            Given::catalogue()->controller('keel-f4'),
        );
        $best = INF;
        $states = 0;
        for ($round = 0; $round < 3; $round++) {
            $start = hrtime(true);
            $states = Proof::of($context())->states;
            $best = min($best, (hrtime(true) - $start) / 1e9);
        }
        $peak = memory_get_peak_usage() / 1e6;

        return [$states, $best, self::bruteForce(), $peak];
    }

    /**
     * @return array{float, float} seconds, p95 of 20: the proof after an edit of one expo, the document read again; and
     * reading and compiling alone
     */
    public static function afterAnEdit(): array
    {
        $kit = [
            self::transmitter(),
            Given::catalogue()->receiver('lantern-r8'),
            Given::catalogue()->controller('keel-f4'),
        ];
        $text = ProgramEncoder::encode(self::program());
        [$proofs, $readings] = [[], []];
        foreach (range(1, 20) as $expo) {
            $edited = str_replace('"expo": 0.3', sprintf('"expo": 0.%02d', $expo), $text);
            $start = hrtime(true);
            $program = ProgramDecoder::decode($edited);
            Compiler::compile($program, $kit[0]);
            $readings[] = (hrtime(true) - $start) / 1e9;
            $start = hrtime(true);
            Proof::of(new ProofContext(ProgramDecoder::decode($edited), ...$kit));
            $proofs[] = (hrtime(true) - $start) / 1e9;
        }
        sort($proofs);
        sort($readings);

        return [$proofs[18], $readings[18]];
    }

    /**
     * Every state, with each stick at its ends and in its middle: what the proof would cost without cones. From a
     * sample of the states.
     */
    private static function bruteForce(): float
    {
        $circuit = Compiler::compile(self::program(), self::transmitter());
        $positions = [];
        foreach ($circuit->panel->transmitter->controls as $control) {
            $positions[(int) $circuit->panel->control($control->id)] = array_map(
                fn (string $one): float => (float) $control->valueOf($one),
                $control->detents,
            );
        }
        $sticks = [0 => [-1.0, 0.0, 1.0], 1 => [-1.0, 0.0, 1.0], 2 => [-1.0, 0.0, 1.0], 3 => [-1.0, 0.0, 1.0]];
        $all = (int) array_product(array_map(count(...), $positions));
        $sample = 0;
        $start = hrtime(true);
        foreach (SwitchPositions::each($circuit->panel->atRest(), $positions) as $state) {
            if ($sample++ === 1000) {
                break;
            }
            foreach (SwitchPositions::each($state, $sticks) as $inputs) {
                $circuit->frame($inputs);
            }
        }

        return ((hrtime(true) - $start) / 1e9 / 1000) * $all;
    }

    private static function transmitter(): \DuskSwitch\Core\Kit\Transmitter
    {
        $controls = [];
        foreach (range(1, 8) as $number) {
            $controls[] = [
                'id' => "three-{$number}",
                'name' => "Three {$number}",
                'kind' => 'switch',
                'positions' => 3,
                'place' => [10, 10],
            ];
        }
        foreach (range(1, 4) as $number) {
            $controls[] = [
                'id' => "two-{$number}",
                'name' => "Two {$number}",
                'kind' => 'switch',
                'positions' => 2,
                'place' => [10, 10],
            ];
        }

        return TransmitterDecoder::decode(
            (string) json_encode([
                'format' => 'dusk-switch/transmitter',
                'version' => 1,
                'id' => 'bench-16',
                'name' => 'Bench 16',
                'channels' => 16,
                'pulse' => ['centre' => 1500, 'span' => 512],
                'gimbals' => ['left' => [40, 50], 'right' => [60, 50]],
                'controls' => $controls,
            ]),
        );
    }

    private static function program(): \DuskSwitch\Core\Program\Program
    {
        $functions = $outputs = [];
        $shape = [
            'main' => ['rate' => 1, 'expo' => 0.3],
            'sport' => ['rate' => 1, 'expo' => 0.2],
            'calm' => ['rate' => 0.6, 'expo' => 0.4],
        ];
        foreach (['roll', 'pitch', 'throttle', 'yaw'] as $channel => $axis) {
            $functions[] = [
                'id' => $axis,
                'name' => $axis,
                'drive' => ['axis' => $axis],
                'shape' => $axis === 'throttle' ? ['main' => ['rate' => 1]] : $shape,
            ];
            $outputs[] = [
                'channel' => $channel + 1,
                'name' => ucfirst($axis),
                'feeds' => [['from' => $axis]],
                'travel' => 0.9765625,
            ];
        }
        $steps = fn (array $values): array => array_map(
            fn (string $id, float $value): array => ['id' => $id, 'value' => $value],
            array_keys($values),
            $values,
        );
        $two = fn (string $id, string $control): array => [
            'id' => $id,
            'name' => $id,
            'steps' => $steps(['off' => -1, 'on' => 1]),
            'drive' => ['control' => $control, 'map' => ['away' => 'on', 'toward' => 'off']],
        ];
        $functions[] = $two('arm', 'two-1');
        $functions[] = [
            'id' => 'mode',
            'name' => 'Mode',
            'steps' => $steps(['self-level' => -1, 'come-home' => 0, 'free' => 1]),
            'drive' => [
                'control' => 'three-1',
                'map' => ['away' => 'free', 'middle' => 'come-home', 'toward' => 'self-level'],
            ],
        ];
        foreach (range(2, 4) as $number) {
            $functions[] = $two("two-{$number}", "two-{$number}");
        }
        foreach (range(3, 8) as $number) {
            $functions[] = [
                'id' => "three-{$number}",
                'name' => "Three {$number}",
                'steps' => $steps(['a' => -1, 'b' => 0, 'c' => 1]),
                'drive' => ['control' => "three-{$number}", 'map' => ['away' => 'c', 'middle' => 'b', 'toward' => 'a']],
            ];
        }
        foreach (
            ['arm', 'mode', 'two-2', 'two-3', 'two-4', 'three-3', 'three-4', 'three-5', 'three-6', 'three-7', 'three-8'] as $place => $function
        ) {
            $outputs[] = [
                'channel' => $place + 5,
                'name' => $function,
                'feeds' => [['from' => $function]],
                'travel' => 0.9765625,
            ];
        }
        $outputs[] = [
            'channel' => 16,
            'name' => 'Mix',
            'feeds' => [
                ['from' => 'roll', 'weight' => 0.4],
                ['from' => 'three-3', 'weight' => 0.3],
                ['from' => 'two-4', 'weight' => 0.2, 'when' => ['step' => ['three-5', 'c']]],
            ],
        ];

        return ProgramDecoder::decode(
            (string) json_encode([
                'format' => 'dusk-switch/program',
                'version' => 1,
                'name' => 'Bench',
                'family' => 'multirotor',
                'transmitter' => 'bench-16',
                'receiver' => 'lantern-r8',
                'controller' => 'keel-f4',
                'phases' => [
                    ['id' => 'main', 'name' => 'Main'],
                    [
                        'id' => 'sport',
                        'name' => 'Sport',
                        'when' => ['control' => 'three-2', 'at' => 'away'],
                        'fade' => 1,
                    ],
                    [
                        'id' => 'calm',
                        'name' => 'Calm',
                        'when' => ['control' => 'three-2', 'at' => 'middle'],
                        'fade' => 1,
                    ],
                ],
                'functions' => $functions,
                'outputs' => $outputs,
            ]),
        );
    }
}
