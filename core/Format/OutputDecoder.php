<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Combine;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ConstantSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Source\Source;
use DuskSwitch\Core\Units\Range;

/** Reads an output and its feeds. */
final class OutputDecoder
{
    /** A weight or offset beyond this can only be a slip of the pen: the sum is held at ±1.5. */
    private const STRONGEST = 5.0;

    /** The output that stands at a node. */
    public static function decode(JsonCursor $node): Output
    {
        $node->keys(['channel', 'name'], ['role', 'feeds', 'travel', 'reverse', 'subtrim', 'limit']);
        $limit = $node->at('limit')?->range(-1.5, 1.5) ?? new Range(-1.5, 1.5);
        if ($limit->low >= $limit->high) {
            $node->at('limit')?->fault('the low limit must be below the high one');
        }

        return new Output(
            channel: $node->need('channel')->whole(1, 32),
            name: $node->need('name')->text(),
            feeds: array_map(self::feed(...), $node->at('feeds')?->items(32) ?? []),
            travel: $node->at('travel')?->range(0, 1.5) ?? Range::both(1.0),
            reverse: $node->at('reverse')?->flag() ?? false,
            subtrim: $node->at('subtrim')?->number(-1, 1) ?? 0.0,
            limit: $limit,
            role: $node->at('role')?->choice(Role::class),
        );
    }

    private static function feed(JsonCursor $node): Feed
    {
        $node->keys(['from'], ['weight', 'offset', 'curve', 'when', 'combine', 'delay', 'slow']);
        $from = $node->at('from');
        $when = $node->at('when');

        return new Feed(
            source: $from === null ? new ConstantSource() : self::source($from),
            weight: $node->at('weight')?->range(-self::STRONGEST, self::STRONGEST) ?? Range::both(1.0),
            offset: $node->at('offset')?->number(-self::STRONGEST, self::STRONGEST) ?? 0.0,
            curve: $node->at('curve')?->id(),
            when: $when === null ? null : ConditionDecoder::decode($when),
            combine: $node->at('combine')?->choice(Combine::class) ?? Combine::Add,
            delay: $node->at('delay')?->number(0, 60) ?? 0.0,
            slow: $node->at('slow')?->range(0, 60),
        );
    }

    private static function source(JsonCursor $from): Source
    {
        if ($from->isText()) {
            return new FunctionSource($from->id());
        }
        if ($from->isNumber()) {
            $from->number(1, 1);

            return new ConstantSource();
        }
        foreach (['control', 'axis', 'output'] as $key) {
            $inside = $from->at($key);
            if ($inside !== null) {
                $from->keys([$key]);

                return match ($key) {
                    'control' => new ControlSource($inside->id()),
                    'axis' => new AxisSource($inside->choice(Axis::class)),
                    'output' => new OutputSource($inside->whole(1, 32)),
                };
            }
        }
        $from->fault('must be the id of a function, {"control": …}, {"axis": …}, {"output": …} or the constant 1');

        return new ConstantSource();
    }
}
