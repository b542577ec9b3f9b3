<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Transmitter;
use Random\Randomizer;

/**
 * Spoils a program document as a tired pilot would: a mix too many, a wrong number, a switch turned round, something
 * that remembers.
 */
final readonly class Spoiling
{
    public function __construct(private Randomizer $random, private Transmitter $transmitter) {}

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public function once(array $document): array
    {
        $output = $this->random->getInt(0, count($document['outputs']) - 1);
        $function = $this->random->getInt(0, count($document['functions']) - 1);
        $number = fn (): float => $this->random->getInt(-100, 100) / 100;
        switch ($this->random->getInt(0, 12)) {
            case 0:
                $document['outputs'][$output]['feeds'][] = [
                    'from' => ['control' => $this->lever()->id],
                    'weight' => $number(),
                ];
                break;
            case 1:
                $document['outputs'][$output]['feeds'][] = [
                    'from' => ['axis' => $this->pick(['roll', 'pitch', 'throttle', 'yaw'])],
                    'weight' => $number(),
                    ...$this->maybe(),
                ];
                break;
            case 2:
                $document['outputs'][$output]['feeds'][] = [
                    'from' => 1,
                    'weight' => 1.0,
                    'offset' => $number(),
                    'when' => $this->condition(),
                ];
                break;
            case 3:
                $document['outputs'][$output]['travel'] = $this->random->getInt(50, 150) / 100;
                break;
            case 4:
                $document['outputs'][$output]['reverse'] = true;
                break;
            case 5:
                $document['outputs'][$output]['subtrim'] = $number() / 3;
                break;
            case 6:
                if (isset($document['functions'][$function]['steps'])) {
                    $step = $this->random->getInt(0, count($document['functions'][$function]['steps']) - 1);
                    $document['functions'][$function]['steps'][$step]['value'] = $number();
                } else {
                    $document['functions'][$function]['trim'] = isset(
                        $document['functions'][$function]['drive']['axis'],
                    )
                        ? ['authority' => abs($number()) / 2, 'idle' => $this->random->getInt(0, 1) === 1]
                        : null;
                    $document['functions'][$function] = array_filter(
                        $document['functions'][$function],
                        fn (mixed $one): bool => $one !== null,
                    );
                }
                break;
            case 7:
                if (isset($document['functions'][$function]['steps'])) {
                    $document['functions'][$function]['drive'] = [
                        'cases' => [
                            [
                                'when' => $this->condition(),
                                'step' => $document['functions'][$function]['steps'][
                                        count($document['functions'][$function]['steps']) - 1
                                    ]['id'],
                            ],
                        ],
                    ];
                } else {
                    $document['functions'][$function]['override'][] = [
                        'when' => $this->condition(),
                        'value' => $number(),
                    ];
                }
                break;
            case 8:
                if (! isset($document['functions'][$function]['steps'])) {
                    $document['functions'][$function]['shape'][$document['phases'][0]['id']] = [
                        'rate' => abs($number()) + 0.2,
                        'expo' => $number(),
                    ];
                }
                break;
            case 9:
                $document['aboard']['controller'] = [
                    ...$document['aboard']['controller'] ?? [],
                    'low' => $this->random->getInt(1000, 1200),
                ];
                break;
            case 11:
                $this->rate($document['functions'][$function], $number);
                break;
            case 10:
                $document['outputs'][$output]['feeds'][0]['weight'] = [$number(), $number()];
                break;
            default:
                $document['outputs'][$output]['feeds'][0]['offset'] = $number() / 2;
        }

        return $document;
    }

    /**
     * A dual rate too many, or a trim that each phase has for itself.
     *
     * @param  array<string, mixed>  $function
     * @param  callable(): float  $number
     */
    private function rate(array &$function, callable $number): void
    {
        if (isset($function['steps'])) {
            return;
        }
        if (isset($function['trim']) && $this->random->getInt(0, 1) === 0) {
            $function['trim'] = ['authority' => abs($number()) / 2, 'perPhase' => true];
        } else {
            $function['dualRates'][] = [
                'when' => $this->condition(),
                'rate' => abs($number()) + 0.2,
                'expo' => $number(),
            ];
        }
    }

    /** @return array<string, mixed> */
    private function maybe(): array
    {
        return $this->random->getInt(0, 1) === 0 ? [] : ['when' => $this->condition()];
    }

    /** @return array<string, mixed> */
    private function condition(int $depth = 2): array
    {
        $switch = $this->pick(
            array_values(array_filter($this->transmitter->controls, fn (Control $one): bool => $one->detents !== [])),
        );
        $leaf = ['control' => $switch->id, 'at' => $this->pick($switch->detents)];
        $level = [
            'control' => $this->lever()->id,
            $this->pick(['above', 'below']) => $this->random->getInt(-8, 8) / 10,
        ];
        if ($depth === 0) {
            return $this->random->getInt(0, 2) === 0 ? $level : $leaf;
        }

        return match ($this->random->getInt(0, 8)) {
            0 => ['not' => $this->condition($depth - 1)],
            1 => ['all' => [$this->condition($depth - 1), $this->condition($depth - 1)]],
            2 => ['any' => [$this->condition($depth - 1), $this->condition($depth - 1)]],
            3 => ['toggle' => $leaf],
            4 => ['latch' => ['set' => $leaf, 'reset' => $this->condition(0)]],
            5 => ['held' => $this->condition(0), 'seconds' => 0.2],
            6 => $level,
            default => $leaf,
        };
    }

    private function lever(): Control
    {
        return $this->pick(
            array_values(array_filter($this->transmitter->controls, fn (Control $one): bool => $one->detents === [])),
        );
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
