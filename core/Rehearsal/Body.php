<?php

namespace DuskSwitch\Core\Rehearsal;

/** Where the aircraft is and how it moves; metres east and north of home, m/s, degrees. */
final class Body
{
    public float $east = 0.0;

    public float $north = 0.0;

    public float $height = 0.0;

    public float $heading = 0.0;

    /** Through the air. */
    public float $airspeed = 0.0;

    public float $climb = 0.0;

    public float $turn = 0.0;

    public float $groundEast = 0.0;

    public float $groundNorth = 0.0;

    public bool $flies = false;

    /** Over the ground. */
    public function speed(): float
    {
        return hypot($this->groundEast, $this->groundNorth);
    }

    /** Degrees from true north that it moves to; where it stands, its heading. */
    public function course(): float
    {
        return $this->speed() < 0.3
            ? $this->heading
            : fmod(rad2deg(atan2($this->groundEast, $this->groundNorth)) + 360.0, 360.0);
    }

    /** Metres from home, over the ground. */
    public function distance(): float
    {
        return hypot($this->east, $this->north);
    }
}
