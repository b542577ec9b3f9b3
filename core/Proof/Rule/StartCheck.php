<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** The transmitter warns at power-up when a switch is not at rest. */
final class StartCheck implements Rule
{
    public function id(): string
    {
        return 'start-check';
    }

    public function subject(): Subject
    {
        return Subject::StartCheck;
    }

    public function says(): string
    {
        return 'Every switch in use is checked at power-up: the transmitter warns when it is not at rest.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $missing = [];
        foreach ($context->transmitter->controls as $control) {
            $used =
                array_filter(
                    Routing::threads($context->program),
                    fn ($thread): bool => $thread->from === "control:{$control->id}",
                ) !== [];
            if (
                $used &&
                $control->detents !== [] &&
                $control->detents[0] !== 'pressed' &&
                ! in_array($control->id, $context->program->aboard->startCheck, true)
            ) {
                $missing[$control->id] = $control->name;
            }
        }
        if ($missing === []) {
            return Judgement::of([]);
        }
        $aboard = $context->program->aboard->with(
            startCheck: [...$context->program->aboard->startCheck, ...array_keys($missing)],
        );

        return Judgement::of([
            new Finding(
                $this->id(),
                Severity::Warning,
                'program',
                implode(', ', $missing).
                    (count($missing) === 1 ? ' is' : ' are').
                    ' not checked at power-up: it may wake up with a switch away from rest. Switch the warning on',
                null,
                'Check every switch in use',
                $context->program->with(aboard: $aboard),
            ),
        ]);
    }
}
