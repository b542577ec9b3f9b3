<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Units\Signal;

/** How far the surfaces of a plan would go with everything asked for at once. */
final class FullThrow
{
    /** @return list<string> a sentence for each surface that is asked for more than it can give */
    public static function notes(Plan $plan): array
    {
        $most = [];
        foreach ($plan->functions as $function) {
            if ($function instanceof SteppedFunction) {
                $most[$function->id] = max(array_map(fn ($step): float => abs($step->value), $function->steps));
            }
        }
        $notes = [];
        foreach ($plan->surfaces as $surface) {
            $sum = array_sum(
                array_map(
                    fn (Feed $feed): float => max(abs($feed->weight->low), abs($feed->weight->high)) *
                        ($feed->source instanceof FunctionSource ? $most[$feed->source->function] ?? 1.0 : 1.0),
                    $surface->feeds,
                ),
            );
            if ($sum > Signal::LIMIT) {
                $notes[] =
                    "{$surface->name}: everything at once asks for ".round($sum * 100).' %; it stops at 150 %';
            }
        }

        return $notes;
    }
}
