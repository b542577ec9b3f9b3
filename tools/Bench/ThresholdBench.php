<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Tests\Core\Given;
use DuskSwitch\Tests\Core\Hard;

/**
 * Programs that are hard to decide: three thresholds on each of three dials and two sliders beside eight switches; 16
 * outputs of 32 feeds.
 */
final class ThresholdBench
{
    /** @return array{float, int, float} seconds; what stayed open; the peak of memory in MB */
    public static function thresholds(): array
    {
        return self::proven(
            new ProofContext(
                self::program(),
                self::transmitter(),
                Given::catalogue()->receiver('lantern-r8'),
                Given::catalogue()->controller('keel-f4'),
            ),
        );
    }

    /** @return array{float, int, float} the same of every feed of every output */
    public static function feeds(): array
    {
        return self::proven(
            Given::context(
                ProgramDecoder::read(
                    json_decode((string) json_encode(Hard::documents()['every feed of every output'])),
                ),
            ),
        );
    }

    /** @return array{float, int, float} */
    private static function proven(ProofContext $context): array
    {
        $start = hrtime(true);
        $proof = Proof::of($context);
        $seconds = (hrtime(true) - $start) / 1e9;

        return [
            $seconds,
            count(array_filter($proof->findings, fn (Finding $one): bool => $one->isOpen)),
            memory_get_peak_usage() / 1e6,
        ];
    }

    private static function transmitter(): Transmitter
    {
        $controls = [];
        foreach (
            ['dial-1' => 'dial', 'dial-2' => 'dial', 'dial-3' => 'dial', 'slider-1' => 'slider', 'slider-2' => 'slider'] as $id => $kind
        ) {
            $controls[] = ['id' => $id, 'name' => ucfirst($id), 'kind' => $kind, 'place' => [10, 10]];
        }
        foreach (range(1, 8) as $number) {
            $controls[] = [
                'id' => "three-{$number}",
                'name' => "Three {$number}",
                'kind' => 'switch',
                'positions' => 3,
                'place' => [10, 10],
            ];
        }
        $controls[] = ['id' => 'two', 'name' => 'Two', 'kind' => 'switch', 'positions' => 2, 'place' => [10, 10]];

        return TransmitterDecoder::decode(
            (string) json_encode([
                'format' => 'dusk-switch/transmitter',
                'version' => 1,
                'id' => 'bench-dials',
                'name' => 'Bench dials',
                'channels' => 16,
                'pulse' => ['centre' => 1500, 'span' => 512],
                'gimbals' => ['left' => [40, 50], 'right' => [60, 50]],
                'controls' => $controls,
            ]),
        );
    }

    private static function program(): Program
    {
        $levers = ['dial-1', 'dial-2', 'dial-3', 'slider-1', 'slider-2'];
        $conditions = [];
        foreach ($levers as $place => $lever) {
            foreach ([-0.6, 0.1, 0.7] as $n => $level) {
                // Each threshold beside two switches, so that every cone has several of both.
                $conditions["c{$place}{$n}"] = [
                    'all' => [
                        ['control' => $lever, 'above' => $level],
                        [
                            'any' => [
                                ['control' => 'three-'.($place + 1), 'at' => 'away'],
                                ['control' => 'three-'.((($place + $n) % 8) + 1), 'at' => 'middle'],
                            ],
                        ],
                    ],
                ];
            }
        }
        $names = array_keys($conditions);
        $functions = $outputs = [];
        foreach (['roll', 'pitch', 'throttle', 'yaw'] as $channel => $axis) {
            $functions[] = [
                'id' => $axis,
                'name' => ucfirst($axis),
                'purpose' => $axis,
                'drive' => ['axis' => $axis],
                ...$axis === 'throttle'
                    ? []
                    : [
                        'override' => array_map(
                            fn (string $name): array => ['when' => $name, 'value' => 0.2],
                            array_slice($names, $channel * 3, 6),
                        ),
                    ],
            ];
            $outputs[] = [
                'channel' => $channel + 1,
                'name' => ucfirst($axis),
                'role' => "input-{$axis}",
                'feeds' => [['from' => $axis]],
                'travel' => 0.9765625,
            ];
        }
        $functions[] = [
            'id' => 'arm',
            'name' => 'Arm',
            'purpose' => 'arm',
            'steps' => [
                ['id' => 'safe', 'value' => -1, 'means' => 'disarmed'],
                ['id' => 'armed', 'value' => 1, 'means' => 'armed'],
            ],
            'drive' => ['control' => 'two', 'map' => ['away' => 'armed', 'toward' => 'safe']],
        ];
        $steps = ['self-level' => -1, 'come-home' => 0, 'free' => 1];
        $functions[] = [
            'id' => 'mode',
            'name' => 'Mode',
            'purpose' => 'flight-mode',
            'steps' => array_map(
                fn (string $id, int $value): array => ['id' => $id, 'value' => $value, 'means' => ['mode' => $id]],
                array_keys($steps),
                $steps,
            ),
            'drive' => [
                'cases' => [
                    ...array_map(
                        fn (string $name): array => ['when' => $name, 'step' => 'come-home'],
                        array_slice($names, 0, 7),
                    ),
                    ...array_map(
                        fn (string $name): array => ['when' => $name, 'step' => 'free'],
                        array_slice($names, 7, 7),
                    ),
                    ['when' => ['control' => 'three-8', 'at' => 'away'], 'step' => 'free'],
                ],
            ],
        ];
        $outputs[] = [
            'channel' => 5,
            'name' => 'Arm',
            'role' => 'input-arm',
            'feeds' => [['from' => 'arm']],
            'travel' => 0.9765625,
        ];
        $outputs[] = [
            'channel' => 6,
            'name' => 'Mode',
            'role' => 'input-mode',
            'feeds' => [['from' => 'mode']],
            'travel' => 0.9765625,
        ];
        $outputs[] = [
            'channel' => 7,
            'name' => 'Mix',
            'role' => 'other',
            'feeds' => [
                ['from' => 'roll', 'weight' => 0.2],
                ...array_map(fn (string $name): array => ['from' => 1, 'weight' => 0.04, 'when' => $name], $names),
            ],
        ];

        return ProgramDecoder::decode(
            (string) json_encode([
                'format' => 'dusk-switch/program',
                'version' => 2,
                'name' => 'Thresholds',
                'family' => 'multirotor',
                'transmitter' => 'bench-dials',
                'receiver' => 'lantern-r8',
                'controller' => 'keel-f4',
                'functions' => $functions,
                'outputs' => $outputs,
                'conditions' => $conditions,
                'phases' => [
                    ['id' => 'main', 'name' => 'Main'],
                    ['id' => 'odd', 'name' => 'Odd', 'when' => ['any' => array_slice($names, 4, 8)]],
                ],
            ]),
        );
    }
}
