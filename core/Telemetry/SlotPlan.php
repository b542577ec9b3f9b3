<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\DefaultSlots;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Solve\SensorSlots;

/** The chain on a transmitter with fixed slots. */
final readonly class SlotPlan
{
    /** With more defaults than this they are blanked all together: every choice of them would be too many. */
    private const CHOSEN = 8;

    /** @param  array<string, Sensor>  $sensors  by the id in the chain */
    public function __construct(private Program $program, private Transmitter $transmitter, private array $sensors) {}

    /**
     * The program whose sensors have slots: with the fewest defaults blanked, and then with the fewest moves. What was
     * set by hand stays.
     *
     * @throws Refused where nothing fits, or the transmitter has no fixed slots
     */
    public function planned(): Program
    {
        if ($this->transmitter->sensorSlots === 0) {
            throw Refused::because(
                'transmitter',
                "{$this->transmitter->name} has no fixed slots for sensors: it finds them by itself",
            );
        }
        $chain = $this->fitted();
        $devices = array_map($this->device(...), $chain);
        $best = $refused = null;
        foreach ($this->blankings() as $blanked) {
            if ($best !== null && count($blanked) > count($best[1])) {
                break;
            }
            try {
                $plan = SensorSlots::plan($this->transmitter->sensorSlots, $devices, $this->taken($blanked));
                $moves = self::moves($devices, $plan);
                $best = $best === null || $moves < $best[2] ? [$plan, $blanked, $moves] : $best;
            } catch (Refused $no) {
                $refused = $no;
            }
        }
        if ($best === null) {
            throw $refused ?? Refused::because('chain', 'no arrangement fits');
        }

        return $this->withSlots(
            array_combine(array_map(fn (InstalledSensor $one): string => $one->id, $chain), $best[0]),
            $best[1],
        );
    }

    /**
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null, byHand: bool}>  $devices
     * @param  list<int>  $plan
     */
    private static function moves(array $devices, array $plan): int
    {
        return count(
            array_filter(
                $devices,
                fn (array $one, int $at): bool => $one['today'] !== null && $one['today'] !== $plan[$at],
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /**
     * The slots as they are: who has each, and who is in another's way.
     *
     * @return list<array{id: string, name: string, from: int|null, to: int|null, byHand: bool, may: string, trouble: string|null}>
     */
    public function today(): array
    {
        $rows = [];
        $owner = [];
        $defaults = $this->defaults($this->program->sense->blanked);
        foreach ($this->fitted() as $one) {
            $sensor = $this->sensors[$one->id];
            $to = $one->slot === null ? null : $one->slot + $sensor->block - 1;
            $trouble = match (true) {
                $one->slot === null => 'has no slots yet',
                $to >= $this->transmitter->sensorSlots => 'ends behind the last slot, '.($this->transmitter->sensorSlots - 1),
                $sensor->starts !== [] && ! in_array($one->slot, $sensor->starts, true) => 'may start at '.
                    implode(', ', $sensor->starts),
                default => null,
            };
            for ($slot = $one->slot ?? 0; $one->slot !== null && $slot <= $to; $slot++) {
                $default = $defaults[$slot] ?? null;
                $trouble ??= isset($owner[$slot]) ? "lies on {$owner[$slot]}" : null;
                $trouble ??= $default === null
                    ? null
                    : "lies on {$default->name}, which is there by default: blank slots {$default->from} to {$default->to()}";
                $owner[$slot] = $sensor->name;
            }
            $rows[] = [
                'id' => $one->id,
                'name' => $sensor->name,
                'from' => $one->slot,
                'to' => $to,
                'byHand' => $one->byHand,
                'may' => "{$sensor->block} ".($sensor->block === 1 ? 'slot' : 'slots').', '.
                    ($sensor->starts === [] ? 'from anywhere' : 'from '.implode(', ', $sensor->starts)),
                'trouble' => $trouble,
            ];
        }

        return $rows;
    }

    /**
     * What the transmitter has in its slots by default.
     *
     * @return list<array{name: string, from: int, to: int, blanked: bool}>
     */
    public function byDefault(): array
    {
        return array_map(
            fn (DefaultSlots $one): array => [
                'name' => $one->name,
                'from' => $one->from,
                'to' => $one->to(),
                'blanked' => in_array($one->from, $this->program->sense->blanked, true),
            ],
            $this->transmitter->slotDefaults,
        );
    }

    /** @return array{name: string, block: int, starts: list<int>, today: int|null, byHand: bool} */
    private function device(InstalledSensor $one): array
    {
        $sensor = $this->sensors[$one->id];

        return [
            'name' => $sensor->name,
            'block' => $sensor->block,
            'starts' => $sensor->starts,
            'today' => $one->slot,
            'byHand' => $one->byHand,
        ];
    }

    /**
     * Which defaults may be blanked, the fewest first: always those that were, and those on which something was set by
     * hand.
     *
     * @return list<list<int>> their first slots
     */
    private function blankings(): array
    {
        $all = array_map(fn (DefaultSlots $one): int => $one->from, $this->transmitter->slotDefaults);
        $must = array_values(
            array_filter(
                $all,
                fn (int $from): bool => $this->isInTheWay($from) ||
                    in_array($from, $this->program->sense->blanked, true),
            ),
        );
        $may = array_values(array_diff($all, $must));
        if (count($may) > self::CHOSEN) {
            return [$must, $all];
        }
        $sets = [];
        for ($bits = 0; $bits < 2 ** count($may); $bits++) {
            $sets[] = [
                ...$must,
                ...array_filter($may, fn (int $i): bool => ($bits >> $i & 1) === 1, ARRAY_FILTER_USE_KEY),
            ];
        }
        usort($sets, fn (array $one, array $other): int => count($one) <=> count($other));

        return $sets;
    }

    private function isInTheWay(int $from): bool
    {
        $defaults = $this->defaults([]);
        foreach ($this->fitted() as $one) {
            $slots = $one->byHand && $one->slot !== null ? $this->sensors[$one->id]->block : 0;
            for ($slot = $one->slot ?? 0; $slots > 0; $slot++, $slots--) {
                if (($defaults[$slot]->from ?? null) === $from) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $blanked
     * @return list<int>
     */
    private function taken(array $blanked): array
    {
        return array_keys($this->defaults($blanked));
    }

    /**
     * @param  list<int>  $blanked
     * @return array<int, DefaultSlots> what is in each slot by default and wasn't blanked
     */
    private function defaults(array $blanked): array
    {
        $there = [];
        foreach ($this->transmitter->slotDefaults as $default) {
            if (! in_array($default->from, $blanked, true)) {
                $there += array_fill($default->from, $default->count, $default);
            }
        }

        return $there;
    }

    /**
     * @param  array<string, int>  $slots
     * @param  list<int>  $blanked
     */
    private function withSlots(array $slots, array $blanked): Program
    {
        return $this->program->with(
            sense: $this->program->sense->with(
                chain: array_map(
                    fn (InstalledSensor $one): InstalledSensor => isset($slots[$one->id])
                        ? $one->from($slots[$one->id])
                        : $one,
                    $this->program->sense->chain,
                ),
                blanked: $blanked,
            ),
        );
    }

    /** @return list<InstalledSensor> */
    private function fitted(): array
    {
        return array_values(
            array_filter(
                $this->program->sense->chain,
                fn (InstalledSensor $one): bool => isset($this->sensors[$one->id]),
            ),
        );
    }
}
