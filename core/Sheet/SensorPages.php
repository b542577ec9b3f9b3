<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\DefaultSlots;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Figure;

/** What a transmitter has to know of the sensors: addresses and slots, units, calculated values, timers. */
final readonly class SensorPages
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private SensorChain $chain,
        private Values $values,
        private ConditionWords $words,
        private LostValues $lost,
    ) {}

    /** @return list<Section> */
    public function sections(): array
    {
        $derived = $this->program->sense->values;
        $isTimer = fn (DerivedValue $one): bool => $one->does->wants()->while;

        return [
            new Section('Sensors', $this->search(), $this->sensors()),
            new Section('Units', 'In which values are shown and spoken.', $this->units()),
            new Section(
                'Calculated values',
                'Reset telemetry at the field: heights, home and highest begin there.',
                array_map(
                    $this->calculated(...),
                    array_values(array_filter($derived, fn (DerivedValue $one): bool => ! $isTimer($one))),
                ),
            ),
            new Section(
                'Timers',
                '',
                array_map($this->timer(...), array_values(array_filter($derived, $isTimer))),
            ),
            new Section('Log and reset', '', $this->jobs()),
        ];
    }

    /** @return list<Line> */
    private function jobs(): array
    {
        $log = $this->program->sense->logging;
        $reset = $this->program->sense->reset;
        $when = $log?->when === null ? 'from power-up on' : "while {$this->words->say($log->when)}";

        return [
            ...$log === null
                ? []
                : [new Line('Log', 'a row every '.Figure::of($log->every, 1)." s, {$when}", about: 'log')],
            ...$reset === null
                ? []
                : [new Line('Reset telemetry', "when {$this->words->say($reset)}", about: 'reset')],
        ];
    }

    private function search(): string
    {
        return $this->transmitter->sensorSlots > 0
            ? 'Clear the slots that are set by default first.'
            : 'Power the aircraft, find sensors, then stop. Where values look wrong, forget all and find again.';
    }

    /** @return list<Line> */
    private function sensors(): array
    {
        $sense = $this->program->sense;
        $inside = array_map(fn (Quantity $one): string => $one->name, $this->chain->inReceiver());
        if ($sense->chain === [] && $inside === []) {
            return [];
        }
        $receiver = $inside === []
            ? []
            : [new Line($this->chain->kit->receiver->name ?? '', 'measures by itself: '.implode(', ', $inside), about: 'receiver')];
        $bus = $this->chain->onBus() === []
            ? []
            : [new Line('Sensor bus, at the receiver\'s pin', $sense->bus?->says() ?? 'not chosen yet')];

        return [
            ...$bus,
            ...$receiver,
            ...$this->blanked(),
            new Line('Report interval', Figure::of($sense->interval, 2).' s'),
            ...array_map($this->sensor(...), $sense->chain),
            ...array_merge(...array_map($this->scales(...), $sense->chain)),
            ...$this->turns(),
        ];
    }

    /** @return list<Line> what must be cleared before anything else fits there */
    private function blanked(): array
    {
        return array_values(
            array_map(
                fn (DefaultSlots $one): Line => new Line(
                    "Slots {$one->from} to {$one->to()}",
                    "blank them: {$one->name} is there by default",
                    about: "slot-{$one->from}",
                ),
                array_filter(
                    $this->transmitter->slotDefaults,
                    fn (DefaultSlots $one): bool => in_array($one->from, $this->program->sense->blanked, true),
                ),
            ),
        );
    }

    private function sensor(InstalledSensor $fitted): Line
    {
        $sensor = $this->chain->sensors[$fitted->id] ?? null;
        if ($sensor === null) {
            return new Line($fitted->sensor, 'isn\'t in Equipment: import its definition', about: $fitted->id);
        }
        $way = $sensor->kind === SensorKind::Controller
            ? 'from the flight controller: its telemetry output on'
            : "address {$this->chain->address($fitted)}";
        $mode = $sensor->mode($fitted->mode);
        $way .= $mode === null ? '' : ", set to {$mode->name}";
        if ($this->transmitter->sensorSlots === 0) {
            return new Line($sensor->name, $way, about: $fitted->id);
        }
        $last = ($fitted->slot ?? 0) + $sensor->block - 1;

        return $fitted->slot === null
            ? new Line(
                $sensor->name,
                $way,
                "{$way}, {$sensor->block} slots",
                'no slots are planned: solve them in Telemetry',
                $fitted->id,
            )
            : new Line(
                $sensor->name,
                "{$way}, ".($sensor->block === 1 ? "slot {$last}" : "slots {$fitted->slot} to {$last}"),
                about: $fitted->id,
            );
    }

    /** @return list<Line> what its calibration gave, to be set where the value is shown */
    private function scales(InstalledSensor $fitted): array
    {
        $lines = [];
        foreach ($fitted->scales as $quantity => $by) {
            $value = $this->values->find("{$fitted->id}-{$quantity}");
            $lines[] = new Line(
                'Scale of '.($value->name ?? "{$fitted->id}-{$quantity}"),
                'multiply by '.Figure::of($by, 3),
                about: "scale-{$fitted->id}-{$quantity}",
            );
        }

        return $lines;
    }

    /** @return list<Line> poles and gear ratio are applied once only (common practice) */
    private function turns(): array
    {
        $turning = array_filter(
            $this->values->all,
            fn (Value $one): bool => $one->dimension === Dimension::Rotation && ! $one->derived,
        );

        return array_values(
            array_map(
                fn (Value $one): Line => new Line(
                    "{$one->name}: poles and ratio",
                    $one->divided
                        ? '2 poles and ratio 1: what sends it has divided already'
                        : 'those of the motor and the gear: nothing divides before',
                    about: $one->id,
                ),
                $turning,
            ),
        );
    }

    /** @return list<Line> */
    private function units(): array
    {
        if ($this->values->all === []) {
            return [];
        }
        $own = [];
        foreach ($this->program->sense->units as $id => $unit) {
            $value = $this->values->find($id);
            $own[] = $value === null ? null : new Line($value->name, $unit->shown(), about: $id);
        }

        return [
            ...array_values(array_filter($own)),
            new Line($own === [] ? 'Every value' : 'Every other value', $this->values->system->says(), about: 'system'),
        ];
    }

    private function calculated(DerivedValue $one): Line
    {
        $names = implode(', ', array_map(fn (string $id): string => $this->values->find($id)->name ?? $id, $one->of));
        $unit = $this->values->find($one->id)?->unit->shown() ?? '';
        $says = "{$one->does->says()}, from {$names}{$this->numbers($one)}".($unit === '' ? '' : "; in {$unit}");
        $why = $this->lost->why[$one->id] ?? null;

        return $why === null
            ? new Line($one->name, $says, about: $one->id)
            : new Line($one->name, "not calculated here: read {$names}", $says, "{$why}; alarms on it stay silent", $one->id);
    }

    private function numbers(DerivedValue $one): string
    {
        $number = $one->does->wants()->number;
        $words = $number === null ? 'by' : $number->words;
        $unit = $number === null || in_array($number->unit, ['', '×'], true) ? '' : " {$number->unit}";

        return ($one->by === null ? '' : ", {$words} ".Figure::of($one->by, 4).$unit).
            ($one->home === null ? '' : ", home at {$one->home[0]}, {$one->home[1]}").
            ($one->plus === null ? '' : ', plus '.Figure::of($one->plus, 4));
    }

    private function timer(DerivedValue $one): Line
    {
        return new Line(
            $one->name,
            ($one->by === null ? 'counts ' : 'counts down from '.Figure::of($one->by, 0).' s ').
                ($one->while === null ? 'never' : "while {$this->words->say($one->while)}"),
            about: $one->id,
        );
    }
}
