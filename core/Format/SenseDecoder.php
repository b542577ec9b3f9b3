<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Program\Sense\Call;
use DuskSwitch\Core\Program\Sense\Derivation;
use DuskSwitch\Core\Program\Sense\Derived;
use DuskSwitch\Core\Program\Sense\Fitted;
use DuskSwitch\Core\Program\Sense\Priority;
use DuskSwitch\Core\Program\Sense\Sense;
use DuskSwitch\Core\Program\Sense\Sound;
use DuskSwitch\Core\Program\Sense\Token;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;

/** Reads what an aircraft senses, and what is said of it. */
final class SenseDecoder
{
    /** What stands at a node. */
    public static function read(Node $node): Sense
    {
        $node->keys([], ['bus', 'interval', 'chain', 'values', 'system', 'units', 'calls', 'announces', 'tone']);
        $chain = $values = $calls = [];
        $ids = new Once('something');
        foreach ($node->at('chain')?->items(28) ?? [] as $item) {
            $item->keys(['id', 'sensor'], ['address', 'slot']);
            $chain[] = new Fitted($ids->id($item), $item->at('sensor')?->id() ?? '', $item->at('address')?->whole(1, 28), $item->at('slot')?->whole(0, 63));
        }
        foreach ($node->at('values')?->items(40) ?? [] as $item) {
            $item->keys(['id', 'name', 'does'], ['of', 'by', 'plus', 'while']);
            $while = $item->at('while');
            $values[] = new Derived(
                $ids->id($item), $item->at('name')?->text(30) ?? '', $item->at('does')?->choice(Derivation::class) ?? Derivation::Sum,
                array_map(fn (Node $of): string => $of->id(), $item->at('of')?->items(8) ?? []),
                $item->at('by')?->number(-1e6, 1e6), $item->at('plus')?->number(-1e6, 1e6), $while === null ? null : ConditionDecoder::decode($while),
            );
        }
        $callIds = new Once('a call');
        foreach ($node->at('calls')?->items(60) ?? [] as $item) {
            $calls[] = self::call($item, $callIds);
        }

        return new Sense(
            $node->at('bus')?->choice(SensorBus::class),
            $node->at('interval')?->number(0.1, 10) ?? Sense::INTERVAL,
            $chain,
            $values,
            $node->at('system')?->choice(UnitSystem::class),
            array_map(fn (Node $unit): Unit => $unit->choice(Unit::class), $node->at('units')?->entries(60) ?? []),
            $calls,
            array_map(fn (Node $item): string => $item->id(), $node->at('announces')?->items(30) ?? []),
            $node->at('tone')?->flag() ?? false,
        );
    }

    private static function call(Node $node, Once $ids): Call
    {
        $node->keys(['id', 'name', 'when', 'says'], ['hold', 'priority', 'repeat', 'after', 'plays']);
        [$when, $after] = [$node->at('when'), $node->at('after')];

        return new Call(
            $ids->id($node), $node->at('name')?->text() ?? '', ConditionDecoder::decode($when ?? new Node('none', '', $node->faults)),
            $node->at('hold')?->number(0, 60) ?? 0.0, $node->at('priority')?->choice(Priority::class) ?? Priority::Note,
            $node->at('repeat')?->number(0, 600) ?? 0.0, $after === null ? null : ConditionDecoder::decode($after),
            array_map(self::token(...), $node->at('says')?->items(16) ?? []), $node->at('plays')?->choice(Sound::class),
        );
    }

    private static function token(Node $node): Token
    {
        if ($node->isText()) {
            return Token::words($node->text(80));
        }
        $node->keys(['value'], ['places', 'unit']);

        return Token::value($node->at('value')?->id() ?? '', $node->at('places')?->whole(0, 3) ?? 0, $node->at('unit')?->flag() ?? true);
    }
}
