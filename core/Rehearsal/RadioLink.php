<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\LinkBudget;

/**
 * The radio link of a rehearsed flight: the power that is sent, what a broken antenna takes, and a receiver that starts
 * anew.
 */
final readonly class RadioLink
{
    /** Milliwatts to which the pilot goes when the antenna breaks, where it isn't so much already. */
    private const RAISED = 100.0;

    /** Seconds until they notice. */
    private const NOTICED = 8.0;

    /** Seconds that a receiver takes to start. */
    private const STARTS = 2.5;

    public function __construct(private RehearsalSettings $setting) {}

    /** dB above what the receiver still understands; negative where the link is gone. */
    public function margin(float $time, Body $body): float
    {
        $broken = $this->setting->since(InjectedFault::Antenna, $time);
        $milliwatts =
            $broken !== null && $broken > self::NOTICED
                ? max(self::RAISED, $this->setting->milliwatts)
                : $this->setting->milliwatts;

        return (new LinkBudget($milliwatts, lost: $broken === null ? 0.0 : LinkBudget::BROKEN))->margin(
            max(2.0, hypot($body->distance(), $body->height)),
        );
    }

    /** True while the receiver starts. */
    public function isDark(float $time): bool
    {
        $since = $this->setting->since(InjectedFault::BrownOut, $time);

        return $since !== null && $since < self::STARTS;
    }
}
