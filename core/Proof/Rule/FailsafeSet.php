<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Solve\SafeFailsafe;

/** What happens when the link is lost. */
final class FailsafeSet implements Rule
{
    public function id(): string
    {
        return 'failsafe';
    }

    public function says(): string
    {
        return 'Every channel has a failsafe. Never "keep the last" with throttle: a multirotor drops or comes home, an aeroplane closes its throttle, a helicopter holds.';
    }

    public function check(Evidence $evidence): array
    {
        $failsafe = $evidence->program->aboard->failsafe;
        $found = [];
        $mended = SafeFailsafe::for($evidence->circuit()->program->outputs === [] ? $evidence->program : $evidence->program, $evidence->transmitter, $evidence->controller);
        $missing = array_filter($evidence->program->outputs, fn ($output): bool => ! isset($failsafe[$output->channel]));
        if ($missing !== []) {
            $names = implode(', ', array_map(fn ($output): string => "{$output->channel} {$output->name}", array_slice($missing, 0, 4))).(count($missing) > 4 ? ' and '.(count($missing) - 4).' more' : '');
            $found[] = new Finding($this->id(), Severity::Error, 'program', "No failsafe is set for {$names}. Set it, then test it with the transmitter off and the propellers off", null, 'Set a safe failsafe for the family', $mended);
        }
        foreach ($evidence->motors() as $motor) {
            $does = $failsafe[$motor->channel] ?? null;
            $trouble = $this->trouble($does, $evidence);
            if ($does !== null && $trouble !== null) {
                $found[] = new Finding($this->id(), Severity::Error, "output:{$motor->channel}", "{$motor->name}: {$trouble}", null, 'Set a safe failsafe for the family', $mended);
            }
        }

        return $found;
    }

    private function trouble(?Failsafe $does, Evidence $evidence): ?string
    {
        $low = $evidence->setup->low ?? 1060;

        return match (true) {
            $does === null => null,
            $does->holds => 'its failsafe keeps the last throttle: without a link it flies on with the motor running. Close the throttle instead',
            $does->pulse !== null && $does->pulse > $low => "its failsafe gives {$does->pulse} µs, above {$low}: the motor runs on without a link. Close the throttle",
            $does->pulse === null && $evidence->controller?->kind !== ControllerKind::FlightController => 'its failsafe gives no pulses, and no flight controller is there to notice: what the speed controller does then is its own affair. Give it a low pulse',
            default => null,
        };
    }
}
