<?php

namespace DuskSwitch\Core\Rehearsal;

/** A pack under load: open-circuit curve, internal resistance, capacity. Curve and resistance are from memory. */
final class Battery
{
    /** Volts of a cell at rest, by the share of its capacity that is used. */
    private const CURVE = [
        [0.0, 4.18],
        [0.1, 4.05],
        [0.3, 3.9],
        [0.5, 3.79],
        [0.7, 3.71],
        [0.85, 3.64],
        [0.93, 3.52],
        [1.0, 3.25],
        [1.1, 2.8],
    ];

    /** Ohm times mAh of a cell: a small pack has a high resistance. */
    private const RESISTANCE = 16.0;

    /** mAh since power-up: a sensor counts from there, however full the pack is. */
    public float $used = 0.0;

    public float $amperes = 0.0;

    /**
     * @param  float  $capacity  mAh
     * @param  float  $wear  times the resistance of a new one
     * @param  float  $charge  share of the capacity that is in it
     */
    public function __construct(
        public readonly int $cells,
        public readonly float $capacity,
        private readonly float $wear = 1.0,
        private readonly float $charge = 1.0,
    ) {}

    /** mAh that are in it when nothing is used yet. */
    public function held(): float
    {
        return $this->capacity * $this->charge;
    }

    /** Draws a current for some seconds. */
    public function draw(float $amperes, float $seconds): void
    {
        $this->amperes = $amperes;
        $this->used += ($amperes * $seconds) / 3.6;
    }

    /** Volts of the pack under its present load. */
    public function volts(): float
    {
        return $this->cells *
            max(0.0, $this->open() - (($this->amperes * self::RESISTANCE) / $this->capacity) * $this->wear);
    }

    /** True where nothing is left. */
    public function isEmpty(): bool
    {
        return $this->used >= $this->held();
    }

    /** Volts of a cell without load. */
    public function open(): float
    {
        $share = 1.0 - $this->charge + $this->used / $this->capacity;
        $before = self::CURVE[0];
        foreach (self::CURVE as $point) {
            if ($share <= $point[0]) {
                $way = $point[0] - $before[0];

                return $way <= 0 ? $point[1] : $before[1] + (($point[1] - $before[1]) * ($share - $before[0])) / $way;
            }
            $before = $point;
        }

        return $before[1];
    }
}
