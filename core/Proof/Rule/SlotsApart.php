<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** Ranges that share pulses wait for the day when a pulse lands there. */
final class SlotsApart implements Rule
{
    public function id(): string
    {
        return 'slots-apart';
    }

    public function subject(): Subject
    {
        return Subject::ModeSlot;
    }

    public function says(): string
    {
        return 'The slots of two flight modes on a channel share no pulse, unless it is said which of them wins.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $slots = $context->view->flight;
        $found = [];
        foreach ($slots as $place => $one) {
            foreach (array_slice($slots, $place + 1) as $other) {
                if (
                    $one->mode !== $other->mode &&
                    $one->overlaps($other) &&
                    $context->view->isUnsaid($one->mode, $other->mode)
                ) {
                    $found[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        "output:{$one->channel}",
                        $this->told($context, $one, $other),
                        detail: "{$one->mode} {$other->mode} {$one->from} {$other->from}",
                    );
                }
            }
        }

        return $slots === [] ? Judgement::doesNotApply('no range of a flight mode is set') : Judgement::of($found);
    }

    private function told(ProofContext $context, Slot $one, Slot $other): string
    {
        [$from, $to] = [max($one->from, $other->from), min($one->to, $other->to)];

        return "The slots of {$context->view->nameOf(
            $one->mode,
        )} and {$context->view->nameOf($other->mode)} both hold {$from} to {$to} µs of channel {$one->channel}. End ".
            'one where the other begins, or say which wins';
    }
}
