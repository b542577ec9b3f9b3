<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Signal\HandWords;
use DuskSwitch\Core\Space\Witness;

/**
 * What an edit does at the channels, before it's taken: with everything at rest, and with each stick, trim, dial and
 * slider at its ends and in its middle, and each switch and button at each of its detents, while the others rest.
 * Where a channel changes more between those, at a quarter of the way, that is shown too. It shows an edit; it proves
 * nothing.
 */
final readonly class EditEffect
{
    /** Places of one channel that are shown: the largest changes. */
    private const SHOWN = 3;

    /** Where sticks, trims, dials and sliders are held first. */
    private const ENDS = [-1.0, 0.0, 1.0];

    /** Where they are held after that: expo and the inner points of a curve show between the ends. */
    private const BETWEEN = [-0.75, -0.5, -0.25, 0.25, 0.5, 0.75];

    private function __construct(private Circuit $before, private Circuit $after) {}

    /**
     * The largest changes of each channel, and what the state that was found gives then.
     *
     * @param  Witness|null  $found  a state that is shown on its channels in any case
     * @param  list<int>  $channels  of that state
     * @return list<PulseChange> by channel
     */
    public static function between(Circuit $before, Circuit $after, ?Witness $found = null, array $channels = []): array
    {
        $effect = new self($before, $after);
        $changes = $found === null ? [] : $effect->at($found, $channels);
        $known = array_map(fn (PulseChange $one): array => [$one->channel, $one->before, $one->after], $changes);
        [$ends, $between] = [$effect->frames(self::ENDS), $effect->frames(self::BETWEEN)];
        foreach ($effect->names() as $channel => $name) {
            $more = array_filter(
                $effect->of($channel, $name, $ends, $between),
                fn (PulseChange $one): bool => ! in_array([$one->channel, $one->before, $one->after], $known, true),
            );
            array_push($changes, ...array_values($more));
        }
        // Of one channel what was found comes first: the order of what is equal stays.
        usort($changes, fn (PulseChange $a, PulseChange $b): int => $a->channel <=> $b->channel);

        return $changes;
    }

    /**
     * @param  list<int>  $channels
     * @return list<PulseChange>
     */
    private function at(Witness $found, array $channels): array
    {
        $names = array_intersect_key($this->names(), array_flip($channels));
        if ($this->before->panel->transmitter->id !== $this->after->panel->transmitter->id) {
            return [];
        }
        [$old, $new] = [$found->frame($this->before), $found->frame($this->after)];

        return array_map(
            fn (int $channel): PulseChange => new PulseChange(
                $channel,
                $names[$channel],
                'in the state found',
                $old->pulse($channel),
                $new->pulse($channel),
            ),
            array_keys($names),
        );
    }

    /**
     * @param  list<array{string, Frame, Frame}>  $ends
     * @param  list<array{string, Frame, Frame}>  $between
     * @return list<PulseChange> the largest first
     */
    private function of(int $channel, string $name, array $ends, array $between): array
    {
        $changes = self::changes($channel, $name, $ends);
        $largest = self::size($changes[0] ?? null);
        $more = array_filter(
            self::changes($channel, $name, $between),
            fn (PulseChange $one): bool => self::size($one) > $largest,
        );

        return array_slice([...$more, ...$changes], 0, self::SHOWN);
    }

    /**
     * @param  list<array{string, Frame, Frame}>  $frames
     * @return list<PulseChange> each pair of pulses once, the largest change first
     */
    private static function changes(int $channel, string $name, array $frames): array
    {
        $changes = [];
        foreach ($frames as [$where, $old, $new]) {
            [$was, $is] = [$old->pulse($channel), $new->pulse($channel)];
            if ($was !== $is) {
                $changes["{$was} {$is}"] ??= new PulseChange($channel, $name, $where, $was, $is);
            }
        }
        usort($changes, fn (PulseChange $a, PulseChange $b): int => self::size($b) <=> self::size($a));

        return $changes;
    }

    private static function size(?PulseChange $change): int
    {
        return abs(($change->after ?? 0) - ($change->before ?? 0));
    }

    /**
     * @param  list<float>  $held
     * @return list<array{string, Frame, Frame}> each hand in words, before and after
     */
    private function frames(array $held): array
    {
        return array_map(
            fn (array $hand): array => [$hand[0], $this->before->frame($hand[1]), $this->after->frame($hand[2])],
            $this->hands($held),
        );
    }

    /**
     * @param  list<float>  $held
     * @return list<array{string, list<float>, list<float>}> in words, and in the order of each panel
     */
    private function hands(array $held): array
    {
        $rest = $this->after->panel->atRest();
        $words = new HandWords($this->after->panel);
        $hands = [['at rest', $this->before->panel->atRest(), $rest]];
        foreach ($this->places($held) as [$slot, $old, $value]) {
            if ($rest[$slot] !== $value) {
                $hand = self::put($rest, $slot, $value);
                $former = $this->before->panel->atRest();
                $hands[] = [
                    implode(', ', $words->moved($hand)),
                    $old === null ? $former : self::put($former, $old, $value),
                    $hand,
                ];
            }
        }

        return $hands;
    }

    /**
     * @param  list<float>  $hand
     * @return list<float>
     */
    private static function put(array $hand, int $slot, float $value): array
    {
        return array_map(fn (int $at, float $is): float => $at === $slot ? $value : $is, array_keys($hand), $hand);
    }

    /**
     * @param  list<float>  $held
     * @return list<array{int, int|null, float}> slot, the slot before the edit, value
     */
    private function places(array $held): array
    {
        $places = [];
        [$panel, $old] = [$this->after->panel, $this->before->panel];
        foreach (Axis::cases() as $axis) {
            foreach ($held as $value) {
                $places[] = [$panel->axis($axis), $old->axis($axis), $value];
                $places[] = [$panel->trim($axis), $old->trim($axis), $value];
            }
        }
        foreach ($panel->transmitter->controls as $control) {
            $values =
                $control->detents === []
                    ? $held
                    : array_map(fn (string $detent): float => (float) $control->valueOf($detent), $control->detents);
            foreach ($values as $value) {
                $places[] = [(int) $panel->control($control->id), $old->control($control->id), $value];
            }
        }

        return $places;
    }

    /** @return array<int, string> every channel before or after, with its name after */
    private function names(): array
    {
        $names =
            array_column($this->after->program->outputs, 'name', 'channel') +
            array_column($this->before->program->outputs, 'name', 'channel');
        ksort($names);

        return $names;
    }
}
