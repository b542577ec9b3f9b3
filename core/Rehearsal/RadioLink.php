<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\LinkBudget;

/**
 * The radio link of a rehearsed flight: the power that is sent, what a broken antenna takes, and a receiver that
 * restarts.
 */
final class RadioLink
{
    /** What is sent, in milliwatts. */
    private float $milliwatts;

    public function __construct(private readonly RehearsalSettings $setting)
    {
        $this->milliwatts = $setting->milliwatts;
    }

    /** Sends so much from now on, in milliwatts; null as before. */
    public function send(?float $milliwatts): void
    {
        $this->milliwatts = $milliwatts ?? $this->milliwatts;
    }

    /** dB above what the receiver still understands; negative where the link is gone. */
    public function margin(float $time, Body $body): float
    {
        $effects = $this->setting->effects($time);
        $budget = new LinkBudget(max($effects->milliwatts, $this->milliwatts), lost: $effects->loss);

        return $budget->margin(max(2.0, hypot($body->distance(), $body->height)));
    }

    /** True while the receiver starts. */
    public function isDark(float $time): bool
    {
        return $this->setting->effects($time)->dark;
    }
}
