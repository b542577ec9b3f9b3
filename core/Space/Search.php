<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Signal\Budget;

/**
 * Looks for a hand for which something is so, or shows that there's none: a region in which it can't be told is split
 * at what kept it from being told, the part that looks most like it first; until all is told, or the budget is spent.
 */
final class Search
{
    /** What a part costs, in steps of {@see Budget}. */
    private const STEPS = 40;

    /** So many ways to split a region are tried. */
    private const TRIED = 6;

    /** After so many parts, or once half of what the question may take is spent, single hands are tried. */
    private const PROBED = 40;

    /** What that costs, in steps. */
    private const PROBES = 200_000;

    private float $left = 0.0;

    /** @param  float  $share  of the budget that a single question may take */
    public function __construct(
        private readonly Model $model,
        private readonly Budget $budget,
        private readonly float $share = 0.34,
    ) {}

    /** The answer to a question. */
    public function answer(Question $question): Outcome
    {
        $this->left = $may = $this->budget->left() * $this->share;
        $outcome = $this->searched($question);
        $this->budget->affords(min($this->budget->left(), $may - $this->left));

        return $outcome;
    }

    private function searched(Question $question): Outcome
    {
        $unreached = $narrow = false;
        // Single hands are tried uphill: without a height there is no uphill.
        $probed = $question->height === null;
        $half = $this->left / 2;
        $open = [($whole = $this->judged($question, $question->region))];
        $seen = 0;
        while ($open !== []) {
            $part = array_pop($open);
            if (! $probed && (++$seen >= self::PROBED || $this->left < $half)) {
                $probed = true;
                $witness = (new HandSearch($this->model, $question))->found($whole->splits);
                $this->left -= self::PROBES;
                if ($witness !== null) {
                    return Outcome::here($witness);
                }
            }
            if ($part->truth === Truth::HOLDS) {
                $witness = (new WitnessFinder($this->model, $question))->in($part->region, $part->splits);
                if ($witness !== null) {
                    return Outcome::here($witness);
                }
                $unreached = true;
            } elseif ($part->truth & Truth::HOLDS) {
                if ($this->left <= 0.0) {
                    return Outcome::open('it is too large to check to the end');
                }
                $parts = $this->split($question, $part);
                $narrow = $narrow || $parts === null;
                array_push($open, ...$parts ?? []);
            }
        }

        return match (true) {
            $unreached => Outcome::open('it would take a memory that no way to was found'),
            $narrow => Outcome::open('it hangs on the last digit of a signal'),
            default => Outcome::nowhere(),
        };
    }

    private function judged(Question $question, Region $region): JudgedRegion
    {
        [$seen, $splits] = $question->look($this->model, $region);
        $truth = ($question->judge)($seen) & Truth::EITHER;
        $height = $question->height === null || $truth === Truth::FAILS ? 0.0 : ($question->height)($seen);
        $this->left -= $splits->cost * self::STEPS;

        return new JudgedRegion($region, $splits, $truth, $height);
    }

    /**
     * The parts of a region in which it may be so, the likeliest last; of the ways to split it the one that tells most.
     *
     * @return list<JudgedRegion>|null null where nothing is left to split
     */
    private function split(Question $question, JudgedRegion $part): ?array
    {
        $ways = Partitions::of($part->region, $part->splits, self::TRIED);
        $best = null;
        foreach ($ways as $regions) {
            $parts = [];
            foreach ($regions as $region) {
                $judged = $this->judged($question, $region);
                if ($judged->truth & Truth::HOLDS) {
                    $parts[] = $judged;
                }
            }
            usort($parts, fn (JudgedRegion $one, JudgedRegion $other): int => $one->height <=> $other->height);
            $last = $parts === [] ? null : $parts[count($parts) - 1];
            // All is told here, or it's found here: no other way tells more.
            if ($last === null || $last->truth === Truth::HOLDS) {
                return $parts;
            }
            $open =
                array_sum(array_map(fn (JudgedRegion $one): float => $one->height - $part->height, $parts)) /
                count($regions);
            $rank = [$last->height, $open, count($parts) / count($regions)];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $parts];
            }
        }

        return $best[1] ?? null;
    }
}
