<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Kit\SensorBus;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Program\Telemetry\Logging;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Program\Telemetry\TelemetryPlan;
use DuskSwitch\Core\Telemetry\Derivations;
use DuskSwitch\Core\Telemetry\Derive\Sum;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;

/** Reads what an aircraft senses, and what is said of it. */
final class TelemetryPlanDecoder
{
    /** What stands at a node. */
    public static function read(JsonCursor $node): TelemetryPlan
    {
        $node->keys(
            [],
            [
                'bus',
                'interval',
                'chain',
                'values',
                'system',
                'units',
                'calls',
                'announces',
                'tone',
                'blanked',
                'logging',
                'reset',
                'pages',
                'language',
            ],
        );
        $values = $calls = [];
        $ids = new UniqueIds('something');
        $chain = self::chain($node->at('chain'), $ids);
        $ways = Derivations::all();
        foreach ($node->at('values')?->items(40) ?? [] as $item) {
            $values[] = self::value($item, $ids, $ways);
        }
        $callIds = new UniqueIds('a call');
        foreach ($node->at('calls')?->items(60) ?? [] as $item) {
            $calls[] = self::call($item, $callIds);
        }

        return new TelemetryPlan(
            bus: $node->at('bus')?->choice(SensorBus::class),
            interval: $node->at('interval')?->number(0.1, 10) ?? TelemetryPlan::INTERVAL,
            chain: $chain,
            values: $values,
            system: $node->at('system')?->choice(UnitSystem::class),
            units: array_map(
                fn (JsonCursor $unit): Unit => $unit->choice(Unit::class),
                $node->at('units')?->entries(60) ?? [],
            ),
            calls: $calls,
            announces: array_map(fn (JsonCursor $item): string => $item->id(), $node->at('announces')?->items(30) ?? []),
            tone: ToneFormat::read($node->at('tone')),
            blanked: array_map(
                fn (JsonCursor $item): int => $item->whole(0, 63),
                $node->at('blanked')?->items(64) ?? [],
            ),
            logging: self::logging($node->at('logging')),
            reset: self::condition($node->at('reset')),
            pages: GlanceFormat::read($node->at('pages')),
            language: $node->at('language')?->choice(SpokenLanguage::class) ?? SpokenLanguage::English,
        );
    }

    /** @return list<InstalledSensor> */
    private static function chain(?JsonCursor $list, UniqueIds $ids): array
    {
        $chain = [];
        foreach ($list?->items(28) ?? [] as $item) {
            $item->keys(['id', 'sensor'], ['address', 'slot', 'byHand', 'mode', 'scales']);
            $slot = $item->at('slot')?->whole(0, 63);
            $chain[] = new InstalledSensor(
                id: $ids->id($item),
                sensor: $item->need('sensor')->id(),
                address: $item->at('address')?->whole(1, 28),
                slot: $slot,
                byHand: $slot !== null && $item->at('byHand')?->flag() === true,
                mode: $item->at('mode')?->id(),
                scales: array_map(
                    fn (JsonCursor $by): float => $by->number(0.1, 10),
                    $item->at('scales')?->entries(16) ?? [],
                ),
            );
        }

        return $chain;
    }

    /** @param  array<string, Derivation>  $ways */
    private static function value(JsonCursor $node, UniqueIds $ids, array $ways): DerivedValue
    {
        $node->keys(['id', 'name', 'does'], ['of', 'by', 'plus', 'while', 'home']);

        return new DerivedValue(
            id: $ids->id($node),
            name: $node->need('name')->text(30),
            does: $node->at('does')?->oneOf($ways) ?? new Sum(),
            of: array_map(fn (JsonCursor $of): string => $of->id(), $node->at('of')?->items(8) ?? []),
            by: $node->at('by')?->number(-1e6, 1e6),
            plus: $node->at('plus')?->number(-1e6, 1e6),
            while: self::condition($node->at('while')),
            home: self::home($node->at('home')),
        );
    }

    private static function call(JsonCursor $node, UniqueIds $ids): Callout
    {
        $node->keys(['id', 'name', 'when', 'says'], ['hold', 'priority', 'repeat', 'after', 'plays', 'within']);
        [$when, $after] = [$node->at('when'), $node->at('after')];

        return new Callout(
            id: $ids->id($node),
            name: $node->need('name')->text(),
            when: ConditionDecoder::decode($when ?? new JsonCursor('none', '', $node->faults)),
            hold: $node->at('hold')?->number(0, 60) ?? 0.0,
            priority: $node->at('priority')?->choice(Priority::class) ?? Priority::Note,
            repeat: $node->at('repeat')?->number(0, 600) ?? 0.0,
            after: $after === null ? null : ConditionDecoder::decode($after),
            says: array_map(self::token(...), $node->need('says')->items(16)),
            plays: $node->at('plays')?->choice(Sound::class),
            within: $node->at('within')?->number(1, 600),
        );
    }

    private static function logging(?JsonCursor $node): ?Logging
    {
        $node?->keys([], ['when', 'every']);

        return $node === null
            ? null
            : new Logging(
                when: self::condition($node->at('when')),
                every: $node->at('every')?->number(0.1, 60) ?? Logging::EVERY,
            );
    }

    private static function condition(?JsonCursor $node): ?Condition
    {
        return $node === null ? null : ConditionDecoder::decode($node);
    }

    /** @return array{float, float}|null */
    private static function home(?JsonCursor $node): ?array
    {
        $parts = $node?->items(2, 2) ?? [];

        return count($parts) === 2 ? [$parts[0]->number(-90, 90), $parts[1]->number(-180, 180)] : null;
    }

    private static function token(JsonCursor $node): PhrasePart
    {
        if ($node->isText()) {
            return PhrasePart::words($node->text(80));
        }
        $node->keys(['value'], ['places', 'unit']);

        return PhrasePart::value(
            $node->need('value')->id(),
            $node->at('places')?->whole(0, 3) ?? 0,
            $node->at('unit')?->flag() ?? true,
        );
    }
}
