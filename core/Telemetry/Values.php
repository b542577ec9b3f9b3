<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;

/** All telemetry values that a program has: the link's own, those of its sensors, and those that are calculated. */
final readonly class Values
{
    /** The link's own values; they are there where anything comes back at all (common practice). */
    private const LINK = [
        'link-quality' => ['Link quality', Dimension::Percent, [0.0, 100.0]],
        'link-level' => ['Link level', Dimension::Level, [-130.0, 0.0]],
        'receiver-volts' => ['Receiver supply', Dimension::Voltage, [3.0, 10.0]],
    ];

    /** Begins the ids of what the receiver measures by itself, as a sensor's id begins those of its own. */
    public const RECEIVER = 'receiver';

    /**
     * @param  array<string, Value>  $all  by id
     * @param  UnitSystem  $system  in which they are read where nothing else is chosen for one
     */
    private function __construct(public array $all, public UnitSystem $system) {}

    /** The values of a program with what is in Equipment. */
    public static function of(Program $program, Catalogue $catalogue): self
    {
        $system = $program->sense->system ?? $catalogue->units();
        $unit = fn (string $id, Dimension $dimension, bool $upright): Unit => $program->sense->units[$id] ??
            $system->unit($dimension, $upright);
        $all = [
            ...self::link($program, $catalogue, $unit),
            ...self::receiver($program, $catalogue, $unit),
            ...self::sensors($program, $catalogue, $unit),
        ];
        foreach ($program->sense->values as $derived) {
            $first = $all[$derived->of[0] ?? ''] ?? null;
            $gives = $derived->does->gives($first?->dimension, $first?->range);
            $dimension = $gives->dimension;
            $upright = $gives->upright || (($first->upright ?? false) && $dimension === Dimension::Speed);
            $all[$derived->id] = new Value(
                $derived->id,
                $derived->name,
                $dimension,
                $upright,
                $unit($derived->id, $dimension, $upright),
                $gives->range,
                $derived->does->says(),
                true,
            );
        }

        return new self(DistinctNames::of($all), $system);
    }

    /**
     * @param  \Closure(string, Dimension, bool): Unit  $unit
     * @return array<string, Value>
     */
    private static function link(Program $program, Catalogue $catalogue, \Closure $unit): array
    {
        if ($catalogue->receiver($program->receiver ?? '')?->telemetry !== true) {
            return [];
        }
        $all = [];
        foreach (self::LINK as $id => [$name, $dimension, $range]) {
            $all[$id] = new Value(
                $id,
                $name,
                $dimension,
                false,
                $unit($id, $dimension, false),
                new Range(...$range),
                'the link itself',
                false,
            );
        }

        return $all;
    }

    /**
     * @param  \Closure(string, Dimension, bool): Unit  $unit
     * @return array<string, Value>
     */
    private static function sensors(Program $program, Catalogue $catalogue, \Closure $unit): array
    {
        $all = [];
        foreach ($program->sense->chain as $fitted) {
            $sensor = $catalogue->sensor($fitted->sensor)?->in($fitted->mode);
            foreach ($sensor->quantities ?? [] as $quantity) {
                $id = "{$fitted->id}-{$quantity->id}";
                $sent = self::sent($id, $quantity, $fitted->id, $sensor->name ?? '', $unit);
                $all[$id] = $sent->scaled($fitted->scale($quantity->id));
            }
        }

        return $all;
    }

    /**
     * @param  \Closure(string, Dimension, bool): Unit  $unit
     * @return array<string, Value> what the receiver measures by itself
     */
    private static function receiver(Program $program, Catalogue $catalogue, \Closure $unit): array
    {
        $receiver = $catalogue->receiver($program->receiver ?? '');
        $all = [];
        foreach ($receiver->sensors->quantities ?? [] as $quantity) {
            $id = self::RECEIVER."-{$quantity->id}";
            $all[$id] = self::sent($id, $quantity, self::RECEIVER, $receiver->name ?? '', $unit);
        }

        return $all;
    }

    /** @param  \Closure(string, Dimension, bool): Unit  $unit */
    private static function sent(string $id, Quantity $quantity, string $sensor, string $from, \Closure $unit): Value
    {
        $dimension = $quantity->unit->dimension();
        $upright = $dimension === Dimension::Speed && $quantity->range->low < 0;

        return new Value(
            $id,
            $quantity->name,
            $dimension,
            $upright,
            $unit($id, $dimension, $upright),
            new Range($quantity->unit->toBase($quantity->range->low), $quantity->unit->toBase($quantity->range->high)),
            $from,
            false,
            $quantity->divided,
            $quantity->measures,
            $sensor,
            $quantity->unit->toBase($quantity->resolution) - $quantity->unit->toBase(0.0),
        );
    }

    /** The value of that id, or null. */
    public function find(string $id): ?Value
    {
        return $this->all[$id] ?? null;
    }

    /** The value of a sensor of the chain that is a measure of something, or null. */
    public function measuring(string $sensor, Measurand $measures): ?Value
    {
        foreach ($this->all as $value) {
            if ($value->sensor === $sensor && $value->measures === $measures) {
                return $value;
            }
        }

        return null;
    }

    /** True where something sends the pack's voltage or a cell's. */
    public function tellVoltage(): bool
    {
        foreach ($this->all as $value) {
            if (in_array($value->measures, [Measurand::Volts, Measurand::Cell], true)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, string> the satellites of a sensor, by what it says only with a fix: ids of values */
    public function satellites(): array
    {
        $satellites = [];
        foreach ($this->all as $value) {
            $tells = $value->sensor === null ? null : $this->measuring($value->sensor, Measurand::Satellites);
            if ($tells !== null && $value->measures?->needsFix() === true) {
                $satellites[$value->id] = $tells->id;
            }
        }

        return $satellites;
    }

    /** A length or a speed as the pilot reads it: "400 ft". */
    public function say(float $base, Dimension $dimension): string
    {
        $unit = $this->system->unit($dimension);

        return round($unit->fromBase($base)).' '.$unit->shown();
    }
}
