<?php

namespace DuskSwitch\Tools\Bench;

/** The shares of phases while they fade, moved by hand. */
final class Shares
{
    /** @var list<float> */
    public array $of = [1.0, 0.0, 0.0, 0.0];

    public float $left = 0.0;

    private int $last = -1;

    /** @param  list<float>  $fades  seconds by phase */
    public function __construct(private readonly array $fades) {}

    public function move(int $phase): void
    {
        if ($this->left > 0.0) {
            if ($this->left <= 0.03) {
                $this->alone();
            } else {
                $step = 0.02 / $this->left;
                foreach ($this->of as $one => $share) {
                    $this->of[$one] = $share + (($one === $this->last ? 1.0 : 0.0) - $share) * $step;
                }
                $this->left -= 0.02;
            }
        }
        if ($phase !== $this->last) {
            $this->left = $this->last < 0 ? 0.0 : $this->fades[$phase];
            $this->last = $phase;
            if ($this->left <= 0.0) {
                $this->alone();
            }
        }
    }

    private function alone(): void
    {
        $this->of = [0.0, 0.0, 0.0, 0.0];
        $this->of[$this->last] = 1.0;
        $this->left = 0.0;
    }
}
