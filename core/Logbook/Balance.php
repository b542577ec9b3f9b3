<?php

namespace DuskSwitch\Core\Logbook;

/**
 * Where an aircraft balances: the sum of the moments by the sum of the masses. Arms are measured backwards from a point
 * in front, such as the leading edge (common practice).
 */
final readonly class Balance
{
    /**
     * @param  float  $mass  g
     * @param  float  $arm  mm behind the point that arms are measured from
     */
    private function __construct(public float $mass, public float $arm) {}

    /**
     * Null where there's nothing to balance.
     *
     * @param  list<BalanceItem>  $items
     */
    public static function of(array $items): ?self
    {
        $mass = array_sum(array_map(fn (BalanceItem $one): float => $one->mass, $items));

        return $mass <= 0.0
            ? null
            : new self(
                $mass,
                array_sum(array_map(fn (BalanceItem $one): float => $one->mass * $one->arm, $items)) / $mass,
            );
    }

    /** mm by which it balances behind a mark; below 0 in front of it. */
    public function behind(float $mark): float
    {
        return $this->arm - $mark;
    }

    /**
     * True where it balances near enough to a mark.
     *
     * @param  float  $within  mm on either side, as the aircraft's builder says: how much matters hangs on the aircraft
     */
    public function isOn(float $mark, float $within): bool
    {
        return abs($this->behind($mark)) <= $within + 1e-9;
    }

    /** The same with something more in it. */
    public function with(BalanceItem $item): self
    {
        $mass = $this->mass + $item->mass;

        return new self($mass, ($this->mass * $this->arm + $item->mass * $item->arm) / $mass);
    }

    /** Grams that put it on its mark where they are placed at an arm; null where they can't. */
    public function ballast(float $mark, float $at): ?float
    {
        $lever = $at - $mark;
        if (abs($lever) < 1e-9) {
            return null;
        }
        $grams = ($this->mass * ($mark - $this->arm)) / $lever;

        return $grams < 0.0 ? null : $grams;
    }

    /** mm by which something in it must be moved, back above 0, to put it on its mark; null for what weighs nothing. */
    public function move(float $mark, BalanceItem $item): ?float
    {
        return $item->mass <= 0.0 ? null : ($this->mass * ($mark - $this->arm)) / $item->mass;
    }
}
