<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\UnfinishedParts;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Solve\PhaseReach;

/** Nothing hangs in the air. */
final class EverythingConnected implements Rule
{
    public function id(): string
    {
        return 'everything-connected';
    }

    public function subject(): Subject
    {
        return Subject::Connection;
    }

    public function says(): string
    {
        return 'Every function is driven, every output is fed and says what it moves, every phase can be active.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $found = [];
        foreach (UnfinishedParts::of($context->program) as $about => $gap) {
            $found[] = new Finding($this->id(), Severity::Warning, $about, $gap);
        }
        foreach (PhaseReach::notes($context->circuit()) as $phase => $note) {
            $found[] = new Finding($this->id(), Severity::Warning, "phase:{$phase}", $note);
        }
        foreach (PhaseReach::open($context->circuit()) as $phase => $why) {
            $found[] = Finding::open($this->id(), "phase:{$phase}", 'it can be active', $why);
        }
        foreach ($context->program->outputs as $output) {
            if ($output->role === null && $output->feeds !== []) {
                $found[] = $this->unsaid($context, $output);
            }
        }

        return Judgement::of($found);
    }

    private function unsaid(ProofContext $context, Output $output): Finding
    {
        $isMotor = in_array($output, $context->motors(), true);
        $outputs = array_map(
            fn (Output $one): Output => $one === $output ? $output->with(role: Role::Other) : $one,
            $context->program->outputs,
        );

        return new Finding(
            $this->id(),
            $isMotor ? Severity::Error : Severity::Warning,
            "output:{$output->channel}",
            "Nothing says what channel {$output->channel}, {$output->name}, moves".
                ($isMotor ? ': the throttle has a say in it, so it is taken for a motor' : '').
                '. Choose it in the fields of the output',
            null,
            $isMotor ? null : 'It moves something else',
            $isMotor ? null : $context->program->with(outputs: $outputs),
            'role',
            $isMotor,
        );
    }
}
