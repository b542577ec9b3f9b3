<?php

namespace DuskSwitch\Core\Kit;

/** A range of pulses on a channel in which a controller does something. */
final readonly class Slot
{
    /**
     * @param  string  $mode  the id of a mode; `armed` for arming
     * @param  int  $from  µs, inclusive
     * @param  int  $to  µs, exclusive
     */
    public function __construct(public string $mode, public int $channel, public int $from, public int $to) {}

    /** How far inside a pulse is, in µs: the distance to the nearer edge, negative outside. */
    public function margin(int $pulse): int
    {
        return min($pulse - $this->from, $this->to - $pulse);
    }

    /** True where a pulse lies in it. */
    public function holds(int $pulse): bool
    {
        return $pulse >= $this->from && $pulse < $this->to;
    }

    /** True where both hold the same pulse of the same channel. */
    public function overlaps(self $other): bool
    {
        return $this->channel === $other->channel && $this->from < $other->to && $other->from < $this->to;
    }

    /** The pulse in its middle. */
    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }
}
