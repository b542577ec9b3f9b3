<?php

namespace DuskSwitch\Core\Video;

/** A channel under the name that its pilot gives it. */
final readonly class VideoChannel
{
    /** @param  float  $megahertz  above 0 */
    public function __construct(public string $name, public float $megahertz) {}
}
