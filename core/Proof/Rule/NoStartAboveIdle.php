<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Output;
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

/** Armed with the stick low means idle, whatever else is moved. */
final class NoStartAboveIdle implements Rule
{
    public function id(): string
    {
        return 'no-start-above-idle';
    }

    public function subject(): Subject
    {
        return Subject::Idle;
    }

    public function says(): string
    {
        return 'Armed with the throttle low, no motor may run above the low mark, whatever dials, trims and other '.
            'sticks do; a ground vehicle\'s stands still with the throttle in the middle. A governed rotor is judged '.
            'in its first phase.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->armedBy() === null) {
            return Judgement::notChecked('no controller is chosen');
        }
        if ($context->motors() === []) {
            return Judgement::doesNotApply('it has no motor');
        }
        $found = [];
        foreach ($context->motors() as $motor) {
            $first = $this->found($context, $motor, true);
            $found = [
                ...$found,
                ...$first === [] && $context->isGoverned() ? $this->found($context, $motor, false) : $first,
            ];
        }

        return Judgement::of($found);
    }

    /** @return list<Finding> */
    private function found(ProofContext $context, Output $motor, bool $isFirst): array
    {
        $question = new Question(
            $context->throttleLow($context->model()->everything()),
            function (array $seen) use ($context, $motor, $isFirst): int {
                $phase = ! $context->isGoverned() || ! $isFirst ? Truth::HOLDS : self::inFirst($seen[0]);
                $live = Truth::both($phase, $context->view->armed($seen[0]));

                return ($live & Truth::HOLDS) === 0
                    ? Truth::FAILS
                    : Truth::both($live, $context->runs($seen[0], $motor->channel));
            },
            [],
            fn (array $seen): float => $context->farthest($seen[0], $motor->channel),
        );

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$motor->channel}",
            "{$motor->name} idles with the throttle low",
            $question,
            function (Witness $witness) use ($context, $motor, $isFirst): Finding {
                $pulse = DangerSearch::pulse($context, $witness, $motor->channel);

                return new Finding(
                    $this->id(),
                    $isFirst ? Severity::Error : Severity::Note,
                    "output:{$motor->channel}",
                    $context->isCentred()
                        ? "{$motor->name} runs at {$pulse} µs with the throttle in the middle, {$context->running()}. Put its centre at 1500 µs, and keep what else moves it out"
                        : ($isFirst
                            ? "{$motor->name} runs at {$pulse} µs with the throttle low. Lower the first point of ".
                                "its curve or its low end, and keep what else moves it below {$context->low()} µs"
                            : "In this state {$motor->name} runs at {$pulse} µs with the stick low. Release Hold ".
                                'only in the first style, where it spools from rest'),
                    $witness,
                );
            },
        );
    }

    private static function inFirst(Observed $seen): int
    {
        $phases = $seen->phases();

        return Truth::among($phases, 0);
    }
}
