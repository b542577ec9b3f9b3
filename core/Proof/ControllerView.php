<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Truth;

/** What a controller, as it's set up, makes of the pulses that it gets. */
final readonly class ControllerView
{
    /** No mode's range holds the pulse. */
    public const NONE = '';

    /** Two modes at once, and nothing says which wins. */
    public const TWO = '!';

    /** @var list<Slot> of those modes of which exactly one must be active */
    public array $flight;

    /** @param  array<string, Mode>  $modes  by id */
    public function __construct(public ControllerSetup $setup, private array $modes)
    {
        $this->flight = array_values(
            array_filter($setup->modes ?? [], fn (Slot $one): bool => $modes[$one->mode]->flight ?? false),
        );
    }

    /** Whether it's armed, as bits of {@see Truth}: by its ranges; where it's armed by hand, it may always be. */
    public function armed(Observed $seen): int
    {
        if ($this->setup->arming?->by !== ArmedBy::Range) {
            return Truth::HOLDS;
        }
        $truth = Truth::FAILS;
        foreach ($this->setup->arming->ranges as $range) {
            $truth = Truth::either($truth, self::holds($range, $seen));
        }

        return $truth;
    }

    /** Whether a pulse lies in a range. */
    public static function holds(Slot $range, Observed $seen): int
    {
        $truth = 0;
        foreach ($seen->pulses($range->channel) as [$low, $high]) {
            $truth |= Truth::may(
                $high >= $range->from && $low < $range->to,
                $low < $range->from || $high >= $range->to,
            );
        }

        return $truth === 0 ? Truth::FAILS : $truth;
    }

    /** Whether a channel's pulse is above a mark. */
    public static function above(Observed $seen, int $channel, int $mark): int
    {
        $truth = 0;
        foreach ($seen->pulses($channel) as [$low, $high]) {
            $truth |= Truth::may($high > $mark, $low <= $mark);
        }

        return $truth === 0 ? Truth::FAILS : $truth;
    }

    /** The highest pulse that a channel may have, in µs; 0 where the program has no such output. */
    public static function highest(Observed $seen, int $channel): float
    {
        return (float) max([0, ...array_column($seen->pulses($channel), 1)]);
    }

    /**
     * The sets of modes whose ranges may hold a channel's pulse together.
     *
     * @param  list<Slot>  $slots
     * @return list<list<string>>
     */
    public static function together(array $slots, Observed $seen, int $channel): array
    {
        $here = array_values(array_filter($slots, fn (Slot $one): bool => $one->channel === $channel));
        $edges = array_unique(array_merge([], ...array_map(fn (Slot $one): array => [$one->from, $one->to], $here)));
        $sets = [];
        foreach ($seen->pulses($channel) as [$low, $high]) {
            $within = array_filter($edges, fn (int $edge): bool => $edge > $low && $edge <= $high);
            foreach ([$low, ...$within] as $pulse) {
                $modes = array_values(
                    array_unique(
                        array_map(
                            fn (Slot $one): string => $one->mode,
                            array_filter($here, fn (Slot $one): bool => $one->holds($pulse)),
                        ),
                    ),
                );
                $sets[implode(' ', $modes)] = $modes;
            }
        }

        return array_values($sets);
    }

    /**
     * The flight modes that it may take: ids, {@see self::NONE} or {@see self::TWO}.
     *
     * @return list<string>
     */
    public function taken(Observed $seen): array
    {
        $sets = [[]];
        foreach (array_unique(array_map(fn (Slot $one): int => $one->channel, $this->flight)) as $channel) {
            $joined = [];
            foreach (self::together($this->flight, $seen, $channel) ?: [[]] as $here) {
                foreach ($sets as $set) {
                    $both = array_values(array_unique([...$set, ...$here]));
                    sort($both);
                    $joined[implode(' ', $both)] = $both;
                }
            }
            $sets = array_values($joined);
        }

        return array_values(array_unique(array_map($this->winner(...), $sets)));
    }

    /** @param  list<string>  $active */
    private function winner(array $active): string
    {
        $order = array_flip($this->setup->priority ?? []);
        if (count($active) < 2) {
            return $active[0] ?? ($this->setup->none ?? self::NONE);
        }
        if (array_filter($active, fn (string $mode): bool => ! isset($order[$mode])) !== []) {
            return self::TWO;
        }
        usort($active, fn (string $one, string $other): int => $order[$one] <=> $order[$other]);

        return $active[0];
    }

    /** Whether one of some modes is taken, as bits of {@see Truth}. */
    public function takes(Observed $seen, string ...$modes): int
    {
        $taken = $this->taken($seen);
        $those = array_intersect($taken, $modes);

        return Truth::may($those !== [], count($those) !== count($taken));
    }

    /** True where nothing says which of two modes wins. */
    public function isUnsaid(string $one, string $other): bool
    {
        $order = $this->setup->priority ?? [];

        return ! in_array($one, $order, true) || ! in_array($other, $order, true);
    }

    /** The name of a mode. */
    public function nameOf(string $mode): string
    {
        return $this->modes[$mode]->name ?? $mode;
    }

    /** The mode of that id, or null. */
    public function mode(string $id): ?Mode
    {
        return $this->modes[$id] ?? null;
    }

    /**
     * @return list<string> ids of the modes that save the aircraft and have a range, or are flown where no range is
     * active
     */
    public function saving(): array
    {
        $there = [
            ...array_map(fn (Slot $one): string => $one->mode, $this->flight),
            ...$this->setup->none === null ? [] : [$this->setup->none],
        ];

        return array_values(
            array_unique(array_filter($there, fn (string $mode): bool => $this->modes[$mode]->saves ?? false)),
        );
    }

    /** What the controller takes where no range holds, in words. */
    public function withoutRange(): string
    {
        $none = $this->setup->none;

        return $none === null ? 'no mode' : "{$this->nameOf($none)}, its mode without a range";
    }
}
