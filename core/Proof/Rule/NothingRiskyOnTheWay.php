<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\ControllerView;
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

/** A three-position switch passes its middle. */
final class NothingRiskyOnTheWay implements Rule
{
    public function id(): string
    {
        return 'nothing-risky-on-the-way';
    }

    public function subject(): Subject
    {
        return Subject::ModePassage;
    }

    public function says(): string
    {
        return 'A three-position switch must not pass through a dangerous mode on its way from one end to the other.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $risky = array_values(
            array_filter(
                $context->setup->modes ?? [],
                fn (Slot $one): bool => ($context->view->mode($one->mode)->risky ?? false) &&
                    $context->program->output($one->channel) !== null,
            ),
        );
        if ($risky === []) {
            return $context->armedBy() === null
                ? Judgement::notChecked('no controller is chosen')
                : Judgement::doesNotApply('no dangerous mode has a range on a channel in use');
        }
        $found = [];
        foreach ($risky as $slot) {
            foreach ($context->switches($slot->channel) as $input) {
                $found = [...$found, ...$this->passed($context, $slot, $input)];
            }
        }

        return Judgement::of($found);
    }

    /** @return list<Finding> */
    private function passed(ProofContext $context, Slot $slot, int $input): array
    {
        $control = $context->model()->control($input);
        if ($control === null || count($control->detents) !== 3) {
            return [];
        }
        $moves = array_map(
            fn (string $detent): ControlMove => new ControlMove($input, [$control->valueOf($detent) ?? 0.0]),
            ['away', 'toward'],
        );
        $question = new Question(
            $context->model()->everything()->at($input, 0.0),
            function (array $seen) use ($slot): int {
                [$middle, $away, $toward] = array_map(fn ($one): int => ControllerView::holds($slot, $one), $seen);

                return Truth::both($middle, Truth::both(Truth::not($away), Truth::not($toward)));
            },
            $moves,
        );

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$slot->channel}",
            "{$control->name} passes no {$context->view->nameOf($slot->mode)}",
            $question,
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Warning,
                "output:{$slot->channel}",
                "{$context->view->nameOf(
                    $slot->mode,
                )} lies in the middle of a three-position switch, {$control->name}, which passes it on every way ".
                    'from end to end. Put it at an end, or on a switch of its own',
                $witness,
                detail: "{$slot->mode} {$control->id}",
            ),
            "{$slot->mode} {$control->id}",
        );
    }
}
