<?php

namespace DuskSwitch\StandIn;

use DuskSwitch\Core\Kit\FlightState;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Telemetry\BusPort;
use DuskSwitch\Core\Telemetry\BusTrouble;
use DuskSwitch\Core\Telemetry\FoundValue;
use DuskSwitch\Core\Telemetry\SensorChain;

/**
 * The chain on a bench, under a roof that lets satellites through: what discovery finds, with the troubles that it's
 * given.
 */
final readonly class SimulatedBus implements BusPort
{
    /** @param  list<BusTrouble>  $troubles */
    public function __construct(private Program $program, private SensorChain $chain, private array $troubles) {}

    public function discover(bool $afresh): array
    {
        $found = [];
        foreach ($this->program->sense->chain as $fitted) {
            $sensor = $this->chain->sensors[$fitted->id] ?? null;
            if ($sensor === null || ! $this->answers($fitted)) {
                continue;
            }
            foreach ($sensor->quantities as $index => $quantity) {
                $reads = $this->isSilent($fitted, $quantity)
                    ? null
                    : $quantity->measures?->in(self::bench()) ?? $quantity->unit->toBase((float) $index);
                $refresh = max(1 / $quantity->rate, $this->chain->refresh(), $this->program->sense->interval);
                $trouble = match (true) {
                    $reads === null => 'silent',
                    $this->isDoubled($fitted) => 'doubled',
                    default => null,
                };
                $found[] = new FoundValue(
                    "{$fitted->id}-{$quantity->id}",
                    $reads,
                    $reads === null ? null : round($refresh, 3),
                    $trouble,
                );
            }
        }
        if ($this->has(BusTrouble::Stale) && ! $afresh) {
            $found[] = new FoundValue('old-temperature', null, null, 'stale');
        }

        return $found;
    }

    public function lamps(): array
    {
        $lamps = [];
        foreach ($this->chain->onBus() as $fitted) {
            $own = $this->chain->sensors[$fitted->id]->buses[0];
            $lamps[$fitted->id] = $this->isReversed($fitted)
                ? 'off'
                : (in_array($this->bus(), $this->chain->sensors[$fitted->id]->buses, true)
                    ? $this->bus()
                    : $own
                )->lamp();
        }

        return $lamps;
    }

    private function bus(): SensorBus
    {
        return $this->program->sense->bus ?? SensorBus::Shared;
    }

    private function answers(InstalledSensor $fitted): bool
    {
        $sensor = $this->chain->sensors[$fitted->id];
        if ($sensor->kind === SensorKind::Controller) {
            return ! $this->has(BusTrouble::NoStream);
        }

        return ! $this->has(BusTrouble::WrongBus) &&
            ! $this->isReversed($fitted) &&
            in_array($this->bus(), $sensor->buses, true);
    }

    private function isReversed(InstalledSensor $fitted): bool
    {
        return $this->has(BusTrouble::Polarity) && ($this->chain->onBus()[0] ?? null) === $fitted;
    }

    private function isSilent(InstalledSensor $fitted, Quantity $quantity): bool
    {
        $isGps = $this->chain->sensors[$fitted->id]->measuring(Measurand::Latitude) !== null;
        $needsFix = $quantity->measures?->needsFix() === true;

        return $isGps &&
            (($this->has(BusTrouble::WiresSwapped) && ($needsFix || $quantity->measures === Measurand::Satellites)) ||
                ($this->has(BusTrouble::NoSatellites) && $needsFix));
    }

    /** What there is to measure on the bench. */
    private static function bench(): FlightState
    {
        return new FlightState(
            barometer: 1.4,
            satellites: 9.0,
            latitude: 54.12,
            longitude: 8.31,
            altitude: 4.6,
            speed: 0.1,
            volts: 12.4,
            cells: 3,
            amperes: 0.2,
            supply: 5.0,
            temperature: 21.0,
        );
    }

    private function isDoubled(InstalledSensor $fitted): bool
    {
        return array_filter(
            $this->chain->onBus(),
            fn (InstalledSensor $one): bool => $one !== $fitted &&
                $this->chain->address($one) === $this->chain->address($fitted),
        ) !== [] && $this->chain->sensors[$fitted->id]->kind !== SensorKind::Controller;
    }

    private function has(BusTrouble $trouble): bool
    {
        return in_array($trouble, $this->troubles, true);
    }
}
