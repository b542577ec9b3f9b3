<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\DangerSearch;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\ControlMove;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;

/** One flick saves it. */
final class SavingModeOneMoveAway implements Rule
{
    public function id(): string
    {
        return 'saving-mode-one-move-away';
    }

    public function subject(): Subject
    {
        return Subject::SavingMode;
    }

    public function says(): string
    {
        return 'From every armed state one flick of one switch leads to a mode that saves the aircraft: self-level, '.
            'or come home.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->controller === null) {
            return $context->armedBy() === null
                ? Judgement::notChecked('no controller is chosen')
                : Judgement::doesNotApply('it has no controller');
        }
        if (array_filter($context->controller->modes, fn (Mode $one): bool => $one->saves && $one->flight) === []) {
            return Judgement::doesNotApply(
                "{$context->controller->name} has no mode that saves the aircraft by itself",
            );
        }
        $saving = $context->view->saving();
        if ($saving === []) {
            return Judgement::of([
                new Finding(
                    $this->id(),
                    Severity::Note,
                    'program',
                    "{$context->controller->name} has modes that save the aircraft, and none of them has a range. ".
                        'Give self-level or come-home a position of the mode switch',
                    detail: 'none',
                ),
            ]);
        }
        $channels = array_values(array_unique(array_map(fn (Slot $one): int => $one->channel, $context->view->flight)));

        return Judgement::of(
            DangerSearch::in(
                $context,
                $this->id(),
                'program',
                'a saving mode is one flick away from every armed state',
                $this->question($context, $saving, ...$channels),
                fn (Witness $witness): Finding => new Finding(
                    $this->id(),
                    Severity::Warning,
                    'program',
                    'From here no single flick leads to a mode that saves the aircraft. Give self-level or come-home '.
                        'a position of the mode switch',
                    $witness,
                    channels: $channels,
                ),
            ),
        );
    }

    /**
     * Where it is armed, in no saving mode, and no flick leads to one.
     *
     * @param  list<string>  $saving
     */
    private function question(ProofContext $context, array $saving, int ...$channels): Question
    {
        return new Question(
            $context->model()->everything(),
            function (array $seen) use ($context, $saving): int {
                $stuck = Truth::both(
                    $context->view->armed($seen[0]),
                    Truth::not($context->view->takes($seen[0], ...$saving)),
                );
                foreach (array_slice($seen, 1) as $then) {
                    if (($stuck & Truth::HOLDS) === 0) {
                        return Truth::FAILS;
                    }
                    $stuck = Truth::both($stuck, Truth::not($context->view->takes($then, ...$saving)));
                }

                return $stuck;
            },
            ControlMove::all($context->model(), $context->switches(...$channels)),
            fn (array $seen): float => self::stuck($context, $saving, $seen),
        );
    }

    /**
     * After how many moves no saving mode is taken; half of one where it may be taken or not.
     *
     * @param  list<string>  $saving
     * @param  list<Observed>  $seen
     */
    private static function stuck(ProofContext $context, array $saving, array $seen): float
    {
        return array_sum(
            array_map(
                fn (Observed $one): float => match (true) {
                    ($context->view->takes($one, ...$saving) & Truth::HOLDS) === 0 => 1.0,
                    ($context->view->takes($one, ...$saving) & Truth::FAILS) !== 0 => 0.5,
                    default => 0.0,
                },
                $seen,
            ),
        );
    }
}
