<?php

namespace DuskSwitch\Core\Proof;

/** What is wrong in a map of states, grouped by the fewest switch positions that it comes from. */
final class StateCauses
{
    /** Positions of more switches at once say no more than the state itself. */
    private const MOST_SWITCHES = 3;

    /**
     * Together they hold every state in which something is wrong, and none in which nothing is: those of few switches
     * first, the largest first among them.
     *
     * @return list<StateCause>
     */
    public static function of(StateMap $map): array
    {
        $wrong = [];
        foreach ($map->cells as $place => $cell) {
            if ($cell->odd !== null) {
                $wrong[$cell->odd][$place] = $place;
            }
        }
        $causes = [];
        foreach ($wrong as $odd => $left) {
            for ($count = 1; $count <= self::MOST_SWITCHES && $left !== []; $count++) {
                foreach (self::pure($map, $odd, $count) as $cause) {
                    if (array_intersect_key($left, array_flip($cause->cells)) !== []) {
                        $causes[] = $cause;
                        $left = array_diff_key($left, array_flip($cause->cells));
                    }
                }
            }
            foreach ($left as $place) {
                $causes[] = new StateCause($map->cells[$place]->detents, $odd, [$place]);
            }
        }

        return $causes;
    }

    /** @return list<StateCause> positions of so many switches in which that is wrong everywhere, the largest first */
    private static function pure(StateMap $map, string $odd, int $count): array
    {
        $held = [];
        foreach ($map->cells as $place => $cell) {
            foreach (self::parts($cell->detents, $count) as $key => $detents) {
                $held[$key] ??= [$detents, [], true];
                $held[$key][1][] = $place;
                $held[$key][2] = $held[$key][2] && $cell->odd === $odd;
            }
        }
        $pure = [];
        foreach ($held as [$detents, $cells, $isPure]) {
            if ($isPure) {
                $pure[] = new StateCause($detents, $odd, $cells);
            }
        }
        usort($pure, fn (StateCause $a, StateCause $b): int => count($b->cells) <=> count($a->cells));

        return $pure;
    }

    /**
     * @param  array<int, string>  $detents
     * @return array<string, array<int, string>> so many of them, by a key
     */
    private static function parts(array $detents, int $count): array
    {
        $parts = ['' => []];
        for ($taken = 0; $taken < $count; $taken++) {
            $more = [];
            foreach ($parts as $key => $part) {
                foreach ($detents as $place => $detent) {
                    if ($part === [] || $place > max(array_keys($part))) {
                        $more["{$key} {$place}={$detent}"] = $part + [$place => $detent];
                    }
                }
            }
            $parts = $more;
        }

        return $parts;
    }
}
