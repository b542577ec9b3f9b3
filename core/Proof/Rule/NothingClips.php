<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Reach;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Units\Range;

/** A stick that goes on while its channel stands still. */
final class NothingClips implements Rule
{
    public function id(): string
    {
        return 'nothing-clips';
    }

    public function says(): string
    {
        return 'No channel reaches its limit before the stick reaches its end: beyond that the aircraft doesn\'t answer any more.';
    }

    public function check(Evidence $evidence): array
    {
        $found = [];
        foreach ($evidence->program->outputs as $output) {
            $reach = $evidence->reach($output->channel);
            foreach ($reach->rows as $row) {
                if ($row->clipsAt === null) {
                    continue;
                }
                $alone = $this->singleStick($evidence, $reach, $output, $row->state);
                $mended = $alone === null ? null : $this->mended($evidence->program, $output, $alone);
                $found[] = new Finding(
                    $this->id(), $alone === null ? Severity::Note : Severity::Warning, "output:{$output->channel}",
                    $alone === null
                        ? "{$output->name} clips when everything is asked for at once: it stops at its limit. Lower a weight, or fly on knowing it"
                        : "{$output->name} clips at ".round($alone * 100).' % of the stick: the rest of the way does nothing. Lower the weight of its feed, or open the limit',
                    $row->clipsAt, $mended === null ? null : 'Lower the weight so that full stick just reaches the limit', $mended,
                );
                break;
            }
        }

        return $found;
    }

    /**
     * How far one stick alone must go until it clips, 0 to 1; null where it takes several.
     *
     * @param  list<float>  $state
     */
    private function singleStick(Evidence $evidence, Reach $reach, Output $output, array $state): ?float
    {
        $circuit = Compiler::compile($reach->cone->part(), $evidence->plain->transmitter);
        $slot = (int) $circuit->layout->output($output->channel) + 2;
        $clips = function (int $input, float $x) use ($circuit, $slot, $state): bool {
            $state[$input] = $x;

            return $circuit->frame(array_values($state))->slots[$slot] === 1;
        };
        $least = null;
        foreach (array_keys($reach->cone->sweeps) as $input) {
            foreach ([-1.0, 1.0] as $end) {
                if (! $clips($input, $end)) {
                    continue;
                }
                [$free, $held] = [0.0, 1.0];
                for ($i = 0; $i < 24; $i++) {
                    $middle = ($free + $held) / 2;
                    $clips($input, $end * $middle) ? $held = $middle : $free = $middle;
                }
                $least = $least === null ? $held : min($least, $held);
            }
        }

        // Reaching the limit at the very end of the stick takes nothing away.
        return $least !== null && $least < 0.995 ? $least : null;
    }

    private function mended(Program $program, Output $output, float $share): ?Program
    {
        if (count($output->feeds) !== 1) {
            return null;
        }
        [$feed] = $output->feeds;
        $free = min(
            $output->travel->high > 0 ? ($output->limit->high - $output->subtrim) / $output->travel->high : 1.5,
            $output->travel->low > 0 ? ($output->subtrim - $output->limit->low) / $output->travel->low : 1.5,
            1.5,
        );
        $most = max(abs($feed->weight->low), abs($feed->weight->high));
        $by = min(1.0, $free / $most);
        $weight = new Range(round($feed->weight->low * $by, 4), round($feed->weight->high * $by, 4));
        $lower = new Feed($feed->source, $weight, $feed->offset, $feed->curve, $feed->when, $feed->combine, $feed->delay, $feed->slow);

        return $by >= 1.0 ? null : $program->with(outputs: array_map(fn (Output $one): Output => $one->channel === $output->channel ? $output->fed([$lower]) : $one, $program->outputs));
    }
}
