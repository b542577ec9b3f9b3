<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\TrimRule;
use DuskSwitch\Core\Signal\Part\ShapePart;

/** Where a stick's signal is after dead band, shape and trim; the formulas are those of {@see ShapePart}. */
final class ShapeBounds
{
    /** A smooth curve's cubic keeps order but for the last digits. */
    private const DUST = 1e-12;

    /**
     * @param  non-empty-list<array{float, float}>  $stick
     * @return non-empty-list<array{float, float}>
     */
    public static function deadened(array $stick, float $deadband): array
    {
        if ($deadband === 0.0) {
            return $stick;
        }
        $rest = 1 - $deadband;

        return Spans::sided(
            $stick,
            fn (float $x): float => $x >= $deadband
                ? ($x - $deadband) / $rest
                : ($x <= -$deadband
                    ? ($x + $deadband) / $rest
                    : 0.0),
        );
    }

    /**
     * @param  non-empty-list<array{float, float}>  $stick  after the dead band
     * @return non-empty-list<array{float, float}>
     */
    public static function of(?Shape $shape, array $stick, Model $model): array
    {
        if ($shape === null) {
            return $stick;
        }
        $answer =
            $shape->curve !== null ? self::curved($shape->curve, $stick, $model) : self::expo($shape->expo, $stick);
        [$low, $high] = [$shape->rate->low, $shape->rate->high];

        return $low === 1.0 && $high === 1.0
            ? $answer
            : Spans::sided($answer, fn (float $y): float => $y * ($y >= 0 ? $high : $low));
    }

    /**
     * A curve over spans: its points bend it, between them it keeps order.
     *
     * @param  non-empty-list<array{float, float}>  $spans
     * @return non-empty-list<array{float, float}>
     */
    public static function curved(string $id, array $spans, Model $model): array
    {
        $answer = $model->curve($id);
        $curve = $model->program->curves[$id];
        $dust = $curve->smooth ? self::DUST : 0.0;
        $curved = null;
        foreach ($spans as [$low, $high]) {
            $values = [$answer->at($low), $answer->at($high)];
            foreach ($curve->points as [$x, $y]) {
                if ($x > $low && $x < $high) {
                    $values[] = $y;
                }
            }
            $slack = $low === $high ? 0.0 : $dust;
            $one = [[min($values) - $slack, max($values) + $slack]];
            $curved = $curved === null ? $one : Spans::union($curved, $one);
        }

        return $curved;
    }

    /**
     * What a trim adds.
     *
     * @param  non-empty-list<array{float, float}>  $trim
     * @param  non-empty-list<array{float, float}>  $stick  after the dead band
     * @return non-empty-list<array{float, float}>
     */
    public static function trimmed(TrimRule $rule, array $trim, array $stick): array
    {
        $adds = Spans::sided($trim, fn (float $t): float => $rule->authority === 1.0 ? $t : $t * $rule->authority);
        if (! $rule->idleOnly) {
            return $adds;
        }
        $share = Spans::sided($stick, fn (float $x): float => 1 - $x);

        return Spans::sided(Spans::product($adds, $share), fn (float $y): float => $y / 2);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $stick
     * @return non-empty-list<array{float, float}>
     */
    private static function expo(float $k, array $stick): array
    {
        if ($k === 0.0) {
            return $stick;
        }
        [$soft, $hard] = [1 - abs($k), abs($k)];

        return Spans::sided(
            $stick,
            $k > 0
                ? fn (float $x): float => $soft * $x + $hard * $x * $x * $x
                : fn (float $x): float => $x < 0
                    ? $soft * (1 + $x) + $hard * (1 + $x) * (1 + $x) * (1 + $x) - 1
                    : 1 - ($soft * (1 - $x) + $hard * (1 - $x) * (1 - $x) * (1 - $x)),
        );
    }
}
