<?php

namespace DuskSwitch\Core\Space;

/** How far a channel goes in a phase: no stick, dial, switch, trim or sensor takes it further. */
final readonly class Reach
{
    /**
     * The least and the most pulse of each channel, in µs.
     *
     * @param  string  $phase  its id
     * @return array<int, array{int, int}> by channel
     */
    public static function in(Model $model, string $phase): array
    {
        $bounds = (new Bounds($model, $model->everything()))->inPhase($model->phases[$phase] ?? 0);
        $reach = [];
        foreach (array_keys($model->outputs) as $channel) {
            $spans = array_merge(...$bounds->pulses($channel));
            $reach[$channel] = $spans === [] ? [0, 0] : [(int) min($spans), (int) max($spans)];
        }

        return $reach;
    }
}
