<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Family;

/** The script of a flight. */
final readonly class Scenario
{
    /**
     * @param  non-empty-list<Family>  $families  that fly it
     * @param  non-empty-list<Leg>  $legs
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $says,
        public array $families,
        public array $legs,
    ) {}

    /** True where a family flies it. */
    public function isFor(Family $family): bool
    {
        return in_array($family, $this->families, true);
    }

    /** Seconds from power-up to the end. */
    public function seconds(): float
    {
        return array_sum(array_map(fn (Leg $leg): float => $leg->seconds, $this->legs));
    }
}
