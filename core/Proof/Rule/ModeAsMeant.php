<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Proof\ControllerView;
use DuskSwitch\Core\Proof\DangerSearch;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\Bounds;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;

/** A switch named for one thing that the controller takes for another. */
final class ModeAsMeant implements Rule
{
    public function id(): string
    {
        return 'mode-as-meant';
    }

    public function subject(): Subject
    {
        return Subject::ModeSlot;
    }

    public function says(): string
    {
        return 'The mode that the controller takes is the mode that the step means; a step that means something else '.
            'lies in no mode\'s range.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->controller === null) {
            return $context->armedBy() === null
                ? Judgement::notChecked('no controller is chosen')
                : Judgement::doesNotApply('it has no controller');
        }
        $found = [];
        $slots = $context->setup->modes ?? [];
        foreach ($context->program->functions as $function) {
            foreach (
                $function instanceof SteppedFunction ? $this->channels($context, $function, $slots) : [] as $channel
            ) {
                $found = [
                    ...$found,
                    ...$function instanceof SteppedFunction ? $this->function($context, $function, $channel) : [],
                ];
            }
        }

        return $slots === [] ? Judgement::doesNotApply('no range of a mode is set') : Judgement::of($found);
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<int> the channels with ranges that a function feeds
     */
    private function channels(ProofContext $context, SteppedFunction $function, array $slots): array
    {
        $channels = array_values(array_unique(array_map(fn (Slot $one): int => $one->channel, $slots)));

        return array_values(
            array_filter($channels, fn (int $channel): bool => $this->feeds($context, $function, $channel)),
        );
    }

    /**
     * True where a function's signal goes into a channel, itself or by way of other channels; a condition on it doesn't
     * count.
     *
     * @param  array<int, true>  $seen  channels that were looked through already
     */
    private function feeds(ProofContext $context, SteppedFunction $function, int $channel, array &$seen = []): bool
    {
        $seen[$channel] = true;
        foreach ($context->program->output($channel)->feeds ?? [] as $feed) {
            $source = $feed->source;
            if (
                ($source instanceof FunctionSource && $source->function === $function->id) ||
                ($source instanceof OutputSource &&
                    ! isset($seen[$source->channel]) &&
                    $this->feeds($context, $function, $source->channel, $seen))
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * What each step is taken as; of the steps that don't say what they mean the first is enough.
     *
     * @return list<Finding>
     */
    private function function(ProofContext $context, SteppedFunction $function, int $channel): array
    {
        $found = [];
        $isAsked = false;
        foreach ($function->steps as $place => $step) {
            // On a channel that also arms, a step says whether it's armed; which mode goes with it is the controller's.
            $isArm =
                in_array($channel, $context->setup->arming?->channels() ?? [], true) &&
                $step->means?->word !== null &&
                ! $step->means->is(Meaning::OTHER);
            if ($isArm || ($step->means === null && $isAsked)) {
                continue;
            }
            $one = $this->step($context, $function, $place, $channel);
            $isAsked = $isAsked || ($step->means === null && $one !== []);
            array_push($found, ...$one);
        }

        return $found;
    }

    /** @return list<Finding> */
    private function step(ProofContext $context, SteppedFunction $function, int $place, int $channel): array
    {
        $step = $function->steps[$place];
        $about = "output:{$channel}";
        $detail = "{$function->id} {$step->id}";
        if ($step->means?->mode !== null && $context->view->mode($step->means->mode) === null) {
            return [
                new Finding(
                    $this->id(),
                    Severity::Error,
                    $about,
                    "Not proven: {$step->name} of {$function->name} means the mode \"{$step->means->mode}\", and {$context->controller?->name} has none of that id. Say which of its modes it means",
                    detail: $detail,
                    isOpen: true,
                ),
            ];
        }
        $question = new Question($context->model()->everything(), function (array $seen) use (
            $context,
            $function,
            $place,
            $channel,
        ): int {
            $steps = $seen[0]->steps($function->id);
            $is = Truth::among($steps, $place);

            if (($is & Truth::HOLDS) === 0) {
                return Truth::FAILS;
            }
            $given = $seen[0] instanceof Bounds ? $seen[0]->given($function->id, $place) : $seen[0];

            return Truth::both($is, $this->differs($context, $function->steps[$place], $channel, $given));
        });

        return DangerSearch::in(
            $context,
            $this->id(),
            $about,
            "{$step->name} of {$function->name} is taken as it's meant",
            $question,
            fn (Witness $witness): Finding => $this->told($context, $function, $step, $channel, $witness),
            $detail,
        );
    }

    /** Whether a channel is in another mode's range than a step means, or not in the one that it means. */
    private function differs(ProofContext $context, Step $step, int $channel, Observed $seen): int
    {
        $means = $step->means?->mode;
        $slots = array_values(
            array_filter(
                $context->setup->modes ?? [],
                fn (Slot $one): bool => $one->channel === $channel &&
                    ($means === null ||
                        $one->mode === $means ||
                        $context->view->mode($means)?->flight === $context->view->mode($one->mode)?->flight),
            ),
        );
        $hasOwn = array_filter($slots, fn (Slot $one): bool => $one->mode === $means) !== [];
        $isOutranked = $means !== null && $this->isOutranked($context, $means, $channel);
        $truth = 0;
        foreach (ControllerView::together($slots, $seen, $channel) as $active) {
            $others = array_diff($active, [$means]);
            // Where no mode is left, the rule about one mode in each state tells it.
            $isMissed = $hasOwn && ! in_array($means, $active, true) && $context->setup->none !== null;
            $truth |= Truth::of($isMissed || ($others !== [] && ! ($hasOwn && $isOutranked)));
        }

        return $truth === 0 ? Truth::FAILS : $truth;
    }

    /** True where other modes of the channel are said to win or to lose against it: then its own range is enough. */
    private function isOutranked(ProofContext $context, string $mode, int $channel): bool
    {
        $others = array_filter(
            $context->setup->modes ?? [],
            fn (Slot $one): bool => $one->channel === $channel && $one->mode !== $mode,
        );

        return $others !== [] &&
            array_filter($others, fn (Slot $one): bool => $context->view->isUnsaid($mode, $one->mode)) === [];
    }

    private function told(
        ProofContext $context,
        SteppedFunction $function,
        Step $step,
        int $channel,
        Witness $witness,
    ): Finding {
        $pulse = DangerSearch::pulse($context, $witness, $channel);
        $in = array_values(
            array_filter(
                $context->setup->modes ?? [],
                fn (Slot $one): bool => $one->channel === $channel && $one->holds($pulse),
            ),
        );
        $names = implode(' and ', array_map(fn (Slot $one): string => $context->view->nameOf($one->mode), $in));
        $matters =
            array_filter(
                $in,
                fn (Slot $one): bool => ($context->view->mode($one->mode)->flight ?? false) ||
                    ($context->view->mode($one->mode)->risky ?? false),
            ) !== [] || $step->means?->mode !== null;
        $means =
            $step->means?->mode !== null
                ? "means {$context->view->nameOf($step->means->mode)}"
                : ($step->means === null
                    ? 'doesn\'t say what it means'
                    : "means {$this->word($step->means)}");
        $unsaid = $step->means === null;

        return new Finding(
            $this->id(),
            $matters ? Severity::Error : Severity::Warning,
            "output:{$channel}",
            ($unsaid ? 'Not proven: ' : '').
                "{$step->name} of {$function->name} {$means}, and the controller takes channel {$channel} at {$pulse} µs as ".
                ($names === '' ? $context->view->withoutRange() : $names).
                '. '.
                match (true) {
                    $unsaid => 'Say in the loom what the step means',
                    $names === '' => 'Move it into the range of the mode that it means, or say what the step means',
                    default => 'Move it out of that range, or say what the step means',
                },
            $witness,
            detail: "{$function->id} {$step->id}",
            isOpen: $unsaid,
        );
    }

    private function word(Meaning $means): string
    {
        return $means->is(Meaning::OTHER) ? 'no mode' : "“{$means->says()}”";
    }
}
