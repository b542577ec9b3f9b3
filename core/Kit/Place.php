<?php

namespace DuskSwitch\Core\Kit;

/**
 * Where a control sits on the front of a transmitter: per cent of its width from the left, of its height from the top.
 */
final readonly class Place
{
    public function __construct(public float $x, public float $y) {}
}
