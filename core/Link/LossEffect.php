<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Solve\PulseChange;

/** What an edit changes of the pulses that come once the link is gone, with the controls at rest before. */
final class LossEffect
{
    private const WHERE = 'on signal loss';

    /** @return list<PulseChange> by channel; none where nothing changes */
    public static function between(Circuit $before, Circuit $after): array
    {
        [$old, $new] = [self::pulses($before), self::pulses($after)];
        $names = [];
        foreach ([...$before->program->outputs, ...$after->program->outputs] as $output) {
            $names[$output->channel] = $output->name;
        }
        ksort($names);
        $changes = [];
        foreach ($names as $channel => $name) {
            [$was, $is] = [$old[$channel] ?? null, $new[$channel] ?? null];
            if ($was !== $is) {
                $changes[] = new PulseChange($channel, $name, self::WHERE, $was, $is);
            }
        }

        return $changes;
    }

    /** @return array<int, int|null> µs by channel */
    private static function pulses(Circuit $circuit): array
    {
        return LinkLoss::pulses($circuit->program, $circuit->frame($circuit->panel->atRest()), 2 * LinkLoss::AFTER);
    }
}
