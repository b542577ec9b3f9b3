<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\OutputEdit;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\FunctionSource;

/** The channel order and the reversals that explain what was seen when each stick was moved by itself. */
final class OrderAndReversal
{
    /**
     * The program in which every stick moves its own axis, the right way: first the order, then the direction.
     *
     * @param  list<ObservedMovement>  $seen  one for each stick
     *
     * @throws Refused where two sticks moved the same axis, or a stick has no channel of its own
     */
    public static function solve(Program $program, array $seen): Program
    {
        $channels = [];
        foreach ($seen as $one) {
            $channels[$one->stick->value] = self::channel($program, $one->stick);
        }
        $moved = array_map(fn (ObservedMovement $one): string => $one->moved->value, $seen);
        if (count(array_unique($moved)) < count($moved)) {
            throw Refused::because(
                'seen',
                'two sticks moved the same axis: that is no order of channels. Move one stick at a time and look again',
            );
        }
        $outputs = array_column($program->outputs, null, 'channel');
        $moves = $turned = [];
        foreach ($seen as $one) {
            // Channel n makes the axis move that was seen: the stick of that axis belongs there.
            $place = self::channel($program, $one->stick);
            $belongs =
                $channels[$one->moved->value] ??
                throw Refused::because(
                    'seen',
                    "the {$one->stick->value} stick moved {$one->moved->value}, and nothing was said of the {$one->moved->value} stick; move all four",
                );
            $moves[$belongs] = $place;
            // What was seen is how this channel goes with the reversal that it has now, whoever is on it.
            $turned[$place] = $one->rightWay ? $outputs[$place]->reverse : ! $outputs[$place]->reverse;
        }
        $ordered = OutputEdit::move($program, $moves);

        return $ordered->with(
            outputs: array_map(
                fn (Output $one): Output => $one->with(reverse: $turned[$one->channel] ?? $one->reverse),
                $ordered->outputs,
            ),
        );
    }

    /** The channel that carries a stick alone, or null where it's mixed or missing. */
    public static function carries(Program $program, Axis $stick): ?int
    {
        foreach ($program->outputs as $output) {
            $source = $output->feeds[0]->source ?? null;
            if (
                count($output->feeds) === 1 &&
                $source instanceof FunctionSource &&
                $program->function($source->function)?->purpose()?->axis() === $stick
            ) {
                return $output->channel;
            }
        }

        return null;
    }

    private static function channel(Program $program, Axis $stick): int
    {
        return self::carries($program, $stick) ??
            throw Refused::because(
                'seen',
                "no channel carries the {$stick->value} stick alone; with mixing, look at the surfaces one by one ".
                    'instead',
            );
    }

    /** @return list<string> what the pilot should know before such an edit is taken */
    public static function notes(Program $before, Program $after): array
    {
        $notes = [];
        foreach ($after->motors() as $motor) {
            $channels = array_filter(
                $before->motors(),
                fn (Output $one): bool => $one->channel === $motor->channel || $one->name === $motor->name,
            );
            foreach ($channels as $was) {
                if ($was->reverse !== $motor->reverse) {
                    $notes[] = "This turns {$motor->name} round: the end of the stick that gave the longest pulse ".
                        "gives the shortest. Propellers off; see at the controller that the stick's low end reads ".
                        'about 1000 µs before the motor gets power';

                    break;
                }
            }
        }

        return $notes;
    }
}
