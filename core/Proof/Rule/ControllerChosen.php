<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** What arms a multirotor is its controller: without one nothing about arming can be judged. */
final class ControllerChosen implements Rule
{
    public function id(): string
    {
        return 'controller-chosen';
    }

    public function subject(): Subject
    {
        return Subject::Connection;
    }

    public function says(): string
    {
        return 'The controller is known where one is needed: a multirotor is armed by it, and only with it can the '.
            'proof say when, and in which mode.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $named = $context->program->controller;
        if ($named !== null && $context->controller === null) {
            return Judgement::of([
                new Finding(
                    $this->id(),
                    Severity::Error,
                    'program',
                    "Not proven: there is no controller \"{$named}\" in Equipment, so nothing says when it is armed, ".
                        'nor where its modes are. Choose another in Kit, or bring it back in Equipment',
                    isOpen: true,
                ),
            ]);
        }

        return $context->armedBy() !== null
            ? Judgement::of([])
            : Judgement::of([
                new Finding(
                    $this->id(),
                    Severity::Error,
                    'program',
                    'No controller is chosen: nothing says when it is armed, nor where its modes are. Choose the '.
                        'controller in Kit; then the proof goes on',
                    isOpen: true,
                ),
            ]);
    }
}
