<?php

namespace DuskSwitch\Core\Rehearsal;

/** A school of landing, and what it would have done on a flight. */
final readonly class LandingStrategy
{
    /**
     * @param  float|null  $at  seconds after which it says land; null = it never did
     * @param  float|null  $left  share of the pack that was left then
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?float $at,
        public ?float $left,
        public string $says,
    ) {}
}
