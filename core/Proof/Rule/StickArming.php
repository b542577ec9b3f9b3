<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Role;
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

/** The corner of the sticks arms, and nothing short of it. */
final class StickArming implements Rule
{
    /** From here on a stick counts as in its corner, in µs (common practice). */
    private const CORNER = 1900;

    /** Inside this part of its way a stick must not be taken for one in the corner. */
    private const SHORT = 0.6;

    public function id(): string
    {
        return 'stick-arming';
    }

    public function subject(): Subject
    {
        return Subject::StickArming;
    }

    public function says(): string
    {
        return 'Where the sticks arm, full travel reaches the corner in every phase, and less than most of the way '.
            'doesn\'t.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->armedBy() !== ArmedBy::Sticks) {
            return Judgement::doesNotApply('it is not armed by the sticks');
        }
        $by = fn (Role $role): ?Output => array_values(
            array_filter($context->program->outputs, fn (Output $one): bool => $one->role === $role),
        )[0] ?? null;
        [$yaw, $throttle] = [$by(Role::InputYaw), $by(Role::InputThrottle)];
        if ($yaw === null || $throttle === null) {
            return Judgement::notChecked(
                'no output has the role of the controller\'s '.($yaw === null ? 'yaw' : 'throttle').' input',
            );
        }
        $corner = fn (Observed $seen): int => Truth::both(
            ControllerView::above($seen, $yaw->channel, self::CORNER - 1),
            Truth::not(ControllerView::above($seen, $throttle->channel, $context->low())),
        );

        return Judgement::of([
            ...$this->full($context, $corner, $yaw, $throttle),
            ...$this->short($context, $corner, $yaw),
        ]);
    }

    /**
     * @param  \Closure(Observed): int  $corner
     * @return list<Finding> where full sticks don't reach the corner
     */
    private function full(ProofContext $context, \Closure $corner, Output $yaw, Output $throttle): array
    {
        $region = $context->throttleLow($context->model()->everything())->at($context->panel->axis(Axis::Yaw), 1.0);

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$yaw->channel}",
            'full sticks reach the corner',
            new Question($region, fn (array $seen): int => Truth::not($corner($seen[0]))),
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Error,
                "output:{$yaw->channel}",
                "The sticks in their corner give {$yaw->name} ".
                    DangerSearch::pulse($context, $witness, $yaw->channel).
                    " µs and {$throttle->name} ".
                    DangerSearch::pulse($context, $witness, $throttle->channel).
                    ' µs: that arms, and disarms, nothing. Full travel must reach '.
                    self::CORNER.
                    " µs with the throttle below {$context->low()}",
                $witness,
                detail: 'full',
            ),
            'full',
        );
    }

    /**
     * @param  \Closure(Observed): int  $corner
     * @return list<Finding> where sticks well short of the corner are in it
     */
    private function short(ProofContext $context, \Closure $corner, Output $yaw): array
    {
        $yawStick = $context->panel->axis(Axis::Yaw);
        $region = $context->throttleLow($context->model()->everything())->between($yawStick, -1.0, self::SHORT);

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$yaw->channel}",
            'less than the corner doesn\'t arm',
            new Question($region, fn (array $seen): int => $corner($seen[0])),
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Error,
                "output:{$yaw->channel}",
                "{$yaw->name} is at ".
                    DangerSearch::pulse($context, $witness, $yaw->channel).
                    ' µs with the stick well short of its corner: that may arm. Lower its travel, and take trims and '.
                    'mixes out of it',
                $witness,
                detail: 'short',
            ),
            'short',
        );
    }
}
