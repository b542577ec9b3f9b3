<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\ControllerView;
use DuskSwitch\Core\Proof\DangerSearch;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ModeEdges;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Solve\SlotSolver;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;

/** The controller knows which mode is meant, and jitter doesn't change it. */
final class OneModeInEachState implements Rule
{
    /** No position closer than this to an edge, in µs (common practice: the middle of the slot). */
    public const MARGIN = 25;

    /** So near even a quiet receiver's jitter changes the mode, in µs (from memory). */
    private const NEAR = 5;

    public function id(): string
    {
        return 'one-mode-in-each-state';
    }

    public function subject(): Subject
    {
        return Subject::ModeSlot;
    }

    public function says(): string
    {
        return 'Every state must lie in exactly one of the controller\'s modes, or in “no range” where that is a '.
            'mode, at least 25 µs from every edge at which the mode changes.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $flight = $context->view->flight;
        if ($context->controller === null) {
            return $context->armedBy() === null
                ? Judgement::notChecked('no controller is chosen')
                : Judgement::doesNotApply('it has no controller');
        }
        if ($flight === []) {
            return Judgement::doesNotApply('no range of a flight mode is set');
        }
        $channels = array_values(array_unique(array_map(fn (Slot $one): int => $one->channel, $flight)));
        $missing = array_filter($channels, fn (int $channel): bool => $context->program->output($channel) === null);
        if ($missing !== []) {
            return Judgement::of(
                array_values(
                    array_map(
                        fn (int $channel): Finding => new Finding(
                            $this->id(),
                            Severity::Error,
                            'program',
                            "The controller looks for its flight mode on channel {$channel}, and nothing is there. ".
                                'Put the flight mode on that channel, or move the ranges',
                            detail: "channel-{$channel}",
                            channels: [$channel],
                        ),
                        $missing,
                    ),
                ),
            );
        }
        $found = [
            ...$this->odd($context, $channels, ControllerView::NONE),
            ...$this->odd($context, $channels, ControllerView::TWO),
        ];
        foreach ($channels as $channel) {
            $found = [...$found, ...$this->near($context, $channel)];
        }

        return Judgement::of($found);
    }

    /**
     * Where no mode's range holds, or two at once.
     *
     * @param  list<int>  $channels
     * @return list<Finding>
     */
    private function odd(ProofContext $context, array $channels, string $what): array
    {
        $question = new Question($context->model()->everything(), function (array $seen) use (
            $context,
            $what,
            $channels,
        ): int {
            $taken = $context->view->taken($seen[0]);
            $odd = Truth::among($taken, $what);

            return ($odd & Truth::HOLDS) === 0
                ? Truth::FAILS
                : Truth::both($odd, self::matters($context, $seen[0], $channels));
        });
        $isNone = $what === ControllerView::NONE;

        return DangerSearch::in(
            $context,
            $this->id(),
            "output:{$channels[0]}",
            $isNone ? 'every state lies in a mode' : 'no state lies in two modes',
            $question,
            function (Witness $witness) use ($context, $channels, $isNone): Finding {
                $at = implode(
                    ' and ',
                    array_map(
                        fn (int $channel): string => "channel {$channel} at ".
                            DangerSearch::pulse($context, $witness, $channel).
                            ' µs',
                        $channels,
                    ),
                );
                [$mend, $mended] = $this->mend($context, $channels[0]);

                return new Finding(
                    $this->id(),
                    Severity::Error,
                    "output:{$channels[0]}",
                    ucfirst($at).
                        ($isNone
                            ? ', in no mode\'s slot. Move the position into a range, or say which mode the '.
                                'controller takes where none is active'
                            : ', in the ranges of two modes at once, and it isn\'t said which of them wins. Say it '.
                                'in the controller\'s set-up, or let the ranges end where the next begins'),
                    $witness,
                    $mend,
                    $mended,
                    $isNone ? 'none' : 'two',
                    false,
                    $channels,
                );
            },
            $isNone ? 'none' : 'two',
        );
    }

    /**
     * Where a pulse is near an edge at which the mode changes.
     *
     * @return list<Finding>
     */
    private function near(ProofContext $context, int $channel): array
    {
        $found = [];
        foreach (ModeEdges::of($context, $channel) as $edge) {
            foreach ([self::NEAR + 1, self::MARGIN] as $margin) {
                $question = new Question($context->model()->everything(), function (array $seen) use (
                    $context,
                    $channel,
                    $edge,
                    $margin,
                ): int {
                    $near = ModeEdges::near($seen[0], $channel, $edge, $margin);

                    return ($near & Truth::HOLDS) === 0
                        ? Truth::FAILS
                        : Truth::both($near, self::matters($context, $seen[0], [$channel]));
                });
                $one = DangerSearch::in(
                    $context,
                    $this->id(),
                    "output:{$channel}",
                    "channel {$channel} stays away from {$edge} µs, where the mode changes",
                    $question,
                    fn (Witness $witness): Finding => $this->nearly($context, $channel, $edge, $witness),
                    "edge-{$edge}",
                );
                if ($one !== []) {
                    $found = [...$found, ...$one];

                    break;
                }
            }
        }

        return $found;
    }

    private function nearly(ProofContext $context, int $channel, int $edge, Witness $witness): Finding
    {
        $pulse = DangerSearch::pulse($context, $witness, $channel);
        $margin = abs($pulse - $edge);
        $slots = array_values(
            array_filter(
                $context->view->flight,
                fn (Slot $one): bool => $one->channel === $channel && ($one->from === $edge || $one->to === $edge),
            ),
        );
        $names = implode(
            ' and ',
            array_map(
                fn (Slot $one): string => $context->view->nameOf($one->mode),
                array_filter($slots, fn (Slot $one): bool => $one->holds($pulse)) ?: $slots,
            ),
        );
        [$mend, $mended] = $this->mend($context, $channel);

        return new Finding(
            $this->id(),
            $margin <= self::NEAR && ! $this->slides($context, $channel, $witness)
                ? Severity::Error
                : Severity::Warning,
            "output:{$channel}",
            ($names === '' ? 'The mode' : $names).
                " is {$margin} µs from the edge of its slot (channel {$channel} at {$pulse} µs): jitter can change ".
                'the mode',
            $witness,
            $mend,
            $mended,
            "edge-{$edge}",
        );
    }

    /** True where a stick, a dial or a slider moves the channel there: it passes edges, and nothing holds it at one. */
    private function slides(ProofContext $context, int $channel, Witness $witness): bool
    {
        $circuit = $context->circuit();
        $at = $circuit->frame($witness->hand)->pulse($channel);
        foreach (array_keys($context->model()->everything()->spans) as $input) {
            foreach (isset($witness->hand[$input]) ? [-0.05, 0.05] : [] as $by) {
                $moved = array_values(
                    array_replace($witness->hand, [$input => max(-1.0, min(1.0, $witness->hand[$input] + $by))]),
                );
                if ($circuit->frame($moved)->pulse($channel) !== $at) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * On a channel that also arms, a disarmed state needs no mode.
     *
     * @param  list<int>  $channels
     */
    private static function matters(ProofContext $context, Observed $seen, array $channels): int
    {
        return array_intersect($context->setup->arming?->channels() ?? [], $channels) === []
            ? Truth::HOLDS
            : $context->view->armed($seen);
    }

    /** @return array{string|null, Program|null} */
    private function mend(ProofContext $context, int $channel): array
    {
        $mended = SlotSolver::solved($context->program, $context->transmitter, $channel, $context->setup->modes ?? []);

        return $mended === null ? [null, null] : ['Put every position in the middle of its slot', $mended];
    }
}
