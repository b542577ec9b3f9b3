<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\ButtonUse;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Press;
use DuskSwitch\Core\Program\Program;
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
        $found = [];
        foreach ($this->users($context->program) as $on => $users) {
            $names = $this->together($users);
            if ($names === []) {
                continue;
            }
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

    /** @return array<string, list<array{string, Press|null}>> name and press of each function, by what moves it */
    private function users(Program $program): array
    {
        $by = [];
        foreach ($program->functions as $function) {
            if (in_array($function->purpose(), self::MEANT, true)) {
                continue;
            }
            $use = $function instanceof SteppedFunction ? ButtonUse::of($function) : null;
            $drive =
                $function instanceof ProportionalFunction || $function instanceof SteppedFunction
                    ? $function->drive
                    : null;
            $on = match (true) {
                $use !== null => "control:{$use->button}",
                $drive instanceof AxisDrive => "axis:{$drive->axis->value}",
                $drive instanceof ControlDrive, $drive instanceof DetentDrive => "control:{$drive->control}",
                default => null,
            };
            if ($on !== null) {
                $by[$on][] = [$function->name(), $use?->press];
            }
        }

        return $by;
    }

    /**
     * Those that answer to what another answers to as well.
     *
     * @param  list<array{string, Press|null}>  $users
     * @return list<string>
     */
    private function together(array $users): array
    {
        $names = [];
        foreach ($users as $place => [$name, $press]) {
            foreach ($users as $other => [, $theirs]) {
                if ($place !== $other && ($press === null || $theirs === null || $press->meets($theirs))) {
                    $names[] = $name;

                    break;
                }
            }
        }

        return $names;
    }
}
