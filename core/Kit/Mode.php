<?php

namespace DuskSwitch\Core\Kit;

/** A mode of a controller. */
final readonly class Mode
{
    /**
     * @param  bool  $flight  one of those of which exactly one must be active
     * @param  bool  $saves  it saves the aircraft by itself: self-level, come home
     * @param  bool  $risky  a switch must not pass through it on its way
     * @param  list<string>  $formerly  ids that it had before
     * @param  list<string>  $needs  sensors that it can't do without: gps, barometer
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $flight,
        public bool $saves,
        public bool $risky,
        public array $formerly = [],
        public array $needs = [],
    ) {}
}
