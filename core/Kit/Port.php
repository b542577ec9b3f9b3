<?php

namespace DuskSwitch\Core\Kit;

/** A serial port of a controller. */
final readonly class Port
{
    /**
     * @param  bool  $kept  the USB port, which must never be given away
     * @param  list<string>  $formerly  ids that it had before
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $kept,
        public array $formerly = [],
    ) {}
}
