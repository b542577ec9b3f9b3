<?php

namespace DuskSwitch\Core\Kit;

/** A motor in a controller's drawing. */
final readonly class Motor
{
    /**
     * @param  string  $place  "front left"
     * @param  bool  $clockwise  as seen from above
     */
    public function __construct(public int $number, public string $place, public bool $clockwise) {}
}
