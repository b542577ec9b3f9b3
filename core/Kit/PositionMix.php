<?php

namespace DuskSwitch\Core\Kit;

/**
 * How a transmitter without direct values for switch positions reaches one: a mix a position, whose offset
 * and rate add up on a channel with travel 100 % and sub-trim 0 (common practice).
 */
final readonly class PositionMix
{
    public function __construct(public EntryGrid $offset, public EntryGrid $rate) {}
}
