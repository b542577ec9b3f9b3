<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SurfaceThrow;
use DuskSwitch\Core\Program\ThrowUnit;
use DuskSwitch\Core\Signal\Circuit;

/** What is measured on the model, and for which pulses. */
final readonly class ThrowMeasure
{
    private ThrowFunctions $functions;

    public function __construct(private Circuit $circuit)
    {
        $this->functions = new ThrowFunctions($circuit);
    }

    /**
     * The function that moves a surface farthest, and what the channel sends then, in µs from its low end to its high
     * one, halfway between; null where nothing moves it.
     *
     * @return array{PilotFunction, array{float, float, float}}|null
     */
    public function ends(Output $output): ?array
    {
        $found = null;
        foreach ($this->functions->functions() as $function) {
            $values = array_merge([], ...array_column($this->functions->places($function), 'values'));
            if (! in_array($output, $this->functions->moved($function), true) || $values === []) {
                continue;
            }
            $pulse = fn (float $value): float => round($this->functions->alone->pulse($output, $function, $value));
            [$low, $centre, $high] = array_map($pulse, [min($values), (min($values) + max($values)) / 2, max($values)]);
            [$low, $high] = [min($low, $high), max($low, $high)];
            if ($low < $centre && $centre < $high && $high - $low > ($found[1][2] ?? 0) - ($found[1][0] ?? 0)) {
                $found = [$function, [$low, $centre, $high]];
            }
        }

        return $found;
    }

    /**
     * Which of three pulses is the nearest to the one at rest, where a surface is in line as a rule: 0, 1 or 2.
     *
     * @param  array{float, float, float}  $sends  in µs
     */
    public function inLine(Output $output, array $sends): int
    {
        $rest = $this->circuit->frame($this->circuit->panel->atRest())->pulse($output->channel) ?? 0;
        $away = array_map(fn (float $pulse): float => abs($pulse - $rest), $sends);

        return (int) array_search(min($away), $away, true);
    }

    /**
     * The program with a surface's throw kept.
     *
     * @param  array{float, float, float}  $moved  at the low end, halfway, at the high end: down or right positive
     *
     * @throws Refused where it doesn't go one way
     */
    public function kept(int $channel, ThrowUnit $unit, array $moved, ?float $chord): Program
    {
        $program = $this->circuit->program;
        $output = $program->output($channel) ?? throw Refused::because('channel', "there is no channel {$channel}");
        $ends =
            $this->ends($output) ??
            throw Refused::because('channel', "nothing moves {$output->name} yet; give it a function first");
        $first = $moved[1] <=> $moved[0];
        if ($first === 0 || $first !== ($moved[2] <=> $moved[1])) {
            throw Refused::because(
                'moved',
                "{$output->name} must go one way from the short pulse to the long one, past what it does halfway. ".
                    'Look at up and down',
            );
        }

        return $program->with(
            aboard: $program->aboard->with(
                throws: array_replace($program->aboard->throws, [
                    $channel => new SurfaceThrow(
                        channel: $channel,
                        unit: $unit,
                        sent: $ends[1],
                        moved: $moved,
                        chord: $chord,
                    ),
                ]),
            ),
        );
    }
}
