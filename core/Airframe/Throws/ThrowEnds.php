<?php

namespace DuskSwitch\Core\Airframe\Throws;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Signal\FunctionAlone;
use DuskSwitch\Core\Signal\OutputStages;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Signal;

/** The travel, or the amount of the feed, that gives the largest throws. */
final readonly class ThrowEnds
{
    /** Less than this of a value is none. */
    private const NONE = 1e-6;

    public function __construct(private ThrowTarget $target) {}

    /**
     * On either side of zero the value that goes farthest, and what it shall do: the surfaces' ends are set by it.
     *
     * @param  array<string, ThrowPlace>  $places
     * @param  array<string, array{float, float}>  $wanted
     * @return array<string, array{string, float, array{float, float}}> by side: place, value, throw
     */
    public static function largest(array $places, array $wanted): array
    {
        $ends = [];
        foreach ($wanted as $id => $throw) {
            foreach ($places[$id]->values as $value) {
                $side = $value < 0 ? 'low' : 'high';
                if (abs($value) > self::NONE && abs($value) > abs($ends[$side][1] ?? 0.0)) {
                    $ends[$side] = [$id, $value, $throw];
                }
            }
        }

        return $ends;
    }

    /**
     * An output that reaches what is asked of the function's largest values.
     *
     * @param  array<string, array{string, float, array{float, float}}>  $ends
     */
    public function reaching(Output $output, array $ends): Output
    {
        $feed = $this->target->feed($output);
        $isAlone = count($output->feeds) === 1 && $feed->offset === 0.0;
        foreach ($ends as [, $value, $throw]) {
            $signal = $this->target->signal($output, $value, $throw);
            $output = $isAlone
                ? $this->travelling($output, $feed, $value, $signal)
                : $this->weighed($output, $value, $signal);
        }

        return $output;
    }

    /** Alone on its output, a function's ends are those of the output. */
    private function travelling(Output $output, Feed $feed, float $value, float $signal): Output
    {
        $sum = max(-Signal::LIMIT, min(Signal::LIMIT, $value * self::weight($feed, $value)));
        $travelled = ($output->reverse ? -1.0 : 1.0) * ($signal - $output->subtrim);
        $travel = round($travelled / $sum, 4);
        if ($travel < 0 || $travel > Signal::LIMIT) {
            throw Refused::because(
                'wanted',
                "{$output->name} would need a travel of ".round($travel * 100).' %; it goes from 0 to 150 %. '.
                    'Move the rod further in at the surface, or further out at the servo, and measure again',
            );
        }

        return $output->with(
            travel: $sum < 0 ? new Range($travel, $output->travel->high) : new Range($output->travel->low, $travel),
        );
    }

    /** Beside others on its output, a function has an amount of its own. */
    private function weighed(Output $output, float $value, float $signal): Output
    {
        $sum = OutputStages::back($output, $signal);
        if (abs($sum) > Signal::LIMIT) {
            throw Refused::because(
                'wanted',
                "{$output->name} would need ".round(abs($sum) * 100).' % of its travel. Give it more travel, or move '.
                    'the rod further in at the surface, and measure again',
            );
        }
        $feeds = [];
        foreach ($output->feeds as $feed) {
            $isMine = $feed === FunctionAlone::feed($output, $this->target->asked->function);
            $others = $this->target->functions->alone->without($output, $this->target->asked->function);
            $weight = round(($sum - $others - $feed->offset) / $value, 4);
            $range = $value < 0 ? new Range($weight, $feed->weight->high) : new Range($feed->weight->low, $weight);
            $feeds[] = $isMine
                ? $feed->with(weight: $range)
                : $feed;
        }

        return $output->with(feeds: $feeds);
    }

    private static function weight(Feed $feed, float $value): float
    {
        return $value < 0 ? $feed->weight->low : $feed->weight->high;
    }
}
