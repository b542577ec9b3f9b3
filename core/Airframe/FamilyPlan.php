<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Override;

/** What a family's first program consists of, before it meets a transmitter (common practice). */
final readonly class FamilyPlan
{
    private const STICKS = ['roll' => Axis::Roll, 'pitch' => Axis::Pitch, 'throttle' => Axis::Throttle, 'yaw' => Axis::Yaw];

    /**
     * @param  array<string, Axis>  $axes  function => stick
     * @param  list<Switched>  $switched
     * @param  list<array{string, array<string, float>}>  $outputs  name and weights by function, from channel 1
     * @param  bool  $trims  false where a controller or stabiliser flies: trims fight it
     */
    private function __construct(
        public Family $family,
        public array $axes,
        public array $switched,
        public array $outputs,
        public bool $trims,
    ) {}

    /** The plan of a family. */
    public static function of(Family $family): self
    {
        return match ($family) {
            Family::Multirotor, Family::TinyMultirotor => self::multirotor($family),
            Family::Plane => self::plane(),
            Family::FlyingWing => self::flyingWing(),
            Family::Sailplane => self::sailplane(),
            Family::Helicopter => self::helicopter(),
        };
    }

    /** @return list<Override> what holds the throttle down while the motor is cut */
    public function throttleCut(): array
    {
        foreach ($this->switched as $switched) {
            if ($switched->id === 'cut') {
                return [new Override(new StepIs('cut', $switched->steps[0]->id), -1.0)];
            }
        }

        return [];
    }

    private static function multirotor(Family $family): self
    {
        return new self($family, self::STICKS, [
            Switched::with('arm', 'Arm', ['Safe' => -1.0, 'Armed' => 1.0]),
            Switched::with('mode', 'Flight mode', ['Self-level' => -1.0, 'Middle' => 0.0, 'Free' => 1.0]),
        ], [
            ['Roll', ['roll' => 1.0]], ['Pitch', ['pitch' => 1.0]], ['Throttle', ['throttle' => 1.0]], ['Yaw', ['yaw' => 1.0]],
            ['Arm', ['arm' => 1.0]], ['Flight mode', ['mode' => 1.0]],
        ], false);
    }

    private static function plane(): self
    {
        return new self(Family::Plane, self::STICKS, [
            self::cut(),
            Switched::with('flaps', 'Flaps', ['Up' => 0.0, 'Half' => -0.5, 'Full' => -1.0]),
        ], [
            ['Ailerons', ['roll' => 1.0]], ['Elevator', ['pitch' => 1.0]], ['Throttle', ['throttle' => 1.0]], ['Rudder', ['yaw' => 1.0]],
            ['Flaps', ['flaps' => 1.0]],
        ], true);
    }

    private static function flyingWing(): self
    {
        return new self(Family::FlyingWing, ['roll' => Axis::Roll, 'pitch' => Axis::Pitch, 'throttle' => Axis::Throttle], [self::cut()], [
            // Elevons: left = pitch + roll, right = pitch − roll; halves, so that both sticks together still fit.
            ['Left elevon', ['pitch' => 0.5, 'roll' => 0.5]], ['Right elevon', ['pitch' => 0.5, 'roll' => -0.5]], ['Throttle', ['throttle' => 1.0]],
        ], true);
    }

    private static function sailplane(): self
    {
        return new self(Family::Sailplane, self::STICKS, [
            self::cut(),
            Switched::with('camber', 'Camber', ['Cruise' => 0.0, 'Thermal' => -0.25, 'Launch' => -0.4]),
        ], [
            ['Left aileron', ['roll' => -0.7, 'camber' => 1.0]], ['Right aileron', ['roll' => 0.7, 'camber' => 1.0]],
            ['Elevator', ['pitch' => 1.0]], ['Rudder', ['yaw' => 1.0]], ['Motor', ['throttle' => 1.0]],
        ], true);
    }

    private static function helicopter(): self
    {
        return new self(Family::Helicopter, [...self::STICKS, 'collective' => Axis::Throttle], [
            Switched::with('cut', 'Hold', ['Hold' => -1.0, 'Released' => 1.0]),
            Switched::with('style', 'Style', ['Gentle' => -1.0, 'Sporty' => 0.0, 'Aerobatic' => 1.0]),
        ], [
            ['Roll', ['roll' => 1.0]], ['Pitch', ['pitch' => 1.0]], ['Throttle', ['throttle' => 1.0]], ['Yaw', ['yaw' => 1.0]],
            ['Collective', ['collective' => 1.0]], ['Style', ['style' => 1.0]],
        ], false);
    }

    private static function cut(): Switched
    {
        return Switched::with('cut', 'Motor cut', ['Cut' => -1.0, 'Ready' => 1.0]);
    }
}
