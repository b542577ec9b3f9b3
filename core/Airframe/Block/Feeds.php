<?php

namespace DuskSwitch\Core\Airframe\Block;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Units\Range;

/** Feeds from functions, as recipes write them. */
final class Feeds
{
    /** A function by a weight, the same on both sides. */
    public static function from(string $function, float $weight, ?Condition $when = null): Feed
    {
        return new Feed(source: new FunctionSource($function), weight: Range::both($weight), when: $when);
    }

    /**
     * Roll to an aileron with differential: the one that goes down goes less far than the one that goes up.
     *
     * @param  float  $throw  upwards, 1.0 = 100 %
     * @param  float  $differential  0 = as far down as up, 1 = up only
     */
    public static function aileron(bool $left, float $throw, float $differential): Feed
    {
        $down = round($throw * (1 - $differential), 4);

        // Positive is down: right stick lowers the left one and raises the right one.
        return new Feed(
            source: new FunctionSource('roll'),
            weight: $left ? new Range($throw, $down) : new Range(-$down, -$throw),
        );
    }

    /**
     * The same without those of no weight.
     *
     * @param  list<Feed>  $feeds
     * @return list<Feed>
     */
    public static function some(array $feeds): array
    {
        return array_values(
            array_filter($feeds, fn (Feed $feed): bool => $feed->weight->low !== 0.0 || $feed->weight->high !== 0.0),
        );
    }
}
