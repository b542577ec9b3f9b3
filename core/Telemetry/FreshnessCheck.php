<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\SensorKind;
use DuskSwitch\Core\Link\VerdictPoint;

/** How fresh are values when the transmitter has them? */
final readonly class FreshnessCheck
{
    /** A variometer that is later than this no longer leads to the lift (from memory). */
    private const LATE = 0.8;

    public function __construct(private SensorChain $chain) {}

    /** @return list<VerdictPoint> how often values are new, and what that does to a variometer */
    public function points(): array
    {
        $points = [];
        if ($this->chain->onBus() !== []) {
            $points[] = VerdictPoint::fine(
                'Refresh',
                'Each value is asked for every '.round($this->chain->refresh() * 1000).' ms.',
            );
        }
        foreach ($this->lags() as [$name, $lag]) {
            $points[] = $lag > self::LATE
                ? VerdictPoint::look(
                    'Variometer',
                    "{$name} is heard up to ".round($lag, 1).' s late: you leave the lift before you hear it.',
                    'A shorter interval, or fewer values on the bus.',
                )
                : VerdictPoint::fine('Variometer', "{$name} is heard at most ".round($lag, 1).' s late.');
        }
        if ($this->chain->kit->program->sense->interval < 0.2) {
            $points[] = VerdictPoint::look(
                'Interval',
                "A report every {$this->chain->kit->program->sense->interval} s costs stick response.",
                'Take a longer one; 2 s is the gentlest.',
            );
        }

        return $points;
    }

    /** @return list<array{string, float}> what measures a climb, and the seconds by which it is late at the worst */
    private function lags(): array
    {
        $lags = [];
        foreach ($this->chain->onBus() as $fitted) {
            $sensor = $this->chain->sensors[$fitted->id];
            if ($sensor->kind === SensorKind::Variometer) {
                $lags[] = [$sensor->name, $this->chain->lag($sensor->tells(Measurand::Climb)->rate)];
            }
        }
        foreach ($this->chain->inReceiver() as $quantity) {
            if ($quantity->measures === Measurand::Climb) {
                $lags[] = [$this->chain->kit->receiver->name ?? '', $this->chain->receiverLag($quantity)];
            }
        }

        return $lags;
    }
}
