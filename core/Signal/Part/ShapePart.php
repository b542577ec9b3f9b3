<?php

namespace DuskSwitch\Core\Signal\Part;

/** A shape, compiled: what a stick goes through in one phase, from `$x` to `$y`. */
final readonly class ShapePart
{
    /** @param  int|null  $curve place among the circuit's curves */
    public function __construct(private ?int $curve, private float $expo, private float $low, private float $high) {}

    /** True where the answer can leave ±1 by itself; only a curve or a rate above 100 % can. */
    public function reachesOut(): bool
    {
        return $this->curve !== null || $this->low > 1.0 || $this->high > 1.0;
    }

    /** Statements that make `$y` of `$x`. */
    public function code(): string
    {
        $answer = $this->curve !== null ? "\$curves[{$this->curve}]->at(\$x)" : $this->expo();
        $scale =
            $this->low === 1.0 && $this->high === 1.0
                ? ''
                : ' $y = '.Code::sided('$y', $this->low, $this->high).';';

        return "\$y = {$answer};{$scale}\n";
    }

    /**
     * Expo softens a stick around its middle (k > 0) or sharpens it (k < 0) and keeps its ends: for k ≥ 0
     * `(1−k)·x + k·x³`; for k < 0, with a = |k| and u = 1−|x|, `sign(x)·(1 − ((1−a)·u + a·u³))`.
     */
    private function expo(): string
    {
        $k = $this->expo;
        if ($k === 0.0) {
            return '$x';
        }
        [$soft, $hard] = [Code::number(1 - abs($k)), Code::number(abs($k))];

        return $k > 0
            ? "{$soft} * \$x + {$hard} * \$x * \$x * \$x"
            : "\$x < 0 ? {$soft} * (\$u = 1 + \$x) + {$hard} * \$u * \$u * \$u - 1 : 1 - ({$soft} * (\$u = 1 - \$x) ".
                "+ {$hard} * \$u * \$u * \$u)";
    }
}
