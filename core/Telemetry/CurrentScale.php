<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;

/**
 * By what the readings of a program's current sensor are multiplied, as its calibration says: current, and what follows
 * from it. Where several sense a current, the first that counts used capacity is meant.
 */
final readonly class CurrentScale
{
    /** Follows from the current: one scale is right for all of them. */
    private const OF_CURRENT = [Measurand::Used, Measurand::Amperes, Measurand::Power];

    /** Between these a sensor is off; beyond them it measures something else. */
    private const LEAST = 0.1;

    private const MOST = 10.0;

    private function __construct(
        private Program $program,
        private InstalledSensor $fitted,
        private Sensor $sensor,
        private Quantity $first,
    ) {}

    /** Null where no sensor of the chain senses a current. */
    public static function of(Program $program, Catalogue $catalogue): ?self
    {
        foreach ([Measurand::Used, Measurand::Amperes] as $measures) {
            foreach ($program->sense->chain as $fitted) {
                $sensor = $catalogue->sensor($fitted->sensor)?->in($fitted->mode);
                $first = $sensor?->measuring($measures);
                if ($sensor !== null && $first !== null) {
                    return new self($program, $fitted, $sensor, $first);
                }
            }
        }

        return null;
    }

    /** The sensor's id in Equipment. */
    public function id(): string
    {
        return $this->sensor->id;
    }

    /** The sensor's name. */
    public function sensor(): string
    {
        return $this->sensor->name;
    }

    /** By what it is multiplied now. */
    public function now(): float
    {
        return $this->fitted->scale($this->first->id);
    }

    /**
     * The program in which it is multiplied by another.
     *
     * @throws Refused where the scale is none that a sensor can need
     */
    public function set(float $scale): Program
    {
        if ($scale < self::LEAST || $scale > self::MOST) {
            throw Refused::because(
                'scale',
                "a scale of {$scale} isn't an error of a sensor: check the charged mAh, and which pack was charged",
            );
        }
        $scales = $this->fitted->scales;
        foreach ($this->sensor->quantities as $quantity) {
            if (in_array($quantity->measures, self::OF_CURRENT, true)) {
                $scales[$quantity->id] = $scale;
            }
        }
        $chain = array_map(
            fn (InstalledSensor $one): InstalledSensor => $one === $this->fitted ? $one->scaled($scales) : $one,
            $this->program->sense->chain,
        );

        return $this->program->with(sense: $this->program->sense->with(chain: $chain));
    }
}
