<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;
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

/** One move of one switch stops it, wherever the others stand. */
final class OneMoveDisarms implements Rule
{
    public function id(): string
    {
        return 'one-move-disarms';
    }

    public function subject(): Subject
    {
        return Subject::OneMove;
    }

    public function says(): string
    {
        return 'One move of one switch or button, always the same, must disarm or stop the motor from every state.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $by = $context->armedBy();
        if ($by === null) {
            return Judgement::notChecked('no controller is chosen');
        }
        if ($by === ArmedBy::Sticks || $by === ArmedBy::Button) {
            return Judgement::doesNotApply("it is armed and disarmed by {$by->says()}");
        }
        $channels =
            $by === ArmedBy::Range
                ? $context->setup->arming?->channels() ?? []
                : array_map(fn (Output $one): int => $one->channel, $context->motors());
        if ($channels === [] || ($by === ArmedBy::Throttle && $context->motors() === [])) {
            return Judgement::doesNotApply('it has no motor');
        }
        $live = fn (Observed $seen): int => $by === ArmedBy::Range
            ? $context->view->armed($seen)
            : $context->turns($seen);
        if (
            $by === ArmedBy::Range &&
            $context
                ->ask(new Question($context->model()->everything(), fn (array $seen): int => $live($seen[0])))
                ->isNowhere()
        ) {
            return Judgement::doesNotApply('nothing arms it');
        }

        return $this->judged($context, $by, $channels, $live);
    }

    /**
     * @param  list<int>  $channels
     * @param  callable(Observed): int  $live
     */
    private function judged(ProofContext $context, ArmedBy $by, array $channels, callable $live): Judgement
    {
        $moves = $this->likelyFirst($context, ControlMove::all($context->model(), $context->switches(...$channels)));
        $shows = $why = null;
        foreach ($moves as $move) {
            $outcome = $context->ask(
                new Question(
                    $context->model()->everything(),
                    function (array $seen) use ($live): int {
                        $before = $live($seen[0]);

                        return ($before & Truth::HOLDS) === 0 ? Truth::FAILS : Truth::both($before, $live($seen[1]));
                    },
                    [$move],
                ),
            );
            if ($outcome->isNowhere()) {
                return Judgement::of([]);
            }
            $shows ??= $outcome->witness;
            $why ??= $outcome->open;
        }
        if ($why !== null) {
            return Judgement::of([Finding::open($this->id(), 'program', 'one move always stops it', $why)]);
        }
        // A cut that doesn't cut is worse than none: somebody trusts it.
        $runsWithThrottle =
            $by === ArmedBy::Throttle && ! $context->isGoverned() && $context->program->whose(Purpose::MotorCut) === [];
        // A state that no move gets out of shows it best; there may be none, where each state has a move of its own.
        $shows =
            $context->ask(
                new Question(
                    $context->model()->everything(),
                    function (array $seen) use ($live): int {
                        $truth = Truth::HOLDS;
                        foreach ($seen as $one) {
                            $truth = ($truth & Truth::HOLDS) === 0 ? Truth::FAILS : Truth::both($truth, $live($one));
                        }

                        return $truth;
                    },
                    $moves,
                ),
            )->witness ?? $shows;

        return Judgement::of([
            new Finding(
                $this->id(),
                $runsWithThrottle ? Severity::Warning : Severity::Error,
                'program',
                $runsWithThrottle
                    ? 'No switch stops the motor: only the throttle stick does. Add a motor cut on a two-position '.
                        'switch of its own'
                    : 'No single switch disarms it from every state. Put arm, or a motor cut, on a two-position '.
                        'switch of its own, and let nothing be mixed in after it',
                $shows,
                channels: $channels,
            ),
        ]);
    }

    /**
     * Moves of the control that arms or cuts before those of others.
     *
     * @param  list<ControlMove>  $moves
     * @return list<ControlMove>
     */
    private function likelyFirst(ProofContext $context, array $moves): array
    {
        $likely = [];
        foreach ($context->program->whose(Purpose::Arm, Purpose::MotorCut) as $function) {
            $drive = $function instanceof SteppedFunction ? $function->drive : null;
            if ($drive instanceof DetentDrive) {
                $likely[] = (int) $context->panel->control($drive->control);
            } elseif ($drive instanceof CaseDrive) {
                array_push($likely, ...$context->model()->dependency->inputs("function:{$function->id()}"));
            }
        }
        usort(
            $moves,
            fn (ControlMove $one, ControlMove $other): int => in_array($other->input, $likely, true) <=>
                in_array($one->input, $likely, true),
        );

        return $moves;
    }
}
