<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Proof\ControllerView;
use DuskSwitch\Core\Proof\DangerSearch;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;

/** A stick, a dial or a mix that arms by the way. */
final class ArmChannelAlone implements Rule
{
    public function id(): string
    {
        return 'arm-channel-alone';
    }

    public function subject(): Subject
    {
        return Subject::ForeignArm;
    }

    public function says(): string
    {
        return 'Nothing but the arm function moves an arm channel into its range: while it says disarmed, no stick, '.
            'dial or mix arms.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->armedBy() === null) {
            return Judgement::notChecked('no controller is chosen');
        }
        $ranges = $context->setup->arming->ranges ?? [];
        if ($context->armedBy() !== ArmedBy::Range || $ranges === []) {
            return Judgement::doesNotApply('it is not armed by a channel');
        }
        $arms = $context->program->whose(Purpose::Arm);
        $said = array_filter(
            $arms,
            fn (PilotFunction $one): bool => $one instanceof SteppedFunction &&
                $one->whose(Meaning::DISARMED) !== null &&
                $one->armed() !== null,
        );
        $fed = array_filter($ranges, fn (Slot $one): bool => $context->program->output($one->channel) !== null);
        if ($fed === []) {
            return Judgement::doesNotApply('nothing is on its arm channel');
        }
        if ($arms === [] || count($said) < count($arms)) {
            $what =
                $arms === []
                    ? 'no function has the purpose “arm”'
                    : 'the steps of '.
                        implode(
                            ', ',
                            array_map(fn (PilotFunction $one): string => $one->name(), array_diff_key($arms, $said)),
                        ).
                        ' don\'t say which is armed and which disarmed';

            return Judgement::of([
                new Finding(
                    $this->id(),
                    Severity::Error,
                    "output:{$ranges[0]->channel}",
                    "Not proven: {$what}, so nothing tells what may move channel {$ranges[0]->channel} into its arm ".
                        'range. Say it in the loom',
                    isOpen: true,
                    detail: 'open',
                ),
            ]);
        }

        return Judgement::of(
            array_merge([], ...array_map(fn (Slot $range): array => $this->found($context, $range), $fed)),
        );
    }

    /** @return list<Finding> */
    private function found(ProofContext $context, Slot $range): array
    {
        $question = new Question($context->model()->everything(), function (array $seen) use ($context, $range): int {
            $armed = ControllerView::holds($range, $seen[0]);

            return ($armed & Truth::HOLDS) === 0
                ? Truth::FAILS
                : Truth::both($armed, self::disarmed($context, $seen[0]));
        });

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$range->channel}",
            "only the arm function moves channel {$range->channel} into its arm range",
            $question,
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Error,
                "output:{$range->channel}",
                "Channel {$range->channel} is at ".
                    DangerSearch::pulse($context, $witness, $range->channel).
                    ' µs, in its arm range, while the arm function says disarmed: something else arms it. Take '.
                    'everything but the arm function out of that channel',
                $witness,
            ),
        );
    }

    private static function disarmed(ProofContext $context, Observed $seen): int
    {
        $truth = Truth::HOLDS;
        foreach ($context->program->whose(Purpose::Arm) as $function) {
            $one = 0;
            foreach ($function instanceof SteppedFunction ? $seen->steps($function->id) : [] as $step) {
                $one |= Truth::of(
                    $function instanceof SteppedFunction &&
                        $function->steps[$step]->means?->arms() !== true,
                );
            }
            $truth = Truth::both($truth, $one);
        }

        return $truth;
    }
}
