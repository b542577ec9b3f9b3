<?php

namespace DuskSwitch\Core\Telemetry;

/** A sensor bus as one meets it on the bench: discovery is started, and values appear. */
interface BusPort
{
    /**
     * What is found.
     *
     * @param  bool  $afresh  everything was deleted before
     * @return list<FoundValue>
     */
    public function discover(bool $afresh): array;

    /**
     * The lamp of every sensor on the bus, by its id in the chain: off, slow or quick.
     *
     * @return array<string, string>
     */
    public function lamps(): array;
}
