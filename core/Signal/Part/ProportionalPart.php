<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Expo;
use DuskSwitch\Core\Signal\Test\Test;
use DuskSwitch\Core\Units\Signal;

/** A proportional function: dead band, shape of the active phase, rate, trim, override, clamp. */
final readonly class ProportionalPart implements Part
{
    /**
     * @param  int  $input  slot of the stick, dial or slider
     * @param  int  $phase  slot of the active phase
     * @param  int  $trim  slot of the trim, used where $authority is not 0
     * @param  non-empty-list<ShapePart>  $shapes  by phase
     * @param  list<array{Test, float}>  $overrides
     */
    public function __construct(
        public int $slot,
        public int $input,
        private int $phase,
        private int $trim,
        private float $authority,
        private bool $idleOnly,
        private float $deadband,
        private array $shapes,
        private array $overrides,
    ) {
    }

    public function run(array &$v): void
    {
        foreach ($this->overrides as [$test, $value]) {
            if ($test->holds($v)) {
                $v[$this->slot] = $value;

                return;
            }
        }
        $x = $v[$this->input];
        $d = $this->deadband;
        if ($d > 0.0) {
            $x = $x >= $d ? ($x - $d) / (1 - $d) : ($x <= -$d ? ($x + $d) / (1 - $d) : 0.0);
        }
        $shape = $this->shapes[(int) $v[$this->phase]];
        $k = $shape->expo;
        if ($k > 0.0) {
            // As Expo::at() does; a call less in the busiest place.
            $y = (1 - $k) * $x + $k * $x * $x * $x;
        } elseif ($shape->curve !== null) {
            $y = $shape->curve->at($x);
        } else {
            $y = $k === 0.0 ? $x : Expo::at($k, $x);
        }
        $y *= $y >= 0 ? $shape->high : $shape->low;
        if ($this->authority !== 0.0) {
            $y += $v[$this->trim] * $this->authority * ($this->idleOnly ? (1 - $x) / 2 : 1);
        }
        $v[$this->slot] = $y > Signal::LIMIT ? Signal::LIMIT : ($y < -Signal::LIMIT ? -Signal::LIMIT : $y);
    }

    /** What the function answers to a stick in one phase, without trim and overrides. */
    public function answer(float $x, int $phase): float
    {
        $bare = new self(0, 1, 2, 0, 0.0, false, $this->deadband, $this->shapes, []);
        $v = [0.0, $x, $phase];
        $bare->run($v);

        return (float) $v[0];
    }
}
