<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** The two would fight each other. */
final class NoTrimOnAStabiliser implements Rule
{
    /** What a stabiliser flies. */
    private const FLOWN = [Purpose::Roll, Purpose::Pitch, Purpose::Yaw, Purpose::Throttle, Purpose::Collective];

    public function id(): string
    {
        return 'no-trim-on-a-stabiliser';
    }

    public function subject(): Subject
    {
        return Subject::StabiliserTrim;
    }

    public function says(): string
    {
        return 'No trim and no sub-trim on a stabiliser\'s channels: the two fight each other, and the model kicks '.
            'on spool-up and spool-down (common practice).';
    }

    public function judge(ProofContext $context): Judgement
    {
        if (! $context->isStabilised()) {
            return Judgement::doesNotApply('no stabiliser flies it');
        }
        $found = [];
        $program = $context->program;
        foreach ($program->functions as $function) {
            if (
                $function instanceof ProportionalFunction &&
                $function->trim !== null &&
                $function->trim->authority > 0 &&
                in_array($function->purpose, self::FLOWN, true)
            ) {
                $without = array_map(
                    fn (PilotFunction $one): PilotFunction => $one === $function ? $function->with(trim: null) : $one,
                    $program->functions,
                );
                $found[] = new Finding(
                    $this->id(),
                    Severity::Error,
                    "function:{$function->id}",
                    "{$function->name} has a trim, and a stabiliser flies it: the two fight each other. Take the ".
                        'trim away',
                    null,
                    'Take the trim away',
                    $program->with(functions: $without),
                );
            }
        }
        foreach ($program->outputs as $output) {
            if ($output->subtrim !== 0.0) {
                $outputs = array_map(
                    fn (Output $one): Output => $one === $output ? $output->with(subtrim: 0.0) : $one,
                    $program->outputs,
                );
                $found[] = new Finding(
                    $this->id(),
                    Severity::Error,
                    "output:{$output->channel}",
                    "{$output->name} has a sub-trim of ".
                        round($output->subtrim * 100, 1).
                        ' %, and a stabiliser listens to it. Set it to 0 and centre in the stabiliser',
                    null,
                    'Sub-trim 0',
                    $program->with(outputs: $outputs),
                );
            }
        }

        return Judgement::of($found);
    }
}
