<?php

namespace DuskSwitch\Core\Space;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Tries single hands, uphill from several places: where something is so somewhere, that often finds it long before the
 * search does.
 */
final readonly class HandSearch
{
    private const STARTS = 8;

    private const SWEEPS = 3;

    public function __construct(private Model $model, private Question $question) {}

    /**
     * A hand for which it's so, or null.
     *
     * @param  SplitPoints  $splits  what had a say in the whole region
     */
    public function found(SplitPoints $splits): ?Witness
    {
        $forgets = $this->model->memories->isEmpty();
        if ($this->question->moves !== [] && ! $forgets) {
            return null;
        }
        $tries = $this->tries($splits);
        $random = new Randomizer(new Mt19937(1));
        for ($start = 0; $start < self::STARTS; $start++) {
            $hand = $this->model->panel->atRest();
            foreach ($hand as $input => $rest) {
                $hand[$input] = $this->nearest($input, $rest);
            }
            foreach ($start === 0 ? [] : $tries as $input => $values) {
                $hand[$input] = $values[$random->getInt(0, count($values) - 1)];
            }
            $best = $this->climbed($hand, $tries);
            if ($best !== null) {
                $inputs = $best;
                ksort($inputs);
                $witness = (new WitnessFinder($this->model, $this->question))->from($inputs, $splits);
                if ($witness !== null) {
                    return $witness;
                }
            }
        }

        return null;
    }

    /** What an input may be in the region, as near to rest as that allows. */
    private function nearest(int $input, float $rest): float
    {
        $values = $this->question->region->points[$input] ?? null;
        if ($values !== null) {
            return in_array($rest, $values, true) ? $rest : $values[0];
        }
        [$low, $high] = $this->question->region->spans[$input];

        return max($low, min($high, $rest));
    }

    /**
     * @param  array<int, float>  $hand
     * @param  array<int, non-empty-list<float>>  $tries
     * @return array<int, float>|null the hand for which it's so
     */
    private function climbed(array $hand, array $tries): ?array
    {
        [$so, $height] = $this->judged($hand);
        for ($sweep = 0; $sweep < self::SWEEPS && ! $so; $sweep++) {
            $before = $height;
            foreach ($tries as $input => $values) {
                foreach ($values as $value) {
                    $other = array_replace($hand, [$input => $value]);
                    [$so, $there] = $this->judged($other);
                    if ($so || $there > $height) {
                        [$hand, $height] = [$other, $there];
                    }
                    if ($so) {
                        return $hand;
                    }
                }
            }
            if ($height <= $before) {
                break;
            }
        }

        return $so ? $hand : null;
    }

    /**
     * @param  array<int, float>  $hand
     * @return array{bool, float}
     */
    private function judged(array $hand): array
    {
        $seen = $this->question->frames($this->model->circuit, array_slice($hand, 0, $this->model->panel->size()));

        return [
            ($this->question->judge)($seen) === Truth::HOLDS,
            $this->question->height === null ? 0.0 : ($this->question->height)($seen),
        ];
    }

    /** @return array<int, non-empty-list<float>> the values to try, by input of the panel */
    private function tries(SplitPoints $splits): array
    {
        $tries = [];
        $size = $this->model->panel->size();
        foreach (array_keys($splits->points) as $input) {
            if ($input < $size) {
                $tries[$input] = $this->question->region->points[$input];
            }
        }
        foreach ([...array_keys($splits->read), ...array_keys($splits->levels)] as $input) {
            if ($input >= $size) {
                continue;
            }
            [$low, $high] = $this->question->region->spans[$input];
            $values = [$low, $high, 0.0, $low / 2, $high / 2];
            foreach ($splits->levels[$input] ?? [] as $level) {
                array_push($values, $level, $level - WitnessFinder::BEYOND, $level + WitnessFinder::BEYOND);
            }
            $tries[$input] = array_values(
                array_filter($values, fn (float $one): bool => $one >= $low && $one <= $high),
            ) ?: [$low];
        }

        return $tries;
    }
}
