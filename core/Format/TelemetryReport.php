<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\SensorMode;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Program\Telemetry\TelemetryPlan;
use DuskSwitch\Core\Rehearsal\Scenarios;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\ObviousValue;
use DuskSwitch\Core\Telemetry\ObviousValues;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\SensorScales;
use DuskSwitch\Core\Telemetry\SlotPlan;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Figure;
use DuskSwitch\Core\Units\Unit;

/** Writes all that the Sense station shows of a program. */
final readonly class TelemetryReport
{
    private Values $values;

    private SensorChain $chain;

    public function __construct(private Circuit $circuit, Catalogue $catalogue)
    {
        $this->values = Values::of($circuit->program, $catalogue);
        $this->chain = new SensorChain(InstalledKit::of($circuit->program, $circuit->panel->transmitter, $catalogue));
    }

    /**
     * @param  Scenarios  $scenarios  of which those of the family are shown
     * @return array<string, mixed>
     */
    public function all(Scenarios $scenarios): array
    {
        $program = $this->circuit->program;
        $transmitter = $this->circuit->panel->transmitter;
        $check = (new TelemetryCheck($program, $transmitter, $this->values, $this->chain->kit->pack))->points();
        $slots = new SlotPlan($program, $transmitter, $this->chain->sensors);

        return [
            'points' => array_map(self::point(...), (new SensorChainCheck($this->chain))->points()),
            'checks' => array_map(fn (array $one): array => ['about' => $one[0], ...self::point($one[1])], $check),
            'inReceiver' => array_map(fn (Quantity $one): string => $one->name, $this->chain->inReceiver()),
            'refresh' => round($this->chain->refresh(), 3),
            'draw' => $this->chain->draw(),
            'chain' => array_map($this->fitted(...), $program->sense->chain),
            'slots' => $transmitter->sensorSlots === 0
                    ? null
                    : ['count' => $transmitter->sensorSlots, 'today' => $slots->today(), 'byDefault' => $slots->byDefault()],
            'values' => array_values(array_map($this->value(...), $this->values->all)),
            'calls' => array_map(
                (new CalloutReport($program, $this->values, $this->words()))->of(...),
                $program->sense->calls,
            ),
            'tone' => (new ToneReport($this->values, $this->words()))->of($program->sense->tone),
            'obvious' => array_map(
                $this->obvious(...),
                ObviousValues::of($program, $this->values, $this->chain->kit->pack),
            ),
            'jobs' => ['log' => $this->when($program->sense->logging?->when), 'reset' => $this->when($program->sense->reset)],
            ...(new TelemetryChoices($program, $this->values))->all($scenarios),
        ];
    }

    /** @return array<string, mixed> */
    public static function point(VerdictPoint $point): array
    {
        return [
            'topic' => $point->topic,
            'level' => $point->level->value,
            'says' => $point->says,
            'cure' => $point->cure,
        ];
    }

    /** @return array<string, mixed> */
    private function fitted(InstalledSensor $one): array
    {
        $sensor = $this->chain->sensors[$one->id] ?? null;

        return [
            'id' => $one->id,
            'sensor' => $one->sensor,
            'name' => $sensor->name ?? $one->sensor,
            'kind' => $sensor?->kind->says() ?? '',
            'onBus' => in_array($one, $this->chain->onBus(), true),
            'address' => $this->chain->address($one),
            'slot' => $one->slot,
            'draw' => $sensor->draw ?? 0,
            'supply' => $sensor === null ? [0, 0] : [$sensor->supply->low, $sensor->supply->high],
            'values' => count($sensor->quantities ?? []),
            'advice' => $sensor === null ? [] : ($sensor->advice ?: $sensor->kind->mounting()),
            'mode' => $sensor?->mode($one->mode)?->id,
            'scales' => SensorScales::offered($one, $sensor),
            'modes' => array_map(
                fn (SensorMode $mode): array => [
                    'id' => $mode->id,
                    'name' => $mode->name,
                    'sends' => implode(
                        ', ',
                        array_map(
                            fn (Quantity $quantity): string => "{$quantity->name} at ".Figure::of($quantity->rate, 2).' Hz',
                            $mode->quantities,
                        ),
                    ),
                ],
                $sensor->modes ?? [],
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function value(Value $value): array
    {
        return [
            'id' => $value->id,
            'name' => $value->name,
            'dimension' => $value->dimension->value,
            'unit' => $value->unit->shown(),
            'places' => $value->places(),
            'from' => $value->from,
            'derived' => $value->derived,
            'while' => $this->runs($value->id),
            'units' => array_values(
                array_map(
                    fn (Unit $unit): string => $unit->value,
                    array_filter(Unit::cases(), fn (Unit $unit): bool => $unit->dimension() === $value->dimension),
                ),
            ),
            'range' => $value->range === null
                    ? null
                    : [
                        round($value->unit->fromBase($value->range->low), $value->unit->places()),
                        round($value->unit->fromBase($value->range->high), $value->unit->places()),
                    ],
        ];
    }

    /** @return array<string, mixed> */
    private function obvious(ObviousValue $one): array
    {
        $parts = Spelling::of(new TelemetryPlan(values: $one->values, calls: $one->calls));

        return [
            'id' => $one->id,
            'name' => $one->name,
            'sensor' => $one->sensor,
            'values' => $parts['values'] ?? [],
            'calls' => $parts['calls'] ?? [],
        ];
    }

    /** When a timer runs, in words. */
    private function runs(string $id): ?string
    {
        $while = array_column($this->circuit->program->sense->values, 'while', 'id')[$id] ?? null;

        return $this->when($while);
    }

    private function when(?Condition $condition): ?string
    {
        return $condition === null ? null : $this->words()->say($condition);
    }

    private function words(): ConditionWords
    {
        return new ConditionWords(
            $this->circuit->program,
            $this->circuit->panel->transmitter,
            (new Threshold($this->values))->say(...),
        );
    }
}
