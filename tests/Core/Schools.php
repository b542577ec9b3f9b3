<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Stores\DefinitionKind;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\ProofContext;
use LogicException;

/** Safe programs as pilots really fly them, a school each: with names, controls, channels and controllers that the demo hasn't. */
final class Schools
{
    /** @return array<string, array{string}> */
    public static function names(): array
    {
        $names = [
            'two channels, two switches',
            'one switch for arm and mode',
            'one channel for arm and modes',
            'separate mode switches, none is free',
            'a button that toggles arm',
            'armed by the sticks',
            'helicopter with a hold',
            'helicopter without a stabiliser',
            'plane with a motor cut',
            'plane with a cut that waits for the stick',
            'glider with its motor on a slider',
            'wing behind a controller',
            'no controller at all',
            'two motors that steer',
            'a governed cut on a button',
            'ground vehicle',
            'plane with dual rates and trims of each phase',
        ];

        return array_combine($names, array_map(fn (string $name): array => [$name], $names));
    }

    public static function context(string $name): ProofContext
    {
        return self::of(self::document($name));
    }

    /** @param  array<string, mixed>  $document */
    public static function of(array $document, ?Transmitter $transmitter = null): ProofContext
    {
        $program = self::program($document);

        return new ProofContext(
            $program,
            $transmitter ?? Given::transmitter($program->transmitter),
            Given::catalogue()->receiver($program->receiver ?? ''),
            $program->controller === null ? null : self::controller($program->controller),
        );
    }

    /** @param  array<string, mixed>  $document */
    public static function program(array $document): Program
    {
        return ProgramDecoder::decode(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @return array<string, mixed> */
    public static function document(string $name): array
    {
        return match ($name) {
            'two channels, two switches' => self::multirotor(
                [self::arm('snap'), self::modes('tri', ['steady' => -1.0, 'wild' => 1.0, 'home' => 0.0])],
                [5 => ['snap', 'input-arm'], 6 => ['tri', 'input-mode']],
                [
                    ['channel' => 6, 'from' => 900, 'to' => 1300, 'mode' => 'steady'],
                    ['channel' => 6, 'from' => 1300, 'to' => 1700, 'mode' => 'home'],
                    ['channel' => 6, 'from' => 1700, 'to' => 2100, 'mode' => 'wild'],
                ],
            ),
            'one switch for arm and mode' => self::multirotor(
                [
                    [
                        'id' => 'who',
                        'name' => 'Zustand',
                        'purpose' => 'other',
                        'steps' => [
                            ['id' => 'a', 'value' => -1.0, 'means' => 'other'],
                            ['id' => 'b', 'value' => 0.0, 'means' => 'other'],
                            ['id' => 'c', 'value' => 1.0, 'means' => 'other'],
                        ],
                        'drive' => self::three('shoulder-left', 'a', 'b', 'c'),
                    ],
                    self::arm('snap', ['cases' => [['when' => ['not' => ['step' => ['who', 'a']]], 'step' => 'live']]]),
                    self::modes(
                        'tri',
                        ['steady' => -1.0, 'wild' => 1.0],
                        ['cases' => [['when' => ['step' => ['who', 'c']], 'step' => 'wild']]],
                    ),
                ],
                [7 => ['snap', 'input-arm'], 5 => ['tri', 'input-mode']],
                [
                    ['channel' => 5, 'from' => 900, 'to' => 1500, 'mode' => 'steady'],
                    ['channel' => 5, 'from' => 1500, 'to' => 2100, 'mode' => 'wild'],
                ],
                ['arming' => ['by' => 'range', 'ranges' => [['channel' => 7, 'from' => 1600, 'to' => 2200]]]],
            ),
            'one channel for arm and modes' => self::multirotor(
                [
                    [
                        'id' => 'x',
                        'name' => 'Alles',
                        'purpose' => 'arm',
                        'steps' => [
                            ['id' => 'aus', 'value' => -1.0, 'means' => 'disarmed'],
                            ['id' => 'ruhig', 'value' => 0.0, 'means' => 'armed'],
                            ['id' => 'frei', 'value' => 1.0, 'means' => 'armed'],
                        ],
                        'drive' => self::three('shoulder-left', 'aus', 'ruhig', 'frei'),
                    ],
                ],
                [5 => ['x', 'input-arm']],
                [['channel' => 5, 'from' => 1300, 'to' => 1700, 'mode' => 'steady']],
                [
                    'none' => 'wild',
                    'arming' => ['by' => 'range', 'ranges' => [['channel' => 5, 'from' => 1300, 'to' => 2200]]],
                ],
            ),
            'separate mode switches, none is free' => self::multirotor(
                [
                    self::arm('snap'),
                    [
                        'id' => 'lv',
                        'name' => 'Ruhe',
                        'purpose' => 'flight-mode',
                        'steps' => [
                            ['id' => 'nein', 'value' => -1.0, 'means' => 'other'],
                            ['id' => 'ja', 'value' => 1.0, 'means' => ['mode' => 'steady']],
                        ],
                        'drive' => [
                            'control' => 'shoulder-left',
                            'map' => ['away' => 'ja', 'middle' => 'ja', 'toward' => 'nein'],
                        ],
                    ],
                    [
                        'id' => 'hm',
                        'name' => 'Heim',
                        'purpose' => 'flight-mode',
                        'steps' => [
                            ['id' => 'nein', 'value' => -1.0, 'means' => 'other'],
                            ['id' => 'ja', 'value' => 1.0, 'means' => ['mode' => 'home']],
                        ],
                        'drive' => [
                            'control' => 'face-right',
                            'map' => ['away' => 'ja', 'middle' => 'nein', 'toward' => 'nein'],
                        ],
                    ],
                ],
                [5 => ['snap', 'input-arm'], 6 => ['lv', 'input-mode'], 8 => ['hm', 'input-mode']],
                [
                    ['channel' => 6, 'from' => 1700, 'to' => 2100, 'mode' => 'steady'],
                    ['channel' => 8, 'from' => 1700, 'to' => 2100, 'mode' => 'home'],
                ],
                ['none' => 'wild', 'priority' => ['home', 'steady']],
            ),
            'a button that toggles arm' => self::multirotor(
                [
                    self::arm('snap', [
                        'cases' => [
                            ['when' => ['toggle' => ['control' => 'button-left', 'at' => 'pressed']], 'step' => 'live'],
                        ],
                    ]),
                    self::modes(
                        'tri',
                        ['steady' => -1.0, 'wild' => 1.0, 'home' => 0.0],
                        self::three('flick-b', 'steady', 'home', 'wild'),
                    ),
                ],
                [5 => ['snap', 'input-arm'], 6 => ['tri', 'input-mode']],
                [
                    ['channel' => 6, 'from' => 900, 'to' => 1300, 'mode' => 'steady'],
                    ['channel' => 6, 'from' => 1300, 'to' => 1700, 'mode' => 'home'],
                    ['channel' => 6, 'from' => 1700, 'to' => 2100, 'mode' => 'wild'],
                ],
                [],
                'harbour-16',
                512,
            ),
            'armed by the sticks' => self::multirotor(
                [self::modes('tri', ['steady' => -1.0, 'wild' => 1.0, 'home' => 0.0])],
                [6 => ['tri', 'input-mode']],
                [
                    ['channel' => 6, 'from' => 900, 'to' => 1300, 'mode' => 'steady'],
                    ['channel' => 6, 'from' => 1300, 'to' => 1700, 'mode' => 'home'],
                    ['channel' => 6, 'from' => 1700, 'to' => 2100, 'mode' => 'wild'],
                ],
                ['arming' => ['by' => 'sticks']],
            ),
            'helicopter with a hold' => self::helicopter('bench-bar'),
            'helicopter without a stabiliser' => self::helicopter(null),
            'plane with a motor cut' => self::plane(self::cutDrive()),
            'plane with a cut that waits for the stick' => self::plane(
                [
                    'cases' => [
                        [
                            'when' => [
                                'latch' => [
                                    'set' => [
                                        'all' => [
                                            ['control' => 'shoulder-left', 'at' => 'away'],
                                            ['function' => 'g', 'below' => -0.95],
                                        ],
                                    ],
                                    'reset' => ['control' => 'shoulder-left', 'at' => 'toward'],
                                ],
                            ],
                            'step' => 'los',
                        ],
                    ],
                ],
                true,
            ),
            'glider with its motor on a slider' => self::base(
                'sailplane',
                'lamplight-12',
                [
                    self::stick('q', 'roll'),
                    self::stick('h', 'pitch'),
                    [
                        'id' => 'm',
                        'name' => 'Antrieb',
                        'purpose' => 'throttle',
                        'drive' => ['control' => 'slider-right'],
                        'override' => [['when' => ['step' => ['st', 'halt']], 'value' => -1.0]],
                    ],
                    [
                        'id' => 'st',
                        'name' => 'Stopp',
                        'purpose' => 'motor-cut',
                        'steps' => [
                            ['id' => 'halt', 'value' => -1.0, 'means' => 'motor-off'],
                            ['id' => 'los', 'value' => 1.0, 'means' => 'motor-on'],
                        ],
                        'drive' => ['control' => 'top-left', 'map' => ['away' => 'los', 'toward' => 'halt']],
                    ],
                    ['id' => 'br', 'name' => 'Bremse', 'purpose' => 'brakes', 'drive' => ['axis' => 'throttle']],
                ],
                [1 => ['q', 'ailerons'], 2 => ['h', 'elevator'], 4 => ['m', 'motor'], 6 => ['br', 'brakes']],
            ),
            'wing behind a controller' => self::base(
                'flying-wing',
                'harbour-16',
                [
                    self::stick('q', 'roll'),
                    self::stick('h', 'pitch'),
                    ['id' => 'g', 'name' => 'Gas', 'purpose' => 'throttle', 'drive' => ['axis' => 'throttle']],
                    self::arm('snap', ['control' => 'flick-h', 'map' => ['away' => 'live', 'toward' => 'dead']]),
                    self::modes(
                        'tri',
                        ['steady' => -1.0, 'wild' => 1.0, 'home' => 0.0],
                        self::three('flick-e', 'steady', 'home', 'wild'),
                    ),
                ],
                [
                    2 => ['q', 'left-elevon'],
                    1 => ['h', 'right-elevon'],
                    4 => ['g', 'motor'],
                    9 => ['snap', 'input-arm'],
                    7 => ['tri', 'input-mode'],
                ],
                'bench-box',
                [
                    'modes' => [
                        ['channel' => 7, 'from' => 900, 'to' => 1300, 'mode' => 'steady'],
                        ['channel' => 7, 'from' => 1300, 'to' => 1700, 'mode' => 'home'],
                        ['channel' => 7, 'from' => 1700, 'to' => 2100, 'mode' => 'wild'],
                    ],
                    'expects' => 'surfaces',
                    'arming' => ['by' => 'range', 'ranges' => [['channel' => 9, 'from' => 1700, 'to' => 2100]]],
                ],
                500 / 512,
            ),
            'no controller at all' => self::base(
                'plane',
                'quayside-8',
                [
                    self::stick('q', 'roll'),
                    self::stick('h', 'pitch'),
                    ['id' => 'g', 'name' => 'Gas', 'purpose' => 'throttle', 'drive' => ['axis' => 'throttle']],
                ],
                [1 => ['q', 'ailerons'], 2 => ['h', 'elevator'], 3 => ['g', 'motor']],
            ),
            'two motors that steer' => self::twin(),
            'a governed cut on a button' => self::plane([
                'cases' => [['when' => ['toggle' => ['control' => 'button', 'at' => 'pressed']], 'step' => 'los']],
            ]),
            'ground vehicle' => self::vehicle(),
            'plane with dual rates and trims of each phase' => self::rated(),
            default => throw new LogicException("There is no school \"{$name}\""),
        };
    }

    /** A controller of one's own: its modes have ids that no step has by itself. */
    public static function controller(string $id): Controller
    {
        $definition = DefinitionKind::Controllers->decode(
            (string) json_encode([
                'format' => 'dusk-switch/controller',
                'version' => 1,
                'id' => $id,
                'name' => 'Bench box',
                'kind' => $id === 'bench-bar' ? 'stabiliser' : 'flight-controller',
                'wires' => ['serial'],
                'supply' => [4, 26],
                'draw' => 100,
                'order' => $id === 'bench-bar'
                        ? ['throttle', 'roll', 'pitch', 'yaw', 'collective', 'gain']
                        : ['throttle', 'roll', 'pitch', 'yaw'],
                'lowThrottle' => 1060,
                ...$id === 'bench-bar' ? [] : ['arming' => ['channel' => 5, 'from' => 1700, 'to' => 2100]],
                'modes' => [
                    ['id' => 'steady', 'name' => 'Ruhig', 'flight' => true, 'saves' => true],
                    ['id' => 'home', 'name' => 'Heim', 'flight' => true, 'saves' => true],
                    ['id' => 'wild', 'name' => 'Frei', 'flight' => true],
                    ['id' => 'flip', 'name' => 'Salto', 'risky' => true],
                ],
            ]),
        );

        return $definition instanceof Controller ? $definition : throw new LogicException('A controller');
    }

    /** @return array<string, mixed> */
    public static function stick(string $id, string $axis): array
    {
        return ['id' => $id, 'name' => "Knüppel {$id}", 'purpose' => $axis, 'drive' => ['axis' => $axis]];
    }

    /**
     * @param  array<string, mixed>|null  $drive
     * @return array<string, mixed>
     */
    private static function arm(string $id, ?array $drive = null): array
    {
        return [
            'id' => $id,
            'name' => 'Scharf',
            'purpose' => 'arm',
            'steps' => [
                ['id' => 'dead', 'value' => -1.0, 'means' => 'disarmed'],
                ['id' => 'live', 'value' => 1.0, 'means' => 'armed'],
            ],
            'drive' => $drive ?? ['control' => 'top-left', 'map' => ['away' => 'live', 'toward' => 'dead']],
        ];
    }

    /**
     * @param  array<string, float>  $values  by mode
     * @param  array<string, mixed>|null  $drive
     * @return array<string, mixed>
     */
    private static function modes(string $id, array $values, ?array $drive = null): array
    {
        $steps = array_map(
            fn (string $mode, float $value): array => [
                'id' => $mode,
                'name' => "Schritt {$mode}",
                'value' => $value,
                'means' => ['mode' => $mode],
            ],
            array_keys($values),
            $values,
        );

        return [
            'id' => $id,
            'name' => 'Flugart',
            'purpose' => 'flight-mode',
            'steps' => $steps,
            'drive' => $drive ?? self::three('face-left', 'steady', 'home', 'wild'),
        ];
    }

    /** @return array<string, mixed> */
    private static function three(string $control, string $toward, string $middle, string $away): array
    {
        return ['control' => $control, 'map' => ['away' => $away, 'middle' => $middle, 'toward' => $toward]];
    }

    /** @return array<string, mixed> */
    private static function cutDrive(): array
    {
        return ['control' => 'shoulder-left', 'map' => ['away' => 'los', 'toward' => 'halt']];
    }

    /**
     * @param  list<array<string, mixed>>  $functions
     * @param  array<int, array{string, string}>  $outputs  function and role by channel
     * @param  list<array<string, mixed>>  $ranges
     * @param  array<string, mixed>  $setup
     * @return array<string, mixed>
     */
    private static function multirotor(
        array $functions,
        array $outputs,
        array $ranges,
        array $setup = [],
        string $transmitter = 'lamplight-12',
        int $span = 400,
    ): array {
        $sticks = [
            ['id' => 'g', 'name' => 'Gas', 'purpose' => 'throttle', 'drive' => ['axis' => 'throttle']],
            self::stick('q', 'roll'),
            self::stick('h', 'pitch'),
            self::stick('s', 'yaw'),
        ];

        return self::base(
            'multirotor',
            $transmitter,
            [...$functions, ...$sticks],
            [
                1 => ['g', 'input-throttle'],
                2 => ['q', 'input-roll'],
                3 => ['h', 'input-pitch'],
                4 => ['s', 'input-yaw'],
            ] + $outputs,
            'bench-box',
            ['modes' => $ranges] + $setup,
            500 / $span,
        );
    }

    /**
     * @param  array<string, mixed>  $drive
     * @return array<string, mixed>
     */
    private static function plane(array $drive, bool $waits = false): array
    {
        return self::base(
            'plane',
            'quayside-8',
            [
                self::stick('q', 'roll'),
                self::stick('h', 'pitch'),
                [
                    'id' => 'g',
                    'name' => 'Gas',
                    'purpose' => 'throttle',
                    'drive' => ['axis' => 'throttle'],
                    ...$waits ? [] : ['override' => [['when' => ['step' => ['st', 'halt']], 'value' => -1.0]]],
                ],
                [
                    'id' => 'st',
                    'name' => 'Stopp',
                    'purpose' => 'motor-cut',
                    'steps' => [
                        ['id' => 'halt', 'value' => -1.0, 'means' => 'motor-off'],
                        ['id' => 'los', 'value' => 1.0, 'means' => 'motor-on'],
                    ],
                    'drive' => $drive,
                ],
                // A cut that looks at the throttle can't stop it: the motor is a function of its own.
                ...$waits
                    ? [
                        [
                            'id' => 'mo',
                            'name' => 'Motor',
                            'purpose' => 'throttle',
                            'drive' => ['axis' => 'throttle'],
                            'override' => [['when' => ['step' => ['st', 'halt']], 'value' => -1.0]],
                        ],
                    ]
                    : [],
            ],
            [1 => ['q', 'ailerons'], 2 => ['h', 'elevator'], 3 => [$waits ? 'mo' : 'g', 'motor']],
        );
    }

    /** @return array<string, mixed> */
    private static function twin(): array
    {
        $twin = self::plane(self::cutDrive());
        $twin['functions'][] = self::stick('s', 'yaw');
        $steer = fn (float $yaw): array => [
            ['from' => 'g'],
            ['from' => 's', 'weight' => $yaw, 'when' => ['function' => 'g', 'above' => -0.95]],
        ];
        $twin['outputs'][2] = [
            'channel' => 3,
            'name' => 'Backbord',
            'role' => 'left-motor',
            'feeds' => $steer(0.2),
            'travel' => 1.25,
        ];
        $twin['outputs'][] = [
            'channel' => 4,
            'name' => 'Steuerbord',
            'role' => 'right-motor',
            'feeds' => $steer(-0.2),
            'travel' => 1.25,
        ];
        $twin['aboard']['failsafe'][] = ['channel' => 4, 'does' => 1000];

        return $twin;
    }

    /** @return array<string, mixed> a motor that stands still in the middle of its stick */
    private static function vehicle(): array
    {
        $vehicle = self::base(
            'ground-vehicle',
            'lamplight-12',
            [
                [
                    'id' => 'lk',
                    'name' => 'Lenkung',
                    'purpose' => 'yaw',
                    'drive' => ['axis' => 'roll'],
                    'trim' => ['authority' => 0.2],
                ],
                [
                    'id' => 'g',
                    'name' => 'Fahrt',
                    'purpose' => 'throttle',
                    'drive' => ['axis' => 'throttle'],
                    'deadband' => 0.05,
                    'override' => [['when' => ['step' => ['st', 'halt']], 'value' => 0.0]],
                ],
                self::stick('h', 'pitch'),
                [
                    'id' => 'st',
                    'name' => 'Stopp',
                    'purpose' => 'motor-cut',
                    'steps' => [
                        ['id' => 'halt', 'value' => -1.0, 'means' => 'motor-off'],
                        ['id' => 'los', 'value' => 1.0, 'means' => 'motor-on'],
                    ],
                    'drive' => ['control' => 'top-left', 'map' => ['away' => 'los', 'toward' => 'halt']],
                ],
            ],
            [1 => ['lk', 'steering'], 2 => ['g', 'motor'], 5 => ['h', 'other']],
        );
        $vehicle['aboard']['failsafe'][1]['does'] = 1500;

        return $vehicle;
    }

    /** @return array<string, mixed> */
    private static function rated(): array
    {
        $plane = self::plane(self::cutDrive());
        $low = fn (string $control, string $at): array => [
            ['when' => ['control' => $control, 'at' => $at], 'rate' => 0.6, 'expo' => 0.3],
        ];
        $plane['phases'][] = [
            'id' => 'lande',
            'name' => 'Landung',
            'when' => ['control' => 'face-right', 'at' => 'away'],
            'fade' => 1.0,
        ];
        $plane['functions'][0] += ['dualRates' => $low('shoulder-right', 'away'), 'trim' => ['authority' => 0.15]];
        $plane['functions'][1] += [
            'dualRates' => $low('shoulder-right', 'away'),
            'trim' => ['authority' => 0.2, 'perPhase' => true],
        ];
        $plane['functions'][2] += ['trim' => ['authority' => 0.02, 'idle' => true, 'perPhase' => true]];

        return $plane;
    }

    /** @return array<string, mixed> */
    private static function helicopter(?string $controller): array
    {
        $functions = [
            [
                'id' => 'g',
                'name' => 'Drehzahl',
                'purpose' => 'throttle',
                'drive' => ['axis' => 'throttle'],
                'shape' => ['ruhe' => ['curve' => 'spool'], 'flott' => ['curve' => 'flat']],
                'override' => [['when' => ['step' => ['ah', 'halt']], 'value' => -1.0]],
            ],
            self::stick('q', 'roll'),
            self::stick('h', 'pitch'),
            self::stick('s', 'yaw'),
            ['id' => 'k', 'name' => 'Blatt', 'purpose' => 'collective', 'drive' => ['axis' => 'throttle']],
            [
                'id' => 'ah',
                'name' => 'Autorotation',
                'purpose' => 'motor-cut',
                'steps' => [
                    ['id' => 'halt', 'value' => -1.0, 'means' => 'motor-off'],
                    ['id' => 'los', 'value' => 1.0, 'means' => 'motor-on'],
                ],
                'drive' => ['control' => 'top-left', 'map' => ['away' => 'los', 'toward' => 'halt']],
            ],
            [
                'id' => 'em',
                'name' => 'Empfindlichkeit',
                'purpose' => 'gyro-gain',
                'steps' => [['id' => 'fest', 'value' => 0.4, 'means' => 'other']],
            ],
        ];
        $roles =
            $controller === null
                ? [
                    1 => ['g', 'motor'],
                    2 => ['q', 'swash-left'],
                    3 => ['h', 'swash-front'],
                    4 => ['s', 'tail-rotor'],
                    5 => ['k', 'swash-right'],
                    6 => ['em', 'gyro-gain'],
                ]
                : [
                    1 => ['g', 'input-throttle'],
                    2 => ['q', 'input-roll'],
                    3 => ['h', 'input-pitch'],
                    4 => ['s', 'input-yaw'],
                    5 => ['k', 'input-collective'],
                    6 => ['em', 'input-gain'],
                ];

        return [
            ...self::base('helicopter', 'lamplight-12', $functions, $roles, $controller, [], 1.25),
            'phases' => [
                ['id' => 'ruhe', 'name' => 'Ruhe'],
                [
                    'id' => 'flott',
                    'name' => 'Flott',
                    'when' => ['control' => 'face-right', 'at' => 'away'],
                    'fade' => 2.0,
                ],
            ],
            'curves' => [
                'spool' => ['points' => [[-1, -1], [-0.8, 0.3], [1, 0.3]]],
                'flat' => ['points' => [[-1, 0.5], [1, 0.5]]],
            ],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $functions
     * @param  array<int, array{string, string}>  $outputs  function and role by channel
     * @param  array<string, mixed>  $setup
     * @return array<string, mixed>
     */
    private static function base(
        string $family,
        string $transmitter,
        array $functions,
        array $outputs,
        ?string $controller = null,
        array $setup = [],
        float $travel = 1.25,
    ): array {
        $kinds = array_column($functions, 'purpose', 'id');
        ksort($outputs);
        $built = $failsafe = [];
        foreach ($outputs as $channel => [$function, $role]) {
            $built[] = [
                'channel' => $channel,
                'name' => "Ausgang {$channel}",
                'role' => $role,
                'feeds' => [['from' => $function]],
                'travel' => $travel,
            ];
            $failsafe[] = [
                'channel' => $channel,
                'does' => $controller === 'bench-box' ? 'off' : ($kinds[$function] === 'throttle' ? 1000 : 1500),
            ];
        }
        $controls = array_values(
            array_filter(Given::transmitter($transmitter)->controls, fn ($one): bool => $one->kind->value === 'switch'),
        );

        return [
            'format' => 'dusk-switch/program',
            'version' => 2,
            'name' => 'Schule',
            'family' => $family,
            'transmitter' => $transmitter,
            ...$controller === null ? [] : ['controller' => $controller],
            'phases' => [['id' => 'ruhe', 'name' => 'Ruhe']],
            'functions' => $functions,
            'outputs' => $built,
            'aboard' => [
                'failsafe' => $failsafe,
                'startCheck' => array_map(fn ($one): string => $one->id, $controls),
                ...$setup === [] ? [] : ['controller' => $setup],
            ],
        ];
    }
}
