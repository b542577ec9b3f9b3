<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;
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
use DuskSwitch\Core\Space\UnchangedCheck;
use DuskSwitch\Core\Space\Witness;

/** Releasing a motor cut while the throttle stick happens to be up. */
final class ThrottleRaised implements Rule
{
    public function id(): string
    {
        return 'release-with-throttle-up';
    }

    public function subject(): Subject
    {
        return Subject::ThrottleRaise;
    }

    public function says(): string
    {
        return 'Releasing a motor cut with the throttle up should start no motor. A controller that is armed refuses '.
            'that by itself; without one, a cut that waits for the stick to be low does.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $by = $context->armedBy();
        if ($by === null) {
            return Judgement::notChecked('no controller is chosen');
        }
        if ($by !== ArmedBy::Throttle) {
            return Judgement::doesNotApply('its controller doesn\'t arm with the throttle up');
        }
        $cuts = $this->cuts($context);
        if ($cuts === [] || $context->motors() === []) {
            return Judgement::doesNotApply('it has no motor cut on a switch');
        }
        $all = [];
        foreach ($context->motors() as $motor) {
            $found = [];
            foreach ($cuts as [$name, $control]) {
                $inputs = [(int) $context->panel->control($control)];
                foreach ($found === [] ? ControlMove::all($context->model(), $inputs) : [] as $move) {
                    $found = DangerSearch::in(
                        $context,
                        $this->id(),
                        "output:{$motor->channel}",
                        "releasing {$name} doesn't start {$motor->name}",
                        new Question(
                            $context->model()->everything(),
                            fn (array $seen): int => UnchangedCheck::of($seen[0], $seen[1], $motor->channel)
                                ? Truth::FAILS
                                : Truth::both(
                                    Truth::not($context->runs($seen[0], $motor->channel)),
                                    $context->runs($seen[1], $motor->channel),
                                ),
                            [$move],
                        ),
                        fn (Witness $witness): Finding => new Finding(
                            $this->id(),
                            Severity::Note,
                            "output:{$motor->channel}",
                            "Releasing {$name} with the throttle up starts {$motor->name} at once. A cut that waits ".
                                'for the stick to be low cures that: a latch, set by the switch and the throttle at '.
                                'its low end, reset by the switch',
                            $witness,
                        ),
                    );
                }
            }
            $all = [...$all, ...$found];
        }

        return Judgement::of($all);
    }

    /** @return list<array{string, string}> name and control of every motor cut on a switch or a button */
    private function cuts(ProofContext $context): array
    {
        $cuts = [];
        foreach ($context->program->whose(Purpose::MotorCut) as $function) {
            if ($function instanceof SteppedFunction && $function->drive instanceof DetentDrive) {
                $cuts[] = [$function->name, $function->drive->control];
            }
        }

        return $cuts;
    }
}
