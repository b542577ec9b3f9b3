<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Signal\Circuit;

/** Jitter at the centre: a small dead band where it's needed, else none (common practice). */
final class Jitter
{
    /** A pulse that comes and goes by this much, in µs, is only the reading's last digit. */
    private const STILL = 1.0;

    /** A dead band larger than this would be felt (from memory). */
    private const MOST = 0.05;

    /** Dead bands are set in steps of half a per cent. */
    private const STEPS = 200;

    /**
     * The program with the smallest dead band that hides what was seen, hands off the sticks.
     *
     * @param  float  $least  µs, the smallest reading
     * @param  float  $most  µs, the largest reading
     *
     * @throws Refused where the channel has no centred stick, or where the stick itself needs care
     */
    public static function quiet(Circuit $circuit, Output $output, float $least, float $most): Program
    {
        if ($least > $most) {
            throw Refused::because(
                'least',
                "the smallest reading, {$least} µs, is above the largest, {$most} µs; change them over",
            );
        }
        [$function, $axis] = self::stick($circuit, $output);
        if ($most - $least <= self::STILL) {
            return $circuit->program;
        }
        $strays = self::strays($circuit, $output, $axis, $most - $least);
        $deadband = (floor($strays * self::STEPS + 1e-9) + 1) / self::STEPS;
        if ($deadband > self::MOST) {
            throw Refused::because(
                'most',
                round($most - $least, 1).
                    ' µs at rest is more than a dead band should hide: it would be felt in flight. Calibrate the '.
                    'sticks, then look at the lead and at the gimbal',
            );
        }

        return $circuit->program->with(
            functions: array_map(
                fn (PilotFunction $one): PilotFunction => $one === $function
                    ? $function->with(deadband: $deadband)
                    : $one,
                $circuit->program->functions,
            ),
        );
    }

    /** @return array{ProportionalFunction, Axis} the function that brings a stick to the output */
    private static function stick(Circuit $circuit, Output $output): array
    {
        foreach ($output->feeds as $feed) {
            if ($feed->source instanceof AxisSource) {
                throw Refused::because(
                    'channel',
                    "{$output->name} is fed by the bare stick, which has no dead band. Feed it from a function of ".
                        'that stick',
                );
            }
            $function =
                $feed->source instanceof FunctionSource ? $circuit->program->function($feed->source->function) : null;
            if (
                $function instanceof ProportionalFunction &&
                $function->drive instanceof AxisDrive &&
                $function->drive->axis !== Axis::Throttle
            ) {
                return [$function, $function->drive->axis];
            }
        }
        throw Refused::because(
            'channel',
            "{$output->name} follows no stick that rests in its middle, so it needs no dead band",
        );
    }

    /** How far the stick strays from its middle, 0 to 1, where the pulse strays over so many µs. */
    private static function strays(Circuit $circuit, Output $output, Axis $axis, float $width): float
    {
        $pulse = function (float $at) use ($circuit, $output, $axis): float {
            $inputs = $circuit->panel->atRest();
            $inputs[$circuit->panel->axis($axis)] = $at;

            return $circuit->panel->transmitter->scale->span *
                ($circuit->frame(array_values($inputs))->outputs()[$output->channel]->signal ?? 0.0);
        };
        for ($at = 0.0; $at < 0.5; $at += 0.0005) {
            if (abs($pulse($at) - $pulse(-$at)) >= $width) {
                return $at;
            }
        }

        return 0.5;
    }
}
