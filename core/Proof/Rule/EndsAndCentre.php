<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Reading;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Signal\OutputStages;
use DuskSwitch\Core\Solve\EndsCentre;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Ruler;

/** At the controller full stick is 1000 and 2000 µs, and the centre 1500. */
final class EndsAndCentre implements Rule
{
    /** µs that nobody feels (from memory). */
    private const TOLERANCE = 5;

    /** The inputs that a stick moves from end to end. */
    private const STICKS = [Role::InputRoll, Role::InputPitch, Role::InputThrottle, Role::InputYaw];

    public function id(): string
    {
        return 'ends-and-centre';
    }

    public function subject(): Subject
    {
        return Subject::Ends;
    }

    public function says(): string
    {
        return 'The stick channels of a controller reach 1000 and 2000 µs and rest at 1500 (common practice), as the '.
            'controller reads them: arming, and drift, depend on it.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->controller === null) {
            return Judgement::doesNotApply('it has no controller that reads pulses');
        }
        $sticks = array_values(
            array_filter(
                $context->program->outputs,
                fn (Output $one): bool => in_array($one->role, self::STICKS, true) &&
                    $this->stick($context, $one) !== null,
            ),
        );

        return $sticks === []
            ? Judgement::doesNotApply('no channel carries a stick alone to the controller')
            : Judgement::of(
                array_values(
                    array_filter(array_map(fn (Output $one): ?Finding => $this->found($context, $one), $sticks)),
                ),
            );
    }

    private function found(ProofContext $context, Output $output): ?Finding
    {
        $reading = $context->program->aboard->readings[$output->channel] ?? null;
        $reads = fn (float $sum): int => (int) round(
            self::read($reading, (float) $context->transmitter->scale->pulse(OutputStages::of($output, $sum)->signal)),
        );
        $ends = [$reads(-1.0), $reads(1.0)];
        sort($ends);
        $centre = $reads(0.0);
        $half = (Ruler::HIGH - Ruler::CENTRE) / $context->transmitter->scale->span;
        $plain = $half > 1.5 ? null : $output->with(travel: Range::both(round($half, 7)), subtrim: 0.0);
        $solved = $reading === null ? $plain : $this->solved($context, $output, $reading);
        $mended =
            $solved === null
                ? null
                : $context->program->with(
                    outputs: array_map(
                        fn (Output $one): Output => $one->channel === $output->channel ? $solved : $one,
                        $context->program->outputs,
                    ),
                );
        $mend =
            $mended === null
                ? null
                : ($reading === null
                    ? 'Travel for 1000 to 2000 µs, sub-trim 0'
                    : 'Travel and sub-trim that the reading asks for');
        $where = $reading === null ? '' : ', as read at the controller';
        if (max(abs($ends[0] - Ruler::LOW), abs($ends[1] - Ruler::HIGH)) > self::TOLERANCE) {
            return new Finding(
                $this->id(),
                Severity::Warning,
                "output:{$output->channel}",
                "{$output->name} goes from {$ends[0]} to {$ends[1]} µs{$where}; the controller wants 1000 to 2000. ".
                    'Set its travel',
                null,
                $mend,
                $mended,
            );
        }

        return $output->role !== Role::InputThrottle && abs($centre - Ruler::CENTRE) > self::TOLERANCE
            ? new Finding(
                $this->id(),
                Severity::Warning,
                "output:{$output->channel}",
                "{$output->name} rests at {$centre} µs{$where}, not 1500: it drifts. Put the trims in the middle, ".
                    'then correct the sub-trim',
                null,
                $mend,
                $mended,
            )
            : null;
    }

    /**
     * What was measured at the controller is not set aside for what would be right without it: the answer comes from
     * the reading.
     */
    private function solved(ProofContext $context, Output $output, Reading $reading): ?Output
    {
        [$short, $centre, $long] = array_map($reading->reads(...), EndsCentre::sent($output, $context->transmitter));
        try {
            return EndsCentre::solve(
                $output,
                $context->transmitter,
                $output->reverse ? $long : $short,
                $centre,
                $output->reverse ? $short : $long,
                $output->role !== Role::InputThrottle,
            );
        } catch (Refused) {
            return null;
        }
    }

    private static function read(?Reading $reading, float $pulse): float
    {
        return $reading === null ? $pulse : $reading->reads($pulse);
    }

    private function stick(ProofContext $context, Output $output): ?ProportionalFunction
    {
        $source = $output->feeds[0]->source ?? null;
        $function =
            count($output->feeds) === 1 && $source instanceof FunctionSource
                ? $context->program->function($source->function)
                : null;

        return $function instanceof ProportionalFunction && $function->drive instanceof AxisDrive ? $function : null;
    }
}
