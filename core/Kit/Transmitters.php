<?php

namespace DuskSwitch\Core\Kit;

/** The transmitters that the pilot has in Equipment; kept outside the core. */
interface Transmitters
{
    /** The transmitter of that id, or null. */
    public function find(string $id): ?Transmitter;

    /** @return list<string> the ids of all of them */
    public function ids(): array;
}
