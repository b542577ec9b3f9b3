<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;

/** Surfaces one by one: what each has to do, and what to turn where one goes the other way (common practice). */
final class SurfaceCheck
{
    /** Less than this of full travel is too little to be judged by eye. */
    private const SEEN = 0.05;

    private const PUSH = ['roll' => 'right', 'pitch' => 'forward', 'yaw' => 'right'];

    /**
     * What each surface has to do, by channel and stick; everything else at rest. A servo's reversal isn't in it.
     *
     * @return list<SurfaceMove>
     */
    public static function moves(Circuit $circuit): array
    {
        $program = $circuit->program;
        $straight = Compiler::compile(
            $program->with(
                outputs: array_map(fn (Output $one): Output => $one->with(reverse: false), $program->outputs),
            ),
            $circuit->panel->transmitter,
        );
        $signals = function (?Axis $axis) use ($straight): array {
            $inputs = $straight->panel->atRest();
            if ($axis !== null) {
                $inputs[$straight->panel->axis($axis)] = 1.0;
            }

            return $straight->frame(array_values($inputs))->outputs();
        };
        $rest = $signals(null);
        $moves = [];
        foreach (Picture::parts($program) as $channel => $part) {
            [$below, $above] = Deflection::of($part);
            foreach ($above === '' ? [] : [Axis::Roll, Axis::Pitch, Axis::Yaw] as $axis) {
                $by = $signals($axis)[$channel]->signal - $rest[$channel]->signal;
                if (abs($by) >= self::SEEN) {
                    $moves[] = new SurfaceMove(
                        $channel,
                        $program->output($channel)->name ?? '',
                        $axis,
                        self::PUSH[$axis->value],
                        $by > 0 ? $above : $below,
                    );
                }
            }
        }

        return $moves;
    }

    /**
     * The program whose servos turn the right way.
     *
     * @param  array<int, array<string, bool>>  $seen  by channel and stick: did it go where it has to?
     *
     * @throws Refused where a surface goes right with one stick and wrong with another: that is no reversal
     */
    public static function solve(Program $program, array $seen): Program
    {
        foreach ($seen as $channel => $sticks) {
            if (in_array(true, $sticks, true) && in_array(false, $sticks, true)) {
                [$right, $wrong] = [array_search(true, $sticks, true), array_search(false, $sticks, true)];
                throw Refused::because(
                    'seen',
                    ($program->output($channel)->name ?? '').
                        " goes right with the {$right} stick and wrong with the {$wrong} stick: that is no reversal. ".
                        "Are two servos' leads changed over? Else look at the signs of its feeds in Mixing",
                );
            }
        }

        return $program->with(
            outputs: array_map(
                fn (Output $one): Output => in_array(false, $seen[$one->channel] ?? [], true)
                    ? $one->with(reverse: ! $one->reverse)
                    : $one,
                $program->outputs,
            ),
        );
    }
}
