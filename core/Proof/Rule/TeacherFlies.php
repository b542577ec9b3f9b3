<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\Bounds;
use DuskSwitch\Core\Space\Truth;

/** A student gets the sticks by the teacher's hand alone, and never at power-up (common practice). */
final class TeacherFlies implements Rule
{
    /** What is remembered, or comes from the aircraft: it hands the sticks over without the teacher's hand. */
    private const NOT_BY_HAND = [Toggle::class, Latch::class, Taps::class, SensorLevel::class];

    public function id(): string
    {
        return 'teacher-flies';
    }

    public function subject(): Subject
    {
        return Subject::Trainer;
    }

    public function says(): string
    {
        return 'With every switch at rest the teacher flies, and whoever lets the trainer switch go has the sticks '.
            'back at once.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $trainer = $context->program->trainer;
        if ($trainer === null) {
            return Judgement::doesNotApply('no trainer link is set up');
        }
        $model = $context->model();
        $sticky = array_filter(
            self::asked($trainer->when, $context->program),
            fn (Condition $one): bool => in_array($one::class, self::NOT_BY_HAND, true),
        );
        if ($sticky !== []) {
            return Judgement::of([
                new Finding(
                    $this->id(),
                    Severity::Error,
                    'program',
                    'The trainer link hangs on a press that is remembered or on telemetry: the teacher can\'t take the '.
                        'sticks back by letting go. Put it on a switch that springs back, or on a switch of its own',
                ),
            ]);
        }
        $rest = (new Bounds($model, $model->powerUp()))->truth($trainer->when);
        if ($rest === Truth::FAILS) {
            return Judgement::of([]);
        }

        return Judgement::of([
            $rest & Truth::HOLDS && ($rest & Truth::FAILS) === 0
                ? new Finding(
                    $this->id(),
                    Severity::Error,
                    'program',
                    'With every switch at rest the student flies. Turn the trainer switch round, or choose another',
                )
                : Finding::open($this->id(), 'program', 'the teacher flies at power-up', 'dials and sliders may stand anywhere'),
        ]);
    }

    /** @return list<Condition> with those that named conditions stand for */
    private static function asked(Condition $condition, Program $program): array
    {
        $all = [];
        $open = [$condition];
        $seen = [];
        while ($open !== []) {
            foreach (ConditionTree::all(array_pop($open)) as $one) {
                $all[] = $one;
                $named = $one instanceof Named ? $program->conditions[$one->name] ?? null : null;
                if ($one instanceof Named && $named !== null && ! isset($seen[$one->name])) {
                    $seen[$one->name] = true;
                    $open[] = $named;
                }
            }
        }

        return $all;
    }
}
