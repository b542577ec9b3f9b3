<?php

namespace DuskSwitch\Core\Analysis;

/** Two groups of flights, before and after a change, in one number: is the difference larger than the spread? */
final readonly class Comparison
{
    /** Chance below which a difference isn't taken for one of the spread (common practice). */
    private const CHANCE = 0.05;

    /** Flights of a group from which a difference can be told from the spread. */
    private const FEWEST = 3;

    /**
     * @param  float|null  $chance  that groups which don't differ would lie as far apart: Welch's test; null where there
     *                              are too few flights
     */
    private function __construct(
        public int $flightsBefore,
        public int $flightsAfter,
        public float $before,
        public float $after,
        public ?float $chance,
    ) {}

    /**
     * Null where a group has nothing.
     *
     * @param  list<float>  $before
     * @param  list<float>  $after
     */
    public static function of(array $before, array $after): ?self
    {
        if ($before === [] || $after === []) {
            return null;
        }

        return new self(
            count($before),
            count($after),
            Spread::mean($before),
            Spread::mean($after),
            min(count($before), count($after)) < self::FEWEST ? null : self::chance($before, $after),
        );
    }

    /** True where the difference is larger than the spread between flights explains; null where nobody can tell. */
    public function isReal(): ?bool
    {
        return $this->chance === null ? null : $this->chance < self::CHANCE;
    }

    /** What can be said of it, in a sentence. */
    public function says(): string
    {
        return match ($this->isReal()) {
            null => 'Too few flights to tell: '.self::FEWEST.' in each group at least.',
            true => 'A real difference: larger than the spread between flights.',
            false => 'No difference that the spread between flights doesn\'t explain.',
        };
    }

    /**
     * B. L. Welch, The generalization of "Student's" problem when several different population variances are involved,
     * Biometrika 34 (1947).
     *
     * @param  non-empty-list<float>  $a
     * @param  non-empty-list<float>  $b
     */
    private static function chance(array $a, array $b): float
    {
        [$va, $vb] = [Spread::deviation($a) ** 2 / count($a), Spread::deviation($b) ** 2 / count($b)];
        if ($va + $vb < 1e-300) {
            return Spread::mean($a) === Spread::mean($b) ? 1.0 : 0.0;
        }
        $t = (Spread::mean($a) - Spread::mean($b)) / sqrt($va + $vb);
        $freedom = ($va + $vb) ** 2 / ($va ** 2 / (count($a) - 1) + $vb ** 2 / (count($b) - 1));

        return StudentT::beyond($t, $freedom);
    }
}
