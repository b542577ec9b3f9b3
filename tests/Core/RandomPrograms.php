<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Programs with names, controls and mixing that nobody would choose, in every family: dials, sliders, trims, memories,
 * telemetry, several motors.
 */
final class RandomPrograms
{
    private const STICKS = ['roll', 'pitch', 'throttle', 'yaw'];

    private const FAMILIES = [
        'multirotor',
        'tiny-multirotor',
        'plane',
        'flying-wing',
        'sailplane',
        'helicopter',
        'ground-vehicle',
    ];

    private readonly Randomizer $random;

    public readonly Transmitter $transmitter;

    /** @param  bool  $remembers  with toggles, latches and telemetry */
    public function __construct(int $seed, private readonly bool $remembers = true)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->transmitter = Given::transmitter($this->pick(['harbour-16', 'quayside-8', 'lamplight-12']));
    }

    public static function circuit(int $seed, bool $remembers = true): Circuit
    {
        $random = new self($seed, $remembers);

        return Compiler::compile($random->program(), $random->transmitter);
    }

    /** @param  array<string, mixed>  $more  of the document */
    public function program(array $more = []): Program
    {
        $functions = array_map(
            fn (string $stick): array => $this->proportional("f-{$stick}", ['axis' => $stick]),
            self::STICKS,
        );
        foreach ($this->levers() as $place => $lever) {
            $functions[] = $this->proportional("lever-{$place}", ['control' => $lever]);
        }
        $functions[] = $this->stepped('s-one');
        $functions[] = $this->stepped('s-two');
        $outputs = [];
        foreach (range(1, min(7, $this->transmitter->channels)) as $channel) {
            $outputs[] = $this->output($channel, array_column($functions, 'id'));
        }

        return ProgramDecoder::decode(
            Given::text(
                $more + [
                    'version' => 2,
                    'family' => $this->pick(self::FAMILIES),
                    'transmitter' => $this->transmitter->id,
                    'phases' => [
                        ['id' => 'calm', 'name' => 'Calm'],
                        ['id' => 'wild', 'name' => 'Wild', 'when' => $this->condition(2)],
                        ['id' => 'odd', 'name' => 'Odd', 'when' => $this->condition(1)],
                    ],
                    'functions' => $functions,
                    'outputs' => $outputs,
                    'curves' => [
                        'bent' => [
                            'points' => [
                                [-1, $this->number(-1, 1)],
                                [-0.25, $this->number(-1, 1)],
                                [0.5, $this->number(-1, 1)],
                                [1, $this->number(-1, 1)],
                            ],
                        ],
                        'round' => [
                            'smooth' => true,
                            'points' => [
                                [-1, $this->number(-1, 1)],
                                [0.1, $this->number(-1, 1)],
                                [0.4, $this->number(-1, 1)],
                                [1, $this->number(-1, 1)],
                            ],
                        ],
                    ],
                    'conditions' => ['named' => $this->leaf()],
                    ...$this->chance(4) ? ['ring' => ['of' => ['f-roll', 'f-pitch'], 'limit' => 0.8]] : [],
                ],
            ),
        );
    }

    /**
     * A hand anywhere: often at ends, at rest, or at a level.
     *
     * @return list<float>
     */
    public function hand(Circuit $circuit): array
    {
        $hand = $circuit->panel->atRest();
        foreach ($hand as $input => $rest) {
            $control = $this->transmitter->controls[$input - 8] ?? null;
            $hand[$input] =
                $control !== null && $control->detents !== []
                    ? (float) $control->valueOf($this->pick($control->detents))
                    : $this->pick([
                        $rest,
                        -1.0,
                        1.0,
                        0.0,
                        0.25,
                        -0.25,
                        0.5,
                        $this->random->getInt(-100000, 100000) / 100000,
                        $this->random->getInt(-100000, 100000) / 100000,
                    ]);
        }

        return array_values($hand);
    }

    public function number(float $least, float $most): float
    {
        return round($least + (($most - $least) * $this->random->getInt(0, 1000)) / 1000, 2);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    public function chance(int $in): bool
    {
        return $this->random->getInt(1, $in) === 1;
    }

    /** @return array<string, mixed> */
    public function leaf(): array
    {
        $switches = array_values(array_filter($this->transmitter->controls, fn ($one): bool => $one->detents !== []));
        $switch = $this->pick(array_slice($switches, 0, 4));
        $lever = $this->pick($this->levers());

        return match ($this->random->getInt(0, 6)) {
            0 => ['control' => $lever, $this->pick(['above', 'below']) => $this->pick([-0.25, 0.0, 0.25, 0.5])],
            1 => [
                'function' => $this->pick(['f-yaw', 'f-throttle']),
                $this->pick(['above', 'below']) => $this->pick([-0.5, 0.0, 0.5]),
            ],
            default => ['control' => $switch->id, 'at' => $this->pick($switch->detents)],
        };
    }

    /** @return array<string, mixed>|string */
    public function condition(int $depth): array|string
    {
        if ($depth === 0) {
            return $this->chance(8) ? 'named' : $this->leaf();
        }
        $inside = fn (): array|string => $this->condition($depth - 1);

        return match ($this->random->getInt(0, $this->remembers ? 9 : 4)) {
            0 => ['not' => $inside()],
            1 => ['all' => [$inside(), $inside()]],
            2 => ['any' => [$inside(), $inside()]],
            5 => ['toggle' => $this->leaf()],
            6 => ['latch' => ['set' => $this->leaf(), 'reset' => $this->leaf()]],
            7 => ['held' => $inside(), 'seconds' => 0.3],
            8 => [
                'sensor' => $this->pick(['height', 'volts']),
                $this->pick(['above', 'below']) => $this->pick([10, 100]),
                'hysteresis' => $this->pick([0, 5]),
            ],
            default => $this->leaf(),
        };
    }

    /** @return non-empty-list<string> */
    private function levers(): array
    {
        $levers = array_map(
            fn ($one): string => $one->id,
            array_values(array_filter($this->transmitter->controls, fn ($one): bool => $one->detents === [])),
        );

        return $levers === [] ? ['dial'] : array_slice($levers, 0, 3);
    }

    /**
     * @param  array<string, string>  $drive
     * @return array<string, mixed>
     */
    private function proportional(string $id, array $drive): array
    {
        $shape = fn (): array => match ($this->random->getInt(0, 3)) {
            0 => ['rate' => $this->number(0.3, 1.4), 'curve' => $this->pick(['bent', 'round'])],
            default => [
                'rate' => [$this->number(0.3, 1.4), $this->number(0.3, 1.4)],
                'expo' => $this->number(-0.6, 0.8),
            ],
        };

        return [
            'id' => $id,
            'name' => ucfirst($id),
            'drive' => $drive,
            'deadband' => $this->pick([0, 0, 0.1]),
            ...$this->chance(2)
                ? [
                    'shape' => [
                        'calm' => $shape(),
                        ...! in_array($id, ['f-yaw', 'f-throttle'], true) && $this->chance(2)
                            ? ['wild' => $shape()]
                            : [],
                    ],
                ]
                : [],
            ...isset($drive['axis']) && $this->chance(2)
                ? [
                    'trim' => [
                        'authority' => $this->number(0, 0.4),
                        ...$this->chance(2) ? ['idle' => true] : [],
                        ...! in_array($id, ['f-yaw', 'f-throttle'], true) && $this->chance(3)
                            ? ['perPhase' => true]
                            : [],
                    ],
                ]
                : [],
            ...! in_array($id, ['f-yaw', 'f-throttle'], true) && $this->chance(3)
                ? ['dualRates' => [['when' => $this->condition(1), ...$shape()]]]
                : [],
            // Conditions look at yaw and throttle: these hang on nothing.
            ...! in_array($id, ['f-yaw', 'f-throttle'], true) && $this->chance(3)
                ? ['override' => [['when' => $this->condition(2), 'value' => $this->number(-1, 1)]]]
                : [],
        ];
    }

    /** @return array<string, mixed> */
    private function stepped(string $id): array
    {
        return [
            'id' => $id,
            'name' => ucfirst($id),
            'steps' => [
                ['id' => 'a', 'value' => $this->number(-1, 0)],
                ['id' => 'b', 'value' => $this->number(0, 1)],
                ['id' => 'c', 'value' => $this->number(-1, 1)],
            ],
            'drive' => [
                'cases' => [
                    ['when' => $this->condition(2), 'step' => 'b'],
                    ['when' => $this->condition(1), 'step' => 'c'],
                ],
            ],
        ];
    }

    /**
     * @param  list<string>  $functions
     * @return array<string, mixed>
     */
    private function output(int $channel, array $functions): array
    {
        $feeds = [];
        foreach (range(1, $this->random->getInt(1, 3)) as $place) {
            $from = match ($this->random->getInt(0, 7)) {
                0 => 1,
                1 => ['axis' => $this->pick(self::STICKS)],
                2 => $channel > 1 ? ['output' => $this->random->getInt(1, $channel - 1)] : 1,
                default => $this->pick($functions),
            };
            $feeds[] = [
                'from' => $from,
                'weight' => [$this->number(-1, 1), $this->number(-1, 1)],
                ...$this->chance(3) ? ['when' => $this->condition(1)] : [],
                ...$this->chance(4) ? ['offset' => $this->number(-0.3, 0.3)] : [],
                ...$this->chance(5) ? ['curve' => 'bent'] : [],
                ...$this->chance(6) ? ['combine' => $this->pick(['scale', 'replace'])] : [],
            ];
        }

        return [
            'channel' => $channel,
            'name' => "Out {$channel}",
            'feeds' => $feeds,
            'travel' => [$this->number(0.5, 1.3), $this->number(0.5, 1.3)],
            'reverse' => $this->chance(2),
            'subtrim' => $this->number(-0.2, 0.2),
            'limit' => $this->pick([[-1.5, 1.5], [-0.9, 1.1]]),
        ];
    }
}
