<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Solve\SensorSlots;

/** The chain on a transmitter with fixed slots. */
final readonly class SlotPlan
{
    /** @param  array<string, Sensor>  $sensors  by the id in the chain */
    public function __construct(private Program $program, private Transmitter $transmitter, private array $sensors) {}

    /**
     * The program whose sensors have slots, with the fewest moves.
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
        $plan = SensorSlots::plan(
            $this->transmitter->sensorSlots,
            array_map(
                fn (InstalledSensor $one): array => [
                    'name' => $this->sensors[$one->id]->name,
                    'block' => $this->sensors[$one->id]->block,
                    'starts' => $this->sensors[$one->id]->starts,
                    'today' => $one->slot,
                ],
                $chain,
            ),
        );
        $slots = array_combine(array_map(fn (InstalledSensor $one): string => $one->id, $chain), $plan);

        return $this->program->with(
            sense: $this->program->sense->with(
                chain: array_map(
                    fn (InstalledSensor $one): InstalledSensor => isset($slots[$one->id])
                        ? new InstalledSensor($one->id, $one->sensor, $one->address, $slots[$one->id])
                        : $one,
                    $this->program->sense->chain,
                ),
            ),
        );
    }

    /**
     * The slots as they are: who has each, and who is in another's way.
     *
     * @return list<array{id: string, name: string, from: int|null, to: int|null, trouble: string|null}>
     */
    public function today(): array
    {
        $rows = [];
        $owner = [];
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
                $trouble ??= isset($owner[$slot]) ? "lies on {$owner[$slot]}" : null;
                $owner[$slot] = $sensor->name;
            }
            $rows[] = [
                'id' => $one->id,
                'name' => $sensor->name,
                'from' => $one->slot,
                'to' => $to,
                'trouble' => $trouble,
            ];
        }

        return $rows;
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
