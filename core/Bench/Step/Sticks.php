<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\ProportionalFunction;

/** The throttle stick stays where it is put, and the controller knows how far the sticks go. */
final class Sticks implements BenchStep
{
    public function id(): string
    {
        return 'sticks';
    }

    public function says(): string
    {
        return 'The sticks';
    }

    public function place(): int
    {
        return 10;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return self::axes($kit) !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        $springs = $kit->program->family === Family::GroundVehicle;

        return array_values(
            array_filter([
                ! in_array(Axis::Throttle, self::axes($kit), true)
                    ? null
                    : ($springs
                    ? new GuideLine('Throttle goes to its middle by itself', 'Put its centre spring in, or the trim back.')
                    : new GuideLine(
                        'The throttle stick stays where you leave it, and doesn\'t go to the middle by itself',
                        'Take its centre spring out, or loosen it: with a spring it can\'t be flown by hand.',
                    )),
                new GuideLine(
                    'Every stick goes to its corners and comes to rest in its middle; the transmitter shows 0 there',
                    'Calibrate the transmitter\'s sticks, as its sheet says, before any sub-trim.',
                ),
                $kit->controller?->wantsSticks === true
                    ? new GuideLine(
                        "{$kit->controller->name}: its own stick calibration is done, each stick from end to end, then ".
                            'all in the middle',
                        'Do it before its ends are read: what it learns there is what it takes for full travel.',
                    )
                    : null,
            ]),
        );
    }

    public function tested(): array
    {
        return [TestedPart::Controller, TestedPart::StickMode];
    }

    /** @return list<Axis> the axes of the sticks that move something */
    private static function axes(InstalledKit $kit): array
    {
        $axes = [];
        foreach ($kit->program->functions as $one) {
            if ($one instanceof ProportionalFunction && $one->drive instanceof AxisDrive) {
                $axes[] = $one->drive->axis;
            }
        }

        return $axes;
    }
}
