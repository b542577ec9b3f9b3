<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Reading;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Ruler;

/**
 * Ends and centre from three readings at the controller: the travel and sub-trim that give 1000, 1500 and 2000.
 * Put all trims in their middle first; never centre the throttle (common practice).
 */
final class EndsCentre
{
    /**
     * The output with the travel and sub-trim that bring its readings home.
     *
     * @param  float  $low  µs read with the stick at its low end
     * @param  float  $centre  µs read with the stick in the middle
     * @param  float  $high  µs read with the stick at its high end
     * @param  bool  $centred  false for the throttle, whose centre stays
     *
     * @throws Refused where the readings can't be, or where the transmitter doesn't reach that far
     */
    public static function solve(
        Output $output,
        Transmitter $transmitter,
        float $low,
        float $centre,
        float $high,
        bool $centred = true,
    ): Output {
        [$low, $centre, $high] = self::asSent($output, $low, $centre, $high);
        if (! (min($low, $high) < $centre && $centre < max($low, $high))) {
            throw Refused::because(
                'centre',
                "the centre reads {$centre} µs, outside of the ends {$low} and {$high} µs; that can't be. Is the ".
                    'stick in its middle, and all trims too?',
            );
        }
        if ($low > $high !== $output->reverse) {
            throw Refused::because(
                'low',
                'low and high have changed places: the channel goes the other way. Set its direction first, then '.
                    'read again',
            );
        }
        // What the controller reads may be off by a little and scaled by a little from what is sent.
        $sent = self::sent($output, $transmitter);
        [$readLow, $readHigh] = $output->reverse ? [$high, $low] : [$low, $high];
        $scaleUp = ($readHigh - $centre) / ($sent[2] - $sent[1]);
        $scaleDown = ($centre - $readLow) / ($sent[1] - $sent[0]);
        $off = Ruler::CENTRE - $centre;
        $span = $transmitter->scale->span;
        $middle = $centred ? $sent[1] + $off / ($off > 0 ? $scaleUp : $scaleDown) : $sent[1];
        $subtrim = round(($middle - $transmitter->scale->centre) / $span, 6);
        $up = round((Ruler::HIGH - ($centred ? Ruler::CENTRE : $centre)) / $scaleUp / $span, 6);
        $down = round((($centred ? Ruler::CENTRE : $centre) - Ruler::LOW) / $scaleDown / $span, 6);
        foreach (['high' => $up, 'low' => $down] as $end => $travel) {
            if ($travel > 1.5) {
                throw Refused::because(
                    $end,
                    'this would take a travel of '.
                        round($travel * 100).
                        ' %, and there is no more than 150 %: '.
                        round(($travel - 1.5) * $span).
                        ' µs are missing. Lengthen the range in the controller, or take a transmitter with a larger '.
                        'span',
                );
            }
        }
        if (abs($subtrim) > 1) {
            throw Refused::because(
                'centre',
                'this would take a sub-trim of more than 100 %; something else is wrong: look at the trims and at '.
                    'the channel',
            );
        }

        return $output->with(
            travel: $output->reverse ? new Range($up, $down) : new Range($down, $up),
            subtrim: $subtrim,
        );
    }

    /**
     * The program with a channel calibrated, and what was read kept: the proof judges by it from then on. The
     * throttle's centre stays.
     *
     * @param  float  $low  µs read with the stick at its low end
     * @param  float  $centre  µs read with the stick in the middle
     * @param  float  $high  µs read with the stick at its high end
     *
     * @throws Refused where the readings can't be, or where the transmitter doesn't reach that far
     */
    public static function calibrated(Circuit $circuit, Output $output, float $low, float $centre, float $high): Program
    {
        $program = $circuit->program;
        $transmitter = $circuit->panel->transmitter;
        $source = $output->feeds[0]->source ?? null;
        $purpose = $source instanceof FunctionSource ? $program->function($source->function)?->purpose() : null;
        $solved = self::solve($output, $transmitter, $low, $centre, $high, $purpose !== Purpose::Throttle);
        [$low, $centre, $high] = self::asSent($output, $low, $centre, $high);
        $read = $output->reverse ? [$high, $centre, $low] : [$low, $centre, $high];
        $reading = new Reading(channel: $output->channel, sent: self::sent($output, $transmitter), read: $read);

        return $program->with(
            outputs: array_map(fn (Output $one): Output => $one === $output ? $solved : $one, $program->outputs),
            aboard: $program->aboard->with(
                readings: array_replace($program->aboard->readings, [$output->channel => $reading]),
            ),
        );
    }

    /**
     * Readings as the pulses are counted here. Some makes send a channel the other way round, and have it reversed to
     * suit a controller (common practice): then the stick's low end reads low although the channel is reversed.
     *
     * @return array{float, float, float} µs at the stick's low end, in the middle and at its high end
     */
    private static function asSent(Output $output, float $low, float $centre, float $high): array
    {
        $mirrored = $output->reverse && $low < $high;

        return $mirrored
            ? [2 * Ruler::CENTRE - $low, 2 * Ruler::CENTRE - $centre, 2 * Ruler::CENTRE - $high]
            : [$low, $centre, $high];
    }

    /**
     * What an output sends from its shortest pulse to its longest.
     *
     * @return array{float, float, float} µs at one end, in the centre and at the other end
     */
    public static function sent(Output $output, Transmitter $transmitter): array
    {
        [$down, $up] = $output->reverse
            ? [$output->travel->high, $output->travel->low]
            : [$output->travel->low, $output->travel->high];
        $at = fn (float $signal): float => $transmitter->scale->centre +
            $transmitter->scale->span * ($signal + $output->subtrim);

        return [$at(-$down), $at(0.0), $at($up)];
    }
}
