<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Frame;

/** What a receiver passes on after its transmitter fell silent. */
final class LinkLoss
{
    /** Seconds that a receiver keeps the last pulses before it believes that the link is lost (from memory). */
    public const AFTER = 1.0;

    /**
     * The pulses of every channel, null where there are none.
     *
     * @param  Frame  $last  what it heard last
     * @param  float  $seconds  since then
     * @return array<int, int|null> µs by channel
     */
    public static function pulses(Program $program, Frame $last, float $seconds): array
    {
        $pulses = [];
        foreach ($program->outputs as $output) {
            $does = $program->aboard->failsafe[$output->channel] ?? null;
            $keeps = $seconds < self::AFTER || $does?->holds === true;
            // A channel whose failsafe was never set keeps its last pulse: the danger that a test on the ground shows.
            $pulses[$output->channel] = $keeps || $does === null ? $last->pulse($output->channel) : $does->pulse;
        }

        return $pulses;
    }
}
