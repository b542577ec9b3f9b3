<?php

namespace DuskSwitch\Core\Kit;

/** What a transmitter warns of about itself. */
final readonly class OwnWarnings
{
    /**
     * @param  float|null  $battery  volts of its own battery at which it warns; null where it isn't said
     * @param  float|null  $idle  minutes without a touch after which it reminds that it is still on; null where it doesn't
     */
    public function __construct(public ?float $battery = null, public ?float $idle = null) {}
}
