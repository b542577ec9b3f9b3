<?php

namespace DuskSwitch\Core\Signal\Curve;

use DuskSwitch\Core\Program\Curve;

/** Straight lines from point to point. */
final readonly class Straight implements Answer
{
    /** @var list<float> */
    private array $x;

    /** @var list<float> */
    private array $y;

    /** @var list<float> slope of the line that starts at each point but the last */
    private array $slope;

    private int $last;

    /** A curve of at least two points, x strictly rising. */
    public function __construct(Curve $curve)
    {
        $this->x = array_column($curve->points, 0);
        $this->y = array_column($curve->points, 1);
        $this->last = count($this->x) - 1;
        $slope = [];
        for ($i = 0; $i < $this->last; $i++) {
            $slope[] = ($this->y[$i + 1] - $this->y[$i]) / ($this->x[$i + 1] - $this->x[$i]);
        }
        $this->slope = $slope;
    }

    public function at(float $x): float
    {
        if ($x <= $this->x[0]) {
            return $this->y[0];
        }
        for ($i = 1; $i <= $this->last; $i++) {
            if ($x < $this->x[$i]) {
                return $this->y[$i - 1] + $this->slope[$i - 1] * ($x - $this->x[$i - 1]);
            }
        }

        return $this->y[$this->last];
    }
}
