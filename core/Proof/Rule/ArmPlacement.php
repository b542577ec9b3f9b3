<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Proof\DangerSearch;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\ControlMove;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;

/** It can be armed, and not by passing. */
final class ArmPlacement implements Rule
{
    public function id(): string
    {
        return 'arm-placement';
    }

    public function subject(): Subject
    {
        return Subject::ArmPlacement;
    }

    public function says(): string
    {
        return 'Some position arms it, on the channel where the controller looks; and no armed position lies between '.
            'two disarmed ones on a switch.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->armedBy() === null) {
            return Judgement::notChecked('no controller is chosen');
        }
        $channels = $context->setup->arming?->channels() ?? [];
        if ($context->armedBy() !== ArmedBy::Range || $channels === []) {
            return Judgement::doesNotApply('it is not armed by a channel');
        }
        $anywhere = $context->ask(
            new Question($context->model()->everything(), fn (array $seen): int => $context->view->armed($seen[0])),
        );
        if ($anywhere->witness === null) {
            return Judgement::of([
                $anywhere->open !== null
                    ? Finding::open($this->id(), "output:{$channels[0]}", 'it can be armed', $anywhere->open)
                    : new Finding(
                        $this->id(),
                        Severity::Error,
                        "output:{$channels[0]}",
                        'Nothing arms it: no position puts channel '.
                            implode(' or ', $channels).
                            ' into the range where the controller arms. Put the arm function on that channel, or set '.
                            'the range in the controller',
                        detail: 'never',
                    ),
            ]);
        }
        $found = [];
        foreach ($context->switches(...$channels) as $input) {
            $control = $context->model()->control($input);
            if ($control !== null && count($control->detents) === 3) {
                $found = [...$found, ...$this->inPassing($context, $input, $control, $channels)];
            }
        }

        return Judgement::of($found);
    }

    /**
     * @param  list<int>  $channels
     * @return list<Finding> where a switch arms in its middle and at neither end
     */
    private function inPassing(ProofContext $context, int $input, Control $control, array $channels): array
    {
        $moves = array_map(
            fn (string $detent): ControlMove => new ControlMove($input, [$control->valueOf($detent) ?? 0.0]),
            ['middle', 'away', 'toward'],
        );
        $question = new Question(
            $context->model()->everything(),
            function (array $seen) use ($context): int {
                [, $middle, $away, $toward] = array_map($context->view->armed(...), $seen);

                return Truth::both($middle, Truth::both(Truth::not($away), Truth::not($toward)));
            },
            $moves,
        );

        return DangerSearch::in(
            $context,
            $this->id(),
            "control:{$control->id}",
            "{$control->name} doesn't arm in passing",
            $question,
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Error,
                "control:{$control->id}",
                "{$control->name} arms in its middle and disarms at both ends: it arms in passing, and one ".
                    'flick too far changes it. Put armed at an end',
                $witness,
                channels: $channels,
            ),
        );
    }
}
