<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Truth;

/** Pulses at which what the controller does changes. */
final class ModeEdges
{
    /** @return list<int> pulses at which the flight mode changes on a channel, or arming on the same channel does */
    public static function of(ProofContext $context, int $channel): array
    {
        $ranges = array_values(
            array_filter($context->view->flight, fn (Slot $one): bool => $one->channel === $channel),
        );
        $arms = array_values(
            array_filter($context->setup->arming->ranges ?? [], fn (Slot $one): bool => $one->channel === $channel),
        );
        $in = fn (int $pulse): array => array_values(
            array_unique(
                array_map(
                    fn (Slot $one): string => $one->mode,
                    array_filter([...$ranges, ...$arms], fn (Slot $one): bool => $one->holds($pulse)),
                ),
            ),
        );
        $edges = [];
        foreach ([...$ranges, ...$arms] as $range) {
            foreach ([$range->from, $range->to] as $edge) {
                if ($in($edge - 1) !== $in($edge)) {
                    $edges[$edge] = $edge;
                }
            }
        }
        sort($edges);

        return $edges;
    }

    /** Whether a channel's pulse is nearer to an edge than a margin: a {@see Truth} of all the states seen. */
    public static function near(Observed $seen, int $channel, int $edge, int $margin): int
    {
        [$from, $to] = [$edge - $margin + 1, $edge + $margin - 1];
        $truth = 0;
        foreach ($seen->pulses($channel) as [$low, $high]) {
            $truth |= Truth::may($high >= $from && $low <= $to, $low < $from || $high > $to);
        }

        return $truth === 0 ? Truth::FAILS : $truth;
    }
}
