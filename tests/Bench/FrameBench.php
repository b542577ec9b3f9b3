<?php

namespace DuskSwitch\Tests\Bench;

use DuskSwitch\Tests\Core\Given;
use RuntimeException;

/** A frame of a full program against the same arithmetic written out by hand. */
final class FrameBench
{
    private const FRAMES = 500;

    /** Short and many, turn about: the best of each is the machine undisturbed. */
    private const ROUNDS = 300;

    /** @return array{float, float} µs a frame: the circuit, by hand; the best of several rounds, turn about */
    public static function run(ByHand $byHand): array
    {
        $circuit = Given::circuit((string) file_get_contents(__DIR__.'/full.json'));
        $hands = [];
        for ($i = 0; $i < 64; $i++) {
            $hand = $circuit->panel->atRest();
            $hand[0] = sin($i);
            $hand[1] = cos($i);
            $hand[2] = sin($i / 3);
            $hand[3] = cos($i / 5);
            $hand[9] = [-1.0, 0.0, 1.0][$i % 3];
            $hand[8] = [-1.0, 1.0][$i % 2];
            $hands[] = array_values($hand);
        }
        foreach ($hands as $hand) {
            $frame = $circuit->frame($hand);
            $pulses = array_map(fn ($output): int => $output->pulse, $frame->outputs());
            if ($pulses !== $byHand->frame($hand)['pulses']) {
                throw new RuntimeException('the two don\'t compute the same: '.json_encode([$pulses, $byHand->frame($hand)['pulses']]));
            }
        }
        $best = [INF, INF];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ([$circuit, $byHand] as $which => $runner) {
                $start = hrtime(true);
                for ($i = 0; $i < self::FRAMES; $i++) {
                    $runner->frame($hands[$i & 63]);
                }
                $best[$which] = min($best[$which], (hrtime(true) - $start) / self::FRAMES / 1000);
            }
        }

        return $best;
    }

    /** How many times faster than real time ten minutes of a demo aircraft go by, its hand moving in every tick. */
    public static function realTime(string $demo): float
    {
        $circuit = Given::circuit(Given::demo($demo));
        $hand = $circuit->panel->atRest();
        $switch = (int) $circuit->panel->control($circuit->panel->transmitter->controls[1]->id);
        $state = null;
        $start = hrtime(true);
        for ($tick = 0; $tick < 30_000; $tick++) {
            $hand[0] = sin($tick / 50);
            $hand[2] = cos($tick / 80);
            $hand[$switch] = $tick % 500 < 250 ? 1.0 : -1.0;
            $state = $circuit->tick($hand, $state)->state;
        }

        return 600 / ((hrtime(true) - $start) / 1e9);
    }
}
