<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Signal\Stages;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Ruler;

/** Behind a controller full stick is 1000 and 2000 µs, and the centre 1500. */
final class EndsAndCentre implements Rule
{
    /** µs that nobody feels (from memory). */
    private const TOLERANCE = 8;

    public function id(): string
    {
        return 'ends-and-centre';
    }

    public function says(): string
    {
        return 'The stick channels of a controller reach 1000 and 2000 µs and rest at 1500 (common practice): arming, and drift, depend on it.';
    }

    public function check(Evidence $evidence): array
    {
        $found = [];
        foreach ($evidence->controller === null ? [] : $evidence->program->outputs as $output) {
            $function = $this->stick($evidence, $output);
            if ($function === null) {
                continue;
            }
            $pulse = fn (float $sum): int => $evidence->transmitter->scale->pulse(Stages::of($output, $sum)->signal);
            $ends = [$pulse(-1.0), $pulse(1.0)];
            sort($ends);
            $centre = $pulse(0.0);
            $half = (Ruler::HIGH - Ruler::CENTRE) / $evidence->transmitter->scale->span;
            $mended = $half > 1.5 ? null : self::with($evidence, $output->set(Range::both(round($half, 7)), 0.0));
            $mend = $mended === null ? null : 'Travel for 1000 to 2000 µs, sub-trim 0';
            if (max(abs($ends[0] - Ruler::LOW), abs($ends[1] - Ruler::HIGH)) > self::TOLERANCE) {
                $found[] = new Finding(
                    $this->id(), Severity::Warning, "output:{$output->channel}",
                    "{$output->name} goes from {$ends[0]} to {$ends[1]} µs; the controller wants 1000 to 2000. Set its travel",
                    null, $mend, $mended,
                );
            } elseif ($function->drive instanceof AxisDrive && $function->drive->axis->rest() === 0.0 && abs($centre - Ruler::CENTRE) > self::TOLERANCE) {
                $found[] = new Finding(
                    $this->id(), Severity::Warning, "output:{$output->channel}",
                    "{$output->name} rests at {$centre} µs, not 1500: it drifts. Put the trims in the middle, then correct the sub-trim",
                    null, $mend, $mended,
                );
            }
        }

        return $found;
    }

    private function stick(Evidence $evidence, Output $output): ?ProportionalFunction
    {
        $source = $output->feeds[0]->source ?? null;
        $function = count($output->feeds) === 1 && $source instanceof FunctionSource ? $evidence->program->function($source->function) : null;

        return $function instanceof ProportionalFunction && $function->drive instanceof AxisDrive && in_array($function->id, [...$evidence->setup->order ?? [], 'throttle'], true) ? $function : null;
    }

    private static function with(Evidence $evidence, Output $output): Program
    {
        return $evidence->program->with(outputs: array_map(fn (Output $one): Output => $one->channel === $output->channel ? $output : $one, $evidence->program->outputs));
    }
}
