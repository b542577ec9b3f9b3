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
        $this->flight = array_values(array_filter($setup->modes ?? [], fn (Slot $one): bool => $modes[$one->mode]->flight ?? false));
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
            $truth |= $high >= $range->from && $low < $range->to ? Truth::HOLDS : 0;
            $truth |= $low < $range->from || $high >= $range->to ? Truth::FAILS : 0;
        }

        return $truth === 0 ? Truth::FAILS : $truth;
    }

    /** Whether a channel's pulse is above a mark. */
    public static function above(Observed $seen, int $channel, int $mark): int
    {
        $truth = 0;
        foreach ($seen->pulses($channel) as [$low, $high]) {
            $truth |= ($high > $mark ? Truth::HOLDS : 0) | ($low <= $mark ? Truth::FAILS : 0);
        }

        return $truth === 0 ? Truth::FAILS : $truth;
    }

    /**
     * Whether each flight mode's ranges hold.
     *
     * @param  int|null  $channel  ranges of that channel alone
     * @return array<string, int> by mode
     */
    public function active(Observed $seen, ?int $channel = null): array
    {
        $active = [];
        foreach ($this->flight as $slot) {
            if ($channel === null || $slot->channel === $channel) {
                $active[$slot->mode] = Truth::either($active[$slot->mode] ?? Truth::FAILS, self::holds($slot, $seen));
            }
        }

        return $active;
    }

    /**
     * The flight modes that it may take: ids, {@see self::NONE} or {@see self::TWO}.
     *
     * @return list<string>
     */
    public function taken(Observed $seen): array
    {
        $active = $this->active($seen);
        $sure = array_keys(array_filter($active, fn (int $truth): bool => $truth === Truth::HOLDS));
        $maybe = array_keys(array_filter($active, fn (int $truth): bool => ($truth & Truth::HOLDS) !== 0));
        $taken = $sure === [] ? [$this->setup->none ?? self::NONE] : [];
        foreach ($maybe as $mode) {
            if (array_filter($sure, fn (string $other): bool => $other !== $mode && ! $this->wins($mode, $other)) === []) {
                $taken[] = $mode;
            }
            $unsaid = array_filter($maybe, fn (string $other): bool => $other !== $mode && $this->isUnsaid($mode, $other));
            if ($unsaid !== []) {
                $taken[] = self::TWO;
            }
        }

        return array_values(array_unique($taken));
    }

    /** Whether one of some modes is taken, as bits of {@see Truth}. */
    public function takes(Observed $seen, string ...$modes): int
    {
        $taken = $this->taken($seen);
        $those = array_intersect($taken, $modes);

        return ($those === [] ? 0 : Truth::HOLDS) | (count($those) === count($taken) ? 0 : Truth::FAILS);
    }

    /** True where nothing says which of two modes wins. */
    public function isUnsaid(string $one, string $other): bool
    {
        $order = $this->setup->priority ?? [];

        return ! in_array($one, $order, true) || ! in_array($other, $order, true);
    }

    private function wins(string $mode, string $over): bool
    {
        $order = array_flip($this->setup->priority ?? []);

        return ! $this->isUnsaid($mode, $over) && $order[$mode] < $order[$over];
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

    /** @return list<string> ids of the modes that save the aircraft and have a range, or are flown where no range is active */
    public function saving(): array
    {
        $there = [...array_map(fn (Slot $one): string => $one->mode, $this->flight), ...$this->setup->none === null ? [] : [$this->setup->none]];

        return array_values(array_unique(array_filter($there, fn (string $mode): bool => $this->modes[$mode]->saves ?? false)));
    }
}
