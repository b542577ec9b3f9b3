<?php

namespace DuskSwitch\Core\Bench\Step;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Signal\Compiler;

/** The sticks reach the corners that arm and stop. */
final class Corners implements BenchStep
{
    public function id(): string
    {
        return 'corners';
    }

    public function says(): string
    {
        return 'Corners of the sticks';
    }

    public function place(): int
    {
        return 110;
    }

    public function isNeeded(InstalledKit $kit): bool
    {
        return $kit->controller?->setUp($kit->program->aboard->controller)->arming?->by === ArmedBy::Sticks;
    }

    public function guide(InstalledKit $kit): array
    {
        $corner = function (float $yaw) use ($kit): string {
            $circuit = Compiler::compile($kit->program, $kit->transmitter);
            $inputs = $circuit->panel->atRest();
            $inputs[$circuit->panel->axis(Axis::Throttle)] = -1.0;
            $inputs[$circuit->panel->axis(Axis::Yaw)] = $yaw;
            $signals = $circuit->frame(array_values($inputs))->outputs();
            $shown = [];
            foreach ($kit->program->outputs as $one) {
                if ($one->role === Role::InputThrottle || $one->role === Role::InputYaw) {
                    $shown[] = "{$one->name} {$signals[$one->channel]->pulse} µs";
                }
            }

            return implode(', ', $shown);
        };
        $cure = 'It falls short: give the channel more travel, and look at expo, rates and limits on the way.';

        return [
            new GuideLine('Propellers are off'),
            new GuideLine("Throttle down, yaw right: {$corner(1.0)}, and it arms", $cure),
            new GuideLine("Throttle down, yaw left: {$corner(-1.0)}, and it stops", $cure),
            new GuideLine('Throttle down and yaw half way: nothing happens', 'Lower the travel of yaw, or its mixes.'),
        ];
    }

    public function tested(): array
    {
        return [TestedPart::Arming, TestedPart::Pulses];
    }
}
