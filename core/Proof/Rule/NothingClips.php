<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\ReachRow;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\StickAlone;
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
        return array_values(array_filter(array_map(fn (Output $output): ?Finding => $this->found($evidence, $output), $evidence->program->outputs)));
    }

    private function found(Evidence $evidence, Output $output): ?Finding
    {
        $reach = $evidence->reach($output->channel);
        $rows = array_values(array_filter($reach->rows, fn (ReachRow $row): bool => $row->clipsAt !== null));
        if ($rows === []) {
            return null;
        }
        // A stick that clips by itself takes more away than one that clips beside a slider.
        usort($rows, fn (ReachRow $a, ReachRow $b): int => count($this->beside($evidence, $a)) <=> count($this->beside($evidence, $b)));
        $stick = new StickAlone($evidence, $reach->cone, $output->channel);
        foreach ($rows as $row) {
            $alone = $stick->clipsFrom($row->state);
            if ($alone !== null) {
                return $this->early($evidence, $output, $row, $alone, $this->beside($evidence, $row));
            }
        }

        return new Finding($this->id(), Severity::Note, "output:{$output->channel}", "{$output->name} clips when everything is asked for at once: it stops at its limit. Lower a weight, or fly on knowing it", $rows[0]->clipsAt);
    }

    /**
     * @param  float  $alone  how far one stick goes until it clips, 0 to 1
     * @param  list<string>  $beside
     */
    private function early(Evidence $evidence, Output $output, ReachRow $row, float $alone, array $beside): Finding
    {
        $says = "{$output->name} clips at ".round($alone * 100).' % of the stick';
        if ($beside !== []) {
            $with = implode(' and ', $beside);

            return new Finding($this->id(), Severity::Note, "output:{$output->channel}", "{$says} together with {$with}, which takes the way that is missing. Lower the feed of {$with} here, or fly on knowing that the stick does less then", $row->clipsAt);
        }
        $mended = $this->mended($evidence->program, $output, $alone);

        return new Finding(
            $this->id(), Severity::Warning, "output:{$output->channel}", "{$says}: the rest of the way does nothing. Lower the weight of its feed, or open the limit",
            $row->clipsAt, $mended === null ? null : 'Lower the weight so that full stick just reaches the limit', $mended,
        );
    }

    /** @return list<string> what a dial or a slider holds away from rest in that row, by the function's name */
    private function beside(Evidence $evidence, ReachRow $row): array
    {
        $names = [];
        foreach ($evidence->transmitter->controls as $control) {
            if ($control->detents === [] && abs($row->state[(int) $evidence->panel->control($control->id)] - $control->restValue()) > 1e-6) {
                $driven = array_filter($evidence->program->functions, fn (PilotFunction $one): bool => $one instanceof ProportionalFunction && $one->drive instanceof ControlDrive && $one->drive->control === $control->id);
                $names[] = (array_values($driven)[0] ?? null)?->name() ?? $control->name;
            }
        }

        return $names;
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
