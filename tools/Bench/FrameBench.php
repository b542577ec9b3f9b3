<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Core\Signal\Circuit;
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
        [$circuit, $hands] = self::full($byHand);
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

    /**
     * A full program, and hands for which it was seen to give what the arithmetic by hand gives.
     *
     * @return array{Circuit, list<list<float>>}
     */
    public static function full(ByHand $byHand): array
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
                throw new RuntimeException(
                    'the two don\'t compute the same: '.json_encode([$pulses, $byHand->frame($hand)['pulses']]),
                );
            }
        }

        return [$circuit, $hands];
    }

    /**
     * Ten minutes of a demo aircraft, its hand moving in every tick.
     *
     * @return array{float, float} seconds: the circuit, by hand; the best of several rounds, turn about
     */
    public static function tenMinutes(string $demo): array
    {
        $byHand = fn (): PetrelByHand|RookByHand => $demo === 'petrel' ? new PetrelByHand() : new RookByHand();
        [$circuit, $hands] = self::demo($demo, $byHand(), 30_000);
        $best = [INF, INF];
        for ($round = 0; $round < 5; $round++) {
            $state = null;
            $start = hrtime(true);
            foreach ($hands as $hand) {
                $state = $circuit->tick($hand, $state)->state;
            }
            $best[0] = min($best[0], (hrtime(true) - $start) / 1e9);
            $runner = $byHand();
            $start = hrtime(true);
            foreach ($hands as $hand) {
                $runner->tick($hand);
            }
            $best[1] = min($best[1], (hrtime(true) - $start) / 1e9);
        }

        return $best;
    }

    /**
     * A demo aircraft, and the hand in each tick, in all of which it was seen to give what is written by hand.
     *
     * @return array{Circuit, list<list<float>>}
     */
    public static function demo(string $demo, PetrelByHand|RookByHand $byHand, int $ticks): array
    {
        $circuit = Given::circuit(Given::demo($demo));
        $hands = self::hands($circuit, $ticks);
        self::agree($circuit, $byHand, $hands);

        return [$circuit, $hands];
    }

    /** @return list<list<float>> the hand in each of so many ticks */
    private static function hands(Circuit $circuit, int $ticks): array
    {
        $hand = $circuit->panel->atRest();
        $switches = array_values(
            array_filter($circuit->panel->transmitter->controls, fn ($control): bool => count($control->detents) > 1),
        );
        $hands = [];
        for ($tick = 0; $tick < $ticks; $tick++) {
            [$hand[0], $hand[1], $hand[2], $hand[3]] = [
                sin($tick / 50),
                cos($tick / 70),
                cos($tick / 80),
                sin($tick / 90),
            ];
            foreach ($switches as $place => $switch) {
                $detents = $switch->detents;
                $hand[(int) $circuit->panel->control($switch->id)] = (float) $switch->valueOf(
                    $detents[intdiv($tick, 90 + 70 * $place) % count($detents)],
                );
            }
            $hands[] = array_values($hand);
        }

        return $hands;
    }

    /** @param  list<list<float>>  $hands */
    private static function agree(Circuit $circuit, PetrelByHand|RookByHand $byHand, array $hands): void
    {
        $state = null;
        foreach ($hands as $tick => $hand) {
            $now = $circuit->tick($hand, $state);
            $state = $now->state;
            $pulses = array_map(fn ($output): int => $output->pulse, array_values($now->frame->outputs()));
            $wanted = $byHand->tick($hand);
            // Sums in another order may round the other way.
            if (max(array_map(fn (int $a, int $b): int => abs($a - $b), $pulses, $wanted)) > 1) {
                throw new RuntimeException(
                    "the two don't compute the same at tick {$tick}: ".json_encode([$pulses, $wanted]),
                );
            }
        }
    }
}
