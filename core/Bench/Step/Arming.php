<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Purpose;

/** What arms the motor, and what keeps it still. */
final class Arming implements BenchStep
{
    public function id(): string
    {
        return 'arming';
    }

    public function says(): string
    {
        return 'Arming and motor cut';
    }

    public function place(): int
    {
        return 120;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->program->whose(Purpose::Arm, Purpose::MotorCut) !== [];
    }

    public function guide(InstalledKit $kit): array
    {
        if ($kit->controller !== null) {
            return [];
        }

        return [
            new GuideLine(
                'With the cut on, the motor stays still whatever the throttle does',
                'Look at what follows the cut in the order of the channel\'s work: a mix after it starts the motor.',
            ),
            new GuideLine('The cut released with the stick down: it stays still'),
            new GuideLine('The cut released with the stick up: it starts only where you meant that'),
        ];
    }

    public function tested(): array
    {
        return [TestedPart::Arming, TestedPart::ArmingFunctions, TestedPart::Pulses];
    }
}
