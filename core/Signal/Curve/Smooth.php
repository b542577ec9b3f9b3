<?php

namespace DuskSwitch\Core\Signal\Curve;

use DuskSwitch\Core\Program\Curve;

/**
 * A monotone piecewise cubic: between points it never leaves the span of their values.
 *
 * Method: F. N. Fritsch and R. E. Carlson, "Monotone Piecewise Cubic Interpolation", SIAM J. Numer. Anal.
 * 17 (1980) 238–246, with the slopes of F. N. Fritsch and J. Butland, "A Method for Constructing Local
 * Monotone Piecewise Cubic Interpolants", SIAM J. Sci. Stat. Comput. 5 (1984) 300–304.
 */
final readonly class Smooth implements Answer
{
    /** @var list<float> */
    private array $x;

    /**
     * @var list<array{float, float, float, float}> per piece y, slope, square and cube term of (x − x of its left
     * point)
     */
    private array $pieces;

    private int $last;

    private float $end;

    /** A curve of at least two points, x strictly rising. */
    public function __construct(Curve $curve)
    {
        $x = array_column($curve->points, 0);
        $y = array_column($curve->points, 1);
        $slopes = Slopes::through($x, $y);
        $pieces = [];
        for ($i = 0; $i < count($x) - 1; $i++) {
            $h = $x[$i + 1] - $x[$i];
            $rise = ($y[$i + 1] - $y[$i]) / $h;
            $cube = ($slopes[$i] + $slopes[$i + 1] - 2 * $rise) / $h;
            $pieces[] = [$y[$i], $slopes[$i], ($rise - $slopes[$i]) / $h - $cube, $cube / $h];
        }
        $this->x = $x;
        $this->pieces = $pieces;
        $this->last = count($x) - 1;
        $this->end = $y[$this->last];
    }

    public function at(float $x): float
    {
        if ($x <= $this->x[0]) {
            return $this->pieces[0][0];
        }
        for ($i = 1; $i <= $this->last; $i++) {
            if ($x < $this->x[$i]) {
                $u = $x - $this->x[$i - 1];
                [$y, $slope, $square, $cube] = $this->pieces[$i - 1];

                return $y + $u * ($slope + $u * ($square + $u * $cube));
            }
        }

        return $this->end;
    }
}
