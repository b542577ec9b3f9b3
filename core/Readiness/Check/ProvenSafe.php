<?php

namespace DuskSwitch\Core\Readiness\Check;

use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;

/** The proof found no error that wasn't accepted, and could decide every rule. */
final class ProvenSafe implements ReadinessCheck
{
    public function item(): ReadinessItem
    {
        return ReadinessItem::Proof;
    }

    public function judge(ReadinessContext $context): JudgedItem
    {
        $errors = array_values(
            array_filter(
                $context->proof->findings,
                fn (Finding $one): bool => $one->severity === Severity::Error,
            ),
        );
        if ($errors !== []) {
            return JudgedItem::open(
                $this->item(),
                (count($errors) === 1 ? 'One error: ' : count($errors).' errors, the first: ')."{$errors[0]->says}.",
            );
        }
        foreach ($context->proof->rules as [, $judgement]) {
            if ($judgement->answer === Answer::NotChecked) {
                return JudgedItem::open($this->item(), "Not checked, because {$judgement->why}.");
            }
        }
        $accepted = count(
            array_filter(
                $context->proof->accepted,
                fn (array $one): bool => $one[0]->severity === Severity::Error,
            ),
        );

        return JudgedItem::done(
            $this->item(),
            match ($accepted) {
                0 => 'No error in any switch position.',
                1 => 'No error in any switch position but one that was accepted.',
                default => "No error in any switch position but {$accepted} that were accepted.",
            },
        );
    }
}
