<?php

namespace DuskSwitch\Tests\Core;

use stdClass;

/** Valid documents that are built to be hard: everything that the format allows, as much of it as it allows. */
final class Hard
{
    /** @return array<string, stdClass> by what is hard about them */
    public static function documents(): array
    {
        return [
            'named conditions that double' => self::doubling(),
            'conditions as deep as they go' => self::deep(),
            'conditions as wide as they go' => self::wide(),
            'outputs of outputs' => self::outputs(),
            'every feed of every output' => self::feeds(),
            'thresholds on every dial' => self::thresholds(),
            'phases, curves and shapes' => self::shapes(),
            'everything remembers' => self::memory(),
            'long delays everywhere' => self::delays(),
            'values of values' => self::values(),
            'sticks mixed into everything' => self::sticks(),
            'cases that ask for steps' => self::steps(),
        ];
    }

    private static function base(): stdClass
    {
        $document = json_decode(Given::demo('nightjar'));
        $document->name = 'Hard';
        unset($document->recipe, $document->ladder, $document->aboard, $document->sense, $document->conditions);

        return $document;
    }

    /** @return list<string> the switches of the transmitter */
    private static function switches(): array
    {
        return ['left-shoulder', 'left-front', 'left-side', 'left-back', 'right-front', 'right-side'];
    }

    private static function doubling(): stdClass
    {
        $document = self::base();
        $conditions = ['c0' => ['control' => 'left-shoulder', 'at' => 'away']];
        for ($i = 1; $i < 64; $i++) {
            $conditions["c{$i}"] = [
                $i % 2 ? 'any' : 'all' => ['c'.($i - 1), ['not' => 'c'.($i - 1)], 'c'.($i - 1)],
            ];
        }
        $document->conditions = $conditions;
        $document->phases[] = ['id' => 'late', 'name' => 'Late', 'when' => 'c63', 'fade' => 1];
        $document->functions[0]->override = [['when' => 'c63', 'value' => 0.5]];

        return self::plain($document);
    }

    private static function deep(): stdClass
    {
        $document = self::base();
        $leaf = ['control' => 'left-shoulder', 'at' => 'away'];
        $condition = $leaf;
        for ($i = 0; $i < 6; $i++) {
            $condition = ['any' => [['all' => [$condition, $leaf, $condition]], ['not' => $leaf]]];
        }
        for ($function = 1; $function < 8; $function++) {
            $document->functions[$function % 4]->override[] = ['when' => $condition, 'value' => 0.1 * $function];
        }
        $document->phases[] = ['id' => 'late', 'name' => 'Late', 'when' => $condition];

        return self::plain($document);
    }

    private static function wide(): stdClass
    {
        $document = self::base();
        $condition = [
            'any' => array_fill(0, 10, [
                'all' => array_map(fn ($id) => ['control' => $id, 'at' => 'away'], self::switches()),
            ]),
        ];
        $document->conditions = array_combine(
            array_map(fn ($i) => "c{$i}", range(0, 39)),
            array_fill(0, 40, $condition),
        );
        foreach (range(0, 40) as $i) {
            $document->functions[] = [
                'id' => "extra-{$i}",
                'name' => "Extra {$i}",
                'drive' => ['axis' => 'roll'],
                'override' => array_map(fn ($j) => ['when' => "c{$j}", 'value' => $j / 100], range(0, 15)),
            ];
        }
        $document->outputs[] = [
            'channel' => 15,
            'name' => 'All',
            'feeds' => array_map(fn ($i) => ['from' => "extra-{$i}", 'weight' => 0.1], range(0, 31)),
        ];

        return self::plain($document);
    }

    private static function outputs(): stdClass
    {
        $document = self::base();
        $document->outputs = [];
        for ($channel = 1; $channel <= 16; $channel++) {
            $feeds =
                $channel === 1
                    ? [['from' => 'roll']]
                    : array_fill(0, 8, ['from' => ['output' => $channel - 1], 'weight' => 0.1]);
            $document->outputs[] = ['channel' => $channel, 'name' => "Out {$channel}", 'feeds' => $feeds];
        }

        return self::plain($document);
    }

    private static function feeds(): stdClass
    {
        $document = self::base();
        $document->functions = array_values(array_filter($document->functions, fn ($one) => ! isset($one->steps)));
        foreach (range(count($document->functions), 55) as $i) {
            $document->functions[] = [
                'id' => "extra-{$i}",
                'name' => "Extra {$i}",
                'drive' => ['axis' => ['roll', 'pitch', 'yaw', 'throttle'][$i % 4]],
                'deadband' => 0.01 * ($i % 9),
                'shape' => ['main' => ['rate' => [0.9, 0.8], 'expo' => 0.01 * $i]],
            ];
        }
        $ids = array_map(fn ($one) => ((object) $one)->id, $document->functions);
        $document->outputs = [];
        for ($channel = 1; $channel <= 16; $channel++) {
            $document->outputs[] = [
                'channel' => $channel,
                'name' => "Out {$channel}",
                'feeds' => array_map(
                    fn ($i) => [
                        'from' => $ids[($i + $channel) % count($ids)],
                        'weight' => [0.1, 0.05 + $i / 100],
                        'when' => ['control' => self::switches()[$i % 6], 'at' => 'away'],
                    ],
                    range(0, 31),
                ),
            ];
        }

        return self::plain($document);
    }

    private static function thresholds(): stdClass
    {
        $document = self::base();
        $dials = ['dial-left', 'dial-right', 'slider-left', 'slider-right'];
        foreach ($dials as $d => $dial) {
            foreach (range(1, 9) as $n) {
                $document->functions[0]->override[] = [
                    'when' => ['control' => $dial, 'above' => $n / 10 - 0.5],
                    'value' => $n / 10,
                ];
                if (count($document->functions[0]->override) > 15) {
                    break;
                }
            }
            $document->functions[[0, 1, 2, 3][$d]]->override ??= [];
            $more = array_map(
                fn ($n) => [
                    'when' => ['all' => array_map(fn ($one) => ['control' => $one, 'above' => $n / 20 - 0.3], $dials)],
                    'value' => 0.1,
                ],
                range(1, 12),
            );
            $document->functions[$d]->override = array_slice([...$document->functions[$d]->override, ...$more], 0, 16);
        }
        $document->functions[0]->override = array_slice($document->functions[0]->override, 0, 16);
        $document->outputs[0]->feeds = array_map(
            fn ($one) => ['from' => $one->id, 'weight' => 0.2],
            array_slice($document->functions, 0, 4),
        );

        return self::plain($document);
    }

    private static function shapes(): stdClass
    {
        $document = self::base();
        $document->phases = array_slice($document->phases, 0, 1);
        foreach (range(1, 15) as $i) {
            $document->phases[] = [
                'id' => "phase-{$i}",
                'name' => "Phase {$i}",
                'fade' => 60,
                'when' => [
                    'all' => [
                        ['control' => self::switches()[$i % 6], 'at' => 'away'],
                        ['control' => self::switches()[($i + 1) % 6], 'at' => 'toward'],
                    ],
                ],
            ];
        }
        foreach (range(0, 59) as $i) {
            $curves["curve-{$i}"] = [
                'smooth' => true,
                'points' => array_map(
                    fn ($x) => [$x === 16 ? 1 : -1 + $x / 8, round(sin($x * ($i + 1)), 3)],
                    range(0, 16),
                ),
            ];
        }
        $document->curves = (object) array_slice([...(array) $document->curves, ...$curves], 0, 64);
        $shape = fn ($i) => array_combine(
            ['main', ...array_map(fn ($p) => "phase-{$p}", range(1, 15))],
            array_map(fn ($p) => ['curve' => 'curve-'.($i + $p) % 60], range(0, 15)),
        );
        foreach ($document->functions as $function) {
            if (! isset($function->steps)) {
                $function->shape = $shape(1);
            }
        }
        foreach (range(count($document->functions), 60) as $i) {
            $document->functions[] = [
                'id' => "extra-{$i}",
                'name' => "Extra {$i}",
                'drive' => ['axis' => ['roll', 'pitch', 'yaw', 'throttle'][$i % 4]],
                'shape' => $shape($i),
            ];
        }
        $document->outputs[0]->feeds = array_map(
            fn ($i) => ['from' => "extra-{$i}", 'weight' => 0.05, 'curve' => "curve-{$i}"],
            range(20, 50),
        );

        return self::plain($document);
    }

    private static function memory(): stdClass
    {
        $document = self::base();
        foreach (range(0, 30) as $i) {
            $one = ['control' => self::switches()[$i % 6], 'at' => 'away'];
            $conditions["m{$i}"] = [
                ['toggle' => $one],
                ['held' => $one, 'seconds' => $i + 1],
                ['latch' => ['set' => $one, 'reset' => ['control' => self::switches()[($i + 1) % 6], 'at' => 'away']]],
                ['taps' => $one, 'count' => 2, 'within' => 0.5],
            ][$i % 4];
        }
        $document->conditions = (object) $conditions;
        $document->functions[0]->override = array_map(fn ($i) => ['when' => "m{$i}", 'value' => $i / 40], range(0, 15));
        $document->phases[] = [
            'id' => 'late',
            'name' => 'Late',
            'when' => ['all' => array_map(fn ($i) => "m{$i}", range(16, 30))],
        ];

        return self::plain($document);
    }

    private static function delays(): stdClass
    {
        $document = self::base();
        foreach ($document->outputs as $output) {
            // Just below what a program may remember.
            $output->feeds = array_map(
                fn ($i) => ['from' => 'roll', 'weight' => 0.03, 'delay' => 0.56, 'slow' => [10, 10]],
                range(0, 31),
            );
        }

        return self::plain($document);
    }

    private static function values(): stdClass
    {
        $document = json_decode(Given::demo('nightjar'));
        $document->name = 'Hard';
        $first = 'cell';
        $chain = $document->sense->chain ?? [];
        $document->sense->chain = $chain;
        $document->sense->values = [['id' => 'v0', 'name' => 'V0', 'does' => 'sum', 'of' => ['voltage', 'voltage']]];
        foreach (range(1, 39) as $i) {
            $document->sense->values[] = [
                'id' => "v{$i}",
                'name' => "V{$i}",
                'does' => ['most', 'least', 'sum'][$i % 3],
                'of' => ['v'.($i - 1), 'v'.($i - 1)],
            ];
        }

        return self::plain($document);
    }

    private static function sticks(): stdClass
    {
        $document = self::base();
        foreach (range(0, 3) as $a) {
            foreach (['dial-left', 'dial-right', 'slider-left', 'slider-right'] as $d => $dial) {
                $document->functions[] = [
                    'id' => "mix-{$a}-{$d}",
                    'name' => "Mix {$a} {$d}",
                    'drive' => $d % 2 ? ['axis' => ['roll', 'pitch', 'yaw', 'throttle'][$a]] : ['control' => $dial],
                    'deadband' => 0.03 * ($a + 1),
                    'shape' => ['main' => ['expo' => 0.1 * ($d + 1)]],
                ];
            }
        }
        foreach ($document->outputs as $output) {
            $output->feeds = [];
            foreach (range(0, 3) as $a) {
                foreach (range(0, 3) as $d) {
                    $output->feeds[] = [
                        'from' => "mix-{$a}-{$d}",
                        'weight' => [0.1, 0.2],
                        'when' => ['control' => self::switches()[($a + $d) % 6], 'at' => 'away'],
                    ];
                }
            }
        }

        return self::plain($document);
    }

    private static function steps(): stdClass
    {
        $document = self::base();
        foreach (range(0, 39) as $i) {
            $cases = array_map(
                fn ($c) => [
                    'when' => [
                        'all' => [
                            ['control' => self::switches()[($c + $i) % 6], 'at' => 'away'],
                            $i === 0
                                ? ['control' => self::switches()[$c % 6], 'at' => 'toward']
                                : ['step' => ['step-'.($i - 1), "s{$c}"]],
                        ],
                    ],
                    'step' => "s{$c}",
                ],
                range(0, 14),
            );
            $document->functions[] = [
                'id' => "step-{$i}",
                'name' => "Step {$i}",
                'steps' => array_map(fn ($s) => ['id' => "s{$s}", 'name' => "S{$s}", 'value' => $s / 20], range(0, 15)),
                'drive' => ['cases' => $cases],
            ];
        }
        $document->outputs[5]->feeds = [['from' => 'step-39']];

        return self::plain($document);
    }

    private static function plain(stdClass $document): stdClass
    {
        return json_decode((string) json_encode($document));
    }
}
