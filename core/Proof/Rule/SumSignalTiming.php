<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Solve\SumSignal;

/** All pulses one after another, in the time that a frame has. */
final class SumSignalTiming implements Rule
{
    public function id(): string
    {
        return 'sum-signal-timing';
    }

    public function subject(): Subject
    {
        return Subject::Timing;
    }

    public function says(): string
    {
        return 'A sum signal fits its frame of 22.5 ms, even with every pulse at its longest.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $wire = $context->program->aboard->kit->wire;
        if ($wire !== 'sum') {
            return $wire === null
                ? Judgement::notChecked('how the receiver passes its channels on is not chosen')
                : Judgement::doesNotApply('the receiver sends no sum signal');
        }
        $last = max([0, ...array_column($context->program->outputs, 'channel')]);

        return Judgement::of(
            SumSignal::fits($last)
                ? []
                : [
                    new Finding(
                        $this->id(),
                        Severity::Error,
                        "output:{$last}",
                        "A sum signal of {$last} channels may need ".
                            round(SumSignal::longest($last), 1).
                            ' ms, and its frame has '.
                            SumSignal::FRAME.
                            ' ms: at most '.
                            SumSignal::most().
                            ' channels fit. Use the serial wire, or fewer channels',
                    ),
                ],
        );
    }
}
