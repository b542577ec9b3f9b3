<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** Two functions on one control move together. */
final class OneFunctionAControl implements Rule
{
    /** Throttle and collective share their stick on every helicopter. */
    private const MEANT = [Purpose::Throttle, Purpose::Collective];

    public function id(): string
    {
        return 'one-function-a-control';
    }

    public function subject(): Subject
    {
        return Subject::SharedControl;
    }

    public function says(): string
    {
        return 'Two functions on one control move together; that must be meant.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $by = [];
        foreach ($context->program->functions as $function) {
            $drive =
                $function instanceof ProportionalFunction || $function instanceof SteppedFunction
                    ? $function->drive
                    : null;
            $on = match (true) {
                $drive instanceof AxisDrive => "axis:{$drive->axis->value}",
                $drive instanceof ControlDrive, $drive instanceof DetentDrive => "control:{$drive->control}",
                default => null,
            };
            if ($on !== null && ! in_array($function->purpose(), self::MEANT, true)) {
                $by[$on][] = $function->name();
            }
        }
        $found = [];
        foreach (array_filter($by, fn (array $names): bool => count($names) > 1) as $on => $names) {
            [$kind, $id] = explode(':', $on);
            $name = $kind === 'axis' ? "The {$id} stick" : $context->transmitter->control($id)->name ?? $id;
            $found[] = new Finding(
                $this->id(),
                Severity::Note,
                $on,
                "{$name} moves ".
                    implode(' and ', $names).
                    ' together. If that isn\'t meant, give one of them a control of its own',
            );
        }

        return Judgement::of($found);
    }
}
