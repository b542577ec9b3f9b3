<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Units\Signal;

/** What a pilot does with a whole curve. */
final class CurveEdit
{
    /**
     * Curves to begin with, by name (common practice).
     *
     * @return array<string, list<array{float, float}>>
     */
    public static function presets(): array
    {
        return [
            'Straight' => [[-1.0, -1.0], [1.0, 1.0]],
            'Five points' => [[-1.0, -1.0], [-0.5, -0.5], [0.0, 0.0], [0.5, 0.5], [1.0, 1.0]],
            'Soft middle' => [[-1.0, -1.0], [-0.5, -0.3], [0.0, 0.0], [0.5, 0.3], [1.0, 1.0]],
            'Soft hover' => [[-1.0, -1.0], [-0.4, -0.35], [0.0, -0.05], [0.4, 0.3], [1.0, 1.0]],
            'Flat, spools from rest' => [[-1.0, -1.0], [-0.9, 0.4], [1.0, 0.4]],
            'Flat' => [[-1.0, 0.5], [1.0, 0.5]],
            'V' => [[-1.0, 1.0], [0.0, 0.0], [1.0, 1.0]],
            'Only one half' => [[-1.0, 1.0], [-0.1, 0.0], [1.0, 0.0]],
        ];
    }

    /** The same curve seen from the other end: left and right of the stick change over, low and high too. */
    public static function mirrored(Curve $curve): Curve
    {
        $points = array_map(
            fn (array $point): array => [0.0 - $point[0], 0.0 - $point[1]],
            array_reverse($curve->points),
        );

        return $curve->with(points: $points);
    }

    /** The same curve upside down. */
    public static function turned(Curve $curve): Curve
    {
        return $curve->with(
            points: array_map(fn (array $point): array => [$point[0], 0.0 - $point[1]], $curve->points),
        );
    }

    /**
     * The curve with a point more, in the middle of its widest gap; on the straight line between its neighbours.
     */
    public static function withPoint(Curve $curve): Curve
    {
        $widest = 1;
        foreach (array_keys($curve->points) as $index) {
            $gap = fn (int $at): float => $curve->points[$at][0] - $curve->points[$at - 1][0];
            if ($index > 0 && $gap($index) > $gap($widest) + 1e-9) {
                $widest = $index;
            }
        }
        [$a, $b] = [$curve->points[$widest - 1], $curve->points[$widest]];
        $point = [
            round(($a[0] + $b[0]) / 2, 4),
            round(max(-Signal::LIMIT, min(Signal::LIMIT, ($a[1] + $b[1]) / 2)), 4),
        ];

        return $curve->with(
            points: [...array_slice($curve->points, 0, $widest), $point, ...array_slice($curve->points, $widest)],
        );
    }
}
