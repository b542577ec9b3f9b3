<?php

namespace DuskSwitch\Core\Link;

/** One lead of a wiring plan. */
final readonly class Lead
{
    /**
     * @param  string  $by  plug, port or pads
     * @param  string  $kind  power, signal, or bus: both on three wires
     */
    public function __construct(public string $from, public string $to, public string $by, public string $kind) {}
}
