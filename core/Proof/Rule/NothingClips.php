<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Proof\DangerSearch;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Region;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;
use DuskSwitch\Core\Units\Range;

/** A stick that goes on while its channel stands still. */
final class NothingClips implements Rule
{
    /** Reaching the limit in the last part of the way takes little away (common practice). */
    private const WAY = 0.95;

    public function id(): string
    {
        return 'nothing-clips';
    }

    public function subject(): Subject
    {
        return Subject::Clip;
    }

    public function says(): string
    {
        return 'No channel reaches its limit before the stick reaches its end: beyond that the aircraft doesn\'t '.
            'answer any more.';
    }

    public function judge(ProofContext $context): Judgement
    {
        return Judgement::of(
            array_merge(
                [],
                ...array_map(fn (Output $output): array => $this->found($context, $output), $context->program->outputs),
            ),
        );
    }

    /** @return list<Finding> */
    private function found(ProofContext $context, Output $output): array
    {
        foreach (Axis::cases() as $axis) {
            $alone = DangerSearch::in(
                $context,
                $this->id(),
                "output:{$output->channel}",
                "{$output->name} doesn't clip",
                $this->alone($context, $output, $axis),
                fn (Witness $witness): Finding => $this->early($context, $output, $axis, $witness),
            );
            if ($alone !== []) {
                return $alone;
            }
        }

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$output->channel}",
            "{$output->name} doesn't clip",
            self::clips($context, $output, $context->model()->everything()),
            fn (Witness $witness): Finding => new Finding(
                $this->id(),
                Severity::Note,
                "output:{$output->channel}",
                $this->together($context, $output, $witness),
                $witness,
                detail: 'together',
            ),
        );
    }

    /** One stick inside its way, all else that glides at rest; with the stick at rest it doesn't clip. */
    private function alone(ProofContext $context, Output $output, Axis $axis): Question
    {
        $model = $context->model();
        $region = $model->everything();
        foreach ($region->spans as $input => $span) {
            $region = $input < $model->panel->size() ? $region->at($input, $model->panel->atRest()[$input]) : $region;
        }
        $stick = $model->panel->axis($axis);
        $region = $region->between($stick, -self::WAY, self::WAY);
        $still = $model->panel->atRest()[$stick];

        return new Question($region, function (array $seen) use ($output, $model, $stick, $still): int {
            $clips = $seen[0]->clips($output->channel);
            if (($clips & Truth::HOLDS) === 0 || ! ($seen[0] instanceof \DuskSwitch\Core\Space\Bounds)) {
                return $clips;
            }
            $rest = new \DuskSwitch\Core\Space\Bounds(
                $model,
                $seen[0]->region->at($stick, $still),
                null,
                $seen[0]->splits,
            );

            return Truth::both($clips, Truth::not($rest->clips($output->channel)));
        });
    }

    private static function clips(ProofContext $context, Output $output, Region $region): Question
    {
        return new Question($region, fn (array $seen): int => $seen[0]->clips($output->channel), [], function (
            array $seen,
        ) use ($output): float {
            $pulses = $seen[0]->pulses($output->channel);

            return $pulses === [] ? 0.0 : (float) max($pulses[count($pulses) - 1][1] - 1500, 1500 - $pulses[0][0]);
        });
    }

    private function early(ProofContext $context, Output $output, Axis $axis, Witness $witness): Finding
    {
        $from = $this->from($context, $output, $axis, $witness);
        $mended = $this->mended($context->program, $output);

        return new Finding(
            $this->id(),
            Severity::Warning,
            "output:{$output->channel}",
            "{$output->name} clips at ".
                round($from * 100).
                ' % of the stick: the rest of the way does nothing. Lower the amount of its feed, or open the limit',
            $witness,
            $mended === null ? null : 'Lower the amount so that full stick just reaches the limit',
            $mended,
        );
    }

    private function together(ProofContext $context, Output $output, Witness $witness): string
    {
        $sticks = array_values(
            array_filter(
                Axis::cases(),
                fn (Axis $axis): bool => $witness->hand[$context->panel->axis($axis)] !== $context->panel->rest($axis),
            ),
        );
        $levers = [];
        foreach ($context->transmitter->controls as $control) {
            if (
                $control->detents === [] &&
                $witness->hand[(int) $context->panel->control($control->id)] !== $control->restValue()
            ) {
                $driven = array_filter(
                    $context->program->functions,
                    fn (PilotFunction $one): bool => $one instanceof ProportionalFunction &&
                        $one->drive instanceof ControlDrive &&
                        $one->drive->control === $control->id,
                );
                $levers[] = (array_values($driven)[0] ?? null)?->name() ?? $control->name;
            }
        }
        if (count($sticks) !== 1 || $levers === []) {
            return "{$output->name} clips when everything is asked for at once: it stops at its limit. Lower an ".
                'amount, or fly on knowing it';
        }
        $with = implode(' and ', $levers);

        return "{$output->name} clips at ".
            round($this->from($context, $output, $sticks[0], $witness) * 100).
            " % of the stick together with {$with}, which takes the way that is missing. Lower the feed of {$with} here, or fly on knowing that the stick does less then";
    }

    /** The share of the stick's way after which it clips, 0 to 1. */
    private function from(ProofContext $context, Output $output, Axis $axis, Witness $witness): float
    {
        $stick = $context->panel->axis($axis);
        $clips = fn (float $x): bool => $context
            ->circuit()
            ->frame(array_values(array_replace($witness->hand, [$stick => $x])))
            ->outputs()[$output->channel]->clipped;
        [$free, $held] = [($rest = $context->panel->rest($axis)), $witness->hand[$stick]];
        // A throttle that rests at its low end has one way, from there to full.
        $share = fn (float $x): float => $rest === 0.0 ? abs($x) : ($x - $rest) / 2;
        if ($clips($free)) {
            return $share($held);
        }
        for ($i = 0; $i < 24; $i++) {
            $middle = ($free + $held) / 2;
            $clips($middle) ? ($held = $middle) : ($free = $middle);
        }

        return $share($held);
    }

    private function mended(Program $program, Output $output): ?Program
    {
        if (count($output->feeds) !== 1) {
            return null;
        }
        [$feed] = $output->feeds;
        $free = min(
            $output->travel->high > 0 ? ($output->limit->high - $output->subtrim) / $output->travel->high : 1.5,
            $output->travel->low > 0 ? ($output->subtrim - $output->limit->low) / $output->travel->low : 1.5,
            1.5,
        );
        $most = max(abs($feed->weight->low), abs($feed->weight->high));
        $by = $most > 0.0 ? min(1.0, $free / $most) : 1.0;
        $weight = new Range(round($feed->weight->low * $by, 4), round($feed->weight->high * $by, 4));
        $lower = $feed->with(weight: $weight);

        return $by >= 1.0
            ? null
            : $program->with(
                outputs: array_map(
                    fn (Output $one): Output => $one->channel === $output->channel
                        ? $output->with(feeds: [$lower])
                        : $one,
                    $program->outputs,
                ),
            );
    }
}
