<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Proof\Cone;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** What couldn't be gone through is no proof: it's said, never passed over. */
final class Decided implements Rule
{
    /** So many of the inputs that multiply the positions are named. */
    private const NAMED = 3;

    public function id(): string
    {
        return 'decided';
    }

    public function says(): string
    {
        return 'Every position was gone through. Where there are too many, nothing is proven of them.';
    }

    public function check(Evidence $evidence): array
    {
        $found = [];
        if (! $evidence->hasAllMoments()) {
            $found[] = $this->finding('program', 'arming, modes and motors', $evidence, $evidence->momentCone());
        }
        foreach ($evidence->program->outputs as $output) {
            $reach = $evidence->reach($output->channel);
            if (! $reach->complete) {
                $found[] = $this->finding("output:{$output->channel}", "how far {$output->name} (channel {$output->channel}) goes", $evidence, $reach->cone);
            }
        }

        return $found;
    }

    private function finding(string $about, string $what, Evidence $evidence, Cone $cone): Finding
    {
        $all = $cone->positions + $cone->sweeps;
        uasort($all, fn (array $one, array $other): int => count($other) <=> count($one));
        $names = [];
        foreach (array_slice($all, 0, self::NAMED, true) as $input => $values) {
            $names[] = $this->nameOf($evidence, $input).' with '.count($values);
        }
        $inputs = count($all);

        return new Finding($this->id(), Severity::Error, $about, "Not proven, as it is too large to check: {$what}. {$inputs} inputs have a say in it, among them ".implode(', ', $names).' positions to try. Fewer thresholds, or fewer controls on it, make it provable');
    }

    private function nameOf(Evidence $evidence, int $input): string
    {
        foreach ($evidence->plain->transmitter->controls as $control) {
            if ($evidence->panel->control($control->id) === $input) {
                return $this->inWords($control);
            }
        }

        return 'a stick';
    }

    private function inWords(Control $control): string
    {
        return "“{$control->name}”";
    }
}
