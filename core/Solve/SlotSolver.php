<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\OutputStages;

/** Puts each step of a mode function in the middle of its slot. */
final class SlotSolver
{
    /**
     * The answer for every step of the function on a channel; empty where no stepped function alone feeds it.
     *
     * @param  list<Slot>  $slots
     * @return list<SlotAnswer>
     */
    public static function answers(Program $program, Transmitter $transmitter, int $channel, array $slots): array
    {
        $output = $program->output($channel);
        $function = $output === null ? null : self::function($program, $output);
        if ($output === null || $function === null) {
            return [];
        }
        $answers = [];
        foreach ($function->steps as $step) {
            $feed = $output->feeds[0];
            $now = $transmitter->scale->pulse(
                OutputStages::of(
                    $output,
                    $feed->offset + $step->value * ($step->value >= 0 ? $feed->weight->high : $feed->weight->low),
                )->signal,
            );
            $slot = self::slotOf(
                $step,
                $now,
                array_values(array_filter($slots, fn (Slot $one): bool => $one->channel === $channel)),
            );
            $answers[] =
                $slot === null
                    ? new SlotAnswer($step, null, $now, null, $now, 0.0)
                    : self::answer($step, $slot, $now, $output, $transmitter);
        }

        return $answers;
    }

    /**
     * The program with every step in the middle of its slot; null where that can't be, or where it is so already.
     *
     * @param  list<Slot>  $slots
     */
    public static function solved(Program $program, Transmitter $transmitter, int $channel, array $slots): ?Program
    {
        $answers = self::answers($program, $transmitter, $channel, $slots);
        $output = $program->output($channel);
        $function = $output === null ? null : self::function($program, $output);
        if (
            $answers === [] ||
            $function === null ||
            array_filter($answers, fn (SlotAnswer $one): bool => $one->missing > 0.5) !== []
        ) {
            return null;
        }
        $steps = array_map(
            fn (SlotAnswer $one): Step => $one->step->with(value: $one->value ?? $one->step->value),
            $answers,
        );
        if ($steps == $function->steps) {
            return null;
        }

        return $program->with(
            functions: array_map(
                fn (PilotFunction $one): PilotFunction => $one === $function ? $function->with(steps: $steps) : $one,
                $program->functions,
            ),
        );
    }

    private static function answer(
        Step $step,
        Slot $slot,
        int $now,
        Output $output,
        Transmitter $transmitter,
    ): SlotAnswer {
        $wanted = ($slot->middle() - $transmitter->scale->centre) / $transmitter->scale->span;
        $feed = $output->feeds[0];
        $sum = OutputStages::back($output, $wanted);
        $turned = $sum - $feed->offset;
        $weight = $turned >= 0 ? $feed->weight->high : $feed->weight->low;
        $value = $weight === 0.0 ? 0.0 : round($turned / $weight, 4);
        $held = max(-1.5, min(1.5, $value));
        $reached = OutputStages::of(
            $output,
            $feed->offset + $held * ($held >= 0 ? $feed->weight->high : $feed->weight->low),
        )->signal;
        $pulse = $transmitter->scale->pulse($reached);
        $missing = abs($reached - $wanted) * $transmitter->scale->span;

        return new SlotAnswer(
            $step,
            $slot,
            $now,
            $held,
            $pulse,
            $missing <= 1.0 || $slot->margin($pulse) >= 25 ? 0.0 : $missing,
            $transmitter->keying->positionMix === null
                ? null
                : PositionValue::solve($reached, $transmitter->keying->positionMix),
        );
    }

    /**
     * The range of the mode that a step means; of several, the one that it's nearest to.
     *
     * @param  list<Slot>  $slots
     */
    private static function slotOf(Step $step, int $now, array $slots): ?Slot
    {
        $meant = array_values(array_filter($slots, fn (Slot $one): bool => $one->mode === $step->means?->mode));
        usort($meant, fn (Slot $one, Slot $other): int => abs($one->middle() - $now) <=> abs($other->middle() - $now));

        return $meant[0] ?? null;
    }

    private static function function(Program $program, Output $output): ?SteppedFunction
    {
        $source = $output->feeds[0]->source ?? null;
        $function =
            count($output->feeds) === 1 && $source instanceof FunctionSource
                ? $program->function($source->function)
                : null;

        return $function instanceof SteppedFunction ? $function : null;
    }
}
