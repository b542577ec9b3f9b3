<?php

namespace DuskSwitch\Core\Space;

/**
 * Where a signal may be in a whole region: spans between two ends, both inclusive, rising and apart. Few are kept
 * apart: a step's values stay single points, so that they can be told from what lies between them.
 *
 * The ends are made by the same operations as the circuit's signals. Each of them keeps order in floating point, so no
 * signal of the region lies outside.
 */
final class Spans
{
    /** Above this, neighbours are joined. */
    private const MOST = 16;

    /**
     * Those of both, in order.
     *
     * @param  non-empty-list<array{float, float}>  $one
     * @param  non-empty-list<array{float, float}>  $other
     * @return non-empty-list<array{float, float}>
     */
    public static function union(array $one, array $other): array
    {
        return $one === $other ? $one : self::tidy([...$one, ...$other]);
    }

    /**
     * Every sum of a signal of the one and a signal of the other.
     *
     * @param  non-empty-list<array{float, float}>  $one
     * @param  non-empty-list<array{float, float}>  $other
     * @return non-empty-list<array{float, float}>
     */
    public static function sum(array $one, array $other): array
    {
        if (count($one) === 1 && count($other) === 1) {
            return [[$one[0][0] + $other[0][0], $one[0][1] + $other[0][1]]];
        }
        $sums = [];
        foreach ($one as [$low, $high]) {
            foreach ($other as [$least, $most]) {
                $sums[] = [$low + $least, $high + $most];
            }
        }

        return self::tidy($sums);
    }

    /**
     * Every product of a signal of the one and a signal of the other.
     *
     * @param  non-empty-list<array{float, float}>  $one
     * @param  non-empty-list<array{float, float}>  $other
     * @return non-empty-list<array{float, float}>
     */
    public static function product(array $one, array $other): array
    {
        $products = [];
        foreach ($one as [$low, $high]) {
            foreach ($other as [$least, $most]) {
                $corners = [$low * $least, $low * $most, $high * $least, $high * $most];
                $products[] = [min($corners), max($corners)];
            }
        }

        return self::tidy($products);
    }

    /**
     * What each signal becomes; $f must be monotone on each side of zero and continuous there.
     *
     * @param  non-empty-list<array{float, float}>  $spans
     * @param  callable(float): float  $f
     * @return non-empty-list<array{float, float}>
     */
    public static function sided(array $spans, callable $f): array
    {
        $mapped = [];
        foreach ($spans as [$low, $high]) {
            $a = $f($low);
            $b = $low === $high ? $a : $f($high);
            $least = $a < $b ? $a : $b;
            $most = $a < $b ? $b : $a;
            if ($low < 0.0 && $high > 0.0) {
                $zero = $f(0.0);
                $least = $zero < $least ? $zero : $least;
                $most = $zero > $most ? $zero : $most;
            }
            $mapped[] = [$least, $most];
        }

        return count($mapped) === 1 ? $mapped : self::tidy($mapped);
    }

    /**
     * Each signal times $low where it is below zero, else times $high, and $offset added: what {@see sided} would give,
     * without a call for every end, as nothing is worked more often.
     *
     * @param  non-empty-list<array{float, float}>  $spans
     * @return non-empty-list<array{float, float}>
     */
    public static function weighted(array $spans, float $low, float $high, float $offset): array
    {
        $weighted = [];
        foreach ($spans as [$from, $to]) {
            $a = $offset + $from * ($from >= 0 ? $high : $low);
            $b = $offset + $to * ($to >= 0 ? $high : $low);
            $least = $a < $b ? $a : $b;
            $most = $a < $b ? $b : $a;
            if ($from < 0.0 && $to > 0.0) {
                $least = $offset < $least ? $offset : $least;
                $most = $offset > $most ? $offset : $most;
            }
            $weighted[] = [$least, $most];
        }

        return count($weighted) === 1 ? $weighted : self::tidy($weighted);
    }

    /**
     * Held between two ends.
     *
     * @param  non-empty-list<array{float, float}>  $spans
     * @return non-empty-list<array{float, float}>
     */
    public static function held(array $spans, float $least, float $most): array
    {
        $held = [];
        foreach ($spans as [$low, $high]) {
            $held[] = [
                $low < $least ? $least : ($low > $most ? $most : $low),
                $high < $least ? $least : ($high > $most ? $most : $high),
            ];
        }

        return count($held) === 1 ? $held : self::tidy($held);
    }

    /** @param  non-empty-list<array{float, float}>  $spans */
    public static function least(array $spans): float
    {
        return $spans[0][0];
    }

    /** @param  non-empty-list<array{float, float}>  $spans */
    public static function most(array $spans): float
    {
        return $spans[count($spans) - 1][1];
    }

    /**
     * In order, those that touch joined; where there are too many, those nearest to one another, too.
     *
     * @param  non-empty-list<array{float, float}>  $spans
     * @return non-empty-list<array{float, float}>
     */
    public static function tidy(array $spans): array
    {
        if (count($spans) === 1) {
            return $spans;
        }
        sort($spans);
        $tidy = [array_shift($spans)];
        foreach ($spans as [$low, $high]) {
            $last = count($tidy) - 1;
            if ($low <= $tidy[$last][1]) {
                $tidy[$last][1] = max($high, $tidy[$last][1]);
            } else {
                $tidy[] = [$low, $high];
            }
        }
        while (count($tidy) > self::MOST) {
            $nearest = 0;
            for ($i = 1; $i < count($tidy) - 1; $i++) {
                if ($tidy[$i + 1][0] - $tidy[$i][1] < $tidy[$nearest + 1][0] - $tidy[$nearest][1]) {
                    $nearest = $i;
                }
            }
            array_splice($tidy, $nearest, 2, [[$tidy[$nearest][0], $tidy[$nearest + 1][1]]]);
        }

        return $tidy;
    }
}
