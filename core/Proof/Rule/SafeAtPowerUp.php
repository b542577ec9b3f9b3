<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Proof\DangerSearch;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Region;
use DuskSwitch\Core\Space\Witness;

/** Power-up is with every switch at rest, dials, sliders and trims anywhere; then somebody touches the throttle. */
final class SafeAtPowerUp implements Rule
{
    public function id(): string
    {
        return 'safe-at-power-up';
    }

    public function subject(): Subject
    {
        return Subject::PowerUp;
    }

    public function says(): string
    {
        return 'With every switch at rest and the throttle low (in the middle on a ground vehicle) nothing may be '.
            'armed and no motor may turn, wherever dials, sliders and trims stand; moving the throttle alone starts '.
            'no motor either.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $by = $context->armedBy();
        if ($by === null) {
            return Judgement::notChecked('no controller is chosen');
        }
        $found = $by === ArmedBy::Range ? $this->armed($context) : [];
        foreach ($context->motors() as $motor) {
            $turns = $this->turns($context, $motor);
            $found = [
                ...$found,
                ...$turns !== [] || $by !== ArmedBy::Throttle ? $turns : $this->raised($context, $motor),
            ];
        }
        if ($found === [] && $context->motors() === [] && $by === ArmedBy::Throttle) {
            return Judgement::doesNotApply('it has no motor');
        }

        return Judgement::of($found);
    }

    /** @return list<Finding> */
    private function armed(ProofContext $context): array
    {
        $raised = $context
            ->model()
            ->powerUp()
            ->between($context->panel->axis(Axis::Throttle), -1.0, 1.0);
        $channel = ($context->setup->arming?->channels() ?? [])[0] ?? 0;

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$channel}",
            'it powers up disarmed',
            new Question($raised, fn (array $seen): int => $context->view->armed($seen[0])),
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Error,
                "output:{$channel}",
                "It powers up armed: channel {$channel} is at ".
                    DangerSearch::pulse($context, $witness, $channel).
                    ' µs with every switch at rest. Turn the switch\'s positions round, so that rest is safe',
                $witness,
                detail: 'armed',
            ),
        );
    }

    /** @return list<Finding> */
    private function turns(ProofContext $context, Output $motor): array
    {
        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$motor->channel}",
            "{$motor->name} stands still at power-up",
            self::above($context, $motor, $context->throttleLow($context->model()->powerUp())),
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Error,
                "output:{$motor->channel}",
                "{$motor->name} is at ".
                    DangerSearch::pulse($context, $witness, $motor->channel).
                    " µs at power-up, {$context->running()}: it may start at once. ".
                    ($context->isCentred()
                        ? 'Put its centre at 1500 µs'
                        : 'Lower its low end or the first point of its curve').
                    ', or keep dials and trims out of it',
                $witness,
            ),
        );
    }

    /** @return list<Finding> */
    private function raised(ProofContext $context, Output $motor): array
    {
        $region = $context
            ->model()
            ->powerUp()
            ->between($context->panel->axis(Axis::Throttle), -1.0, 1.0);
        $hasCut = $context->program->whose(Purpose::MotorCut, Purpose::Arm) !== [];

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$motor->channel}",
            "raising the throttle after power-up doesn't start {$motor->name}",
            self::above($context, $motor, $region),
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                $hasCut || $context->isGoverned() ? Severity::Error : Severity::Warning,
                "output:{$motor->channel}",
                $hasCut
                    ? "Moving the throttle starts {$motor->name} right after power-up: the motor cut doesn't hold it ".
                        "with its switch at rest. Turn the switch's positions round, so that rest is cut"
                    : "{$motor->name} runs with the throttle and nothing holds it: a sleeve on the stick starts it. ".
                        'Add a motor cut on a two-position switch, cut at rest',
                $witness,
                detail: 'raised',
            ),
            'raised',
        );
    }

    private static function above(ProofContext $context, Output $motor, Region $region): Question
    {
        return new Question(
            $region,
            fn (array $seen): int => $context->runs($seen[0], $motor->channel),
            [],
            fn (array $seen): float => $context->farthest($seen[0], $motor->channel),
        );
    }
}
