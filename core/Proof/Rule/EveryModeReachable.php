<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\Question;

/** What was set up can be flown. */
final class EveryModeReachable implements Rule
{
    public function id(): string
    {
        return 'every-mode-reachable';
    }

    public function subject(): Subject
    {
        return Subject::ModeReach;
    }

    public function says(): string
    {
        return 'Every mode that has a slot can be reached by some position of switches, dials and sliders.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $slots = $context->view->flight;
        if ($slots === []) {
            return Judgement::doesNotApply('no range of a flight mode is set');
        }
        $modes = array_values(array_unique(array_map(fn (Slot $one): string => $one->mode, $slots)));

        return Judgement::of(
            array_values(array_filter(array_map(fn (string $mode): ?Finding => $this->mode($context, $mode), $modes))),
        );
    }

    /** What is wrong with the way to a mode, or null. */
    private function mode(ProofContext $context, string $mode): ?Finding
    {
        $slots = array_filter($context->view->flight, fn (Slot $one): bool => $one->mode === $mode);
        $there = array_values(
            array_filter($slots, fn (Slot $one): bool => $context->program->output($one->channel) !== null),
        );
        if ($there === []) {
            $channels = implode(' or ', array_unique(array_map(fn (Slot $one): int => $one->channel, $slots)));

            return $this->unreachable($context, $mode, "mode:{$mode}", "no output sends on channel {$channels}");
        }
        $outcome = $context->ask(
            new Question(
                $context->model()->everything(),
                fn (array $seen): int => $context->view->takes($seen[0], $mode),
            ),
        );
        if ($outcome->isNowhere()) {
            $range = fn (Slot $one): string => "channel {$one->channel} between {$one->from} and {$one->to} µs";
            $ranges = implode(' or ', array_map($range, $there));

            return $this->unreachable(
                $context,
                $mode,
                "output:{$there[0]->channel}",
                "no position puts {$ranges}",
            );
        }

        return $outcome->open === null
            ? null
            : Finding::open(
                $this->id(),
                "output:{$there[0]->channel}",
                "{$context->view->nameOf($mode)} can be reached",
                $outcome->open,
                $mode,
            );
    }

    private function unreachable(ProofContext $context, string $mode, string $node, string $why): Finding
    {
        return new Finding(
            $this->id(),
            Severity::Warning,
            $node,
            "{$context->view->nameOf($mode)} can't be reached: {$why}. Give it a position, or take its slot away",
            detail: $mode,
        );
    }
}
