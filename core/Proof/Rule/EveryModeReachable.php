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
        $found = [];
        foreach (array_unique(array_map(fn (Slot $one): string => $one->mode, $slots)) as $mode) {
            $there = array_values(
                array_filter(
                    $slots,
                    fn (Slot $one): bool => $one->mode === $mode && $context->program->output($one->channel) !== null,
                ),
            );
            if ($there === []) {
                $channels = implode(
                    ' or ',
                    array_unique(
                        array_map(
                            fn (Slot $one): int => $one->channel,
                            array_filter($slots, fn (Slot $one): bool => $one->mode === $mode),
                        ),
                    ),
                );
                $found[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    "mode:{$mode}",
                    "{$context->view->nameOf(
                        $mode,
                    )} can't be reached: no output sends on channel {$channels}. Give it a position, or take its ".
                        'slot away',
                    detail: $mode,
                );

                continue;
            }
            $outcome = $context->ask(
                new Question(
                    $context->model()->everything(),
                    fn (array $seen): int => $context->view->takes($seen[0], $mode),
                ),
            );
            $ranges = implode(
                ' or ',
                array_map(
                    fn (Slot $one): string => "channel {$one->channel} between {$one->from} and {$one->to} µs",
                    $there,
                ),
            );
            if ($outcome->isNowhere()) {
                $found[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    "output:{$there[0]->channel}",
                    "{$context->view->nameOf(
                        $mode,
                    )} can't be reached: no position puts {$ranges}. Give it a position, or take its slot away",
                    detail: $mode,
                );
            } elseif ($outcome->open !== null) {
                $found[] = Finding::open(
                    $this->id(),
                    "output:{$there[0]->channel}",
                    "{$context->view->nameOf($mode)} can be reached",
                    $outcome->open,
                    $mode,
                );
            }
        }

        return Judgement::of($found);
    }
}
