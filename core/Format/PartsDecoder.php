<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Program\KitPart;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Program\PartPower;

/** Reads and writes the further parts on board. */
final class PartsDecoder
{
    /** @return list<KitPart> */
    public static function read(?JsonCursor $node): array
    {
        $parts = [];
        $ids = new UniqueIds('a part');
        $items = $node?->items(32) ?? [];
        foreach ($items as $item) {
            $item->keys(
                ['id', 'name', 'kind'],
                ['count', 'supply', 'draw', 'fed', 'volts', 'gives', 'plug', 'port', 'system', 'generation'],
            );
            $parts[] = self::part($item, $ids);
        }
        $regulators = array_column(
            array_filter($parts, fn (KitPart $one): bool => $one->kind === PartKind::Regulator),
            'id',
        );
        foreach ($parts as $place => $part) {
            $fed = $part->power->fed;
            if ($fed !== null && ! in_array($fed, [...array_keys(PartPower::SOURCES), ...$regulators], true)) {
                $items[$place]
                    ->at('fed')
                    ?->fault(
                        'must be one of '.
                            implode(', ', array_keys(PartPower::SOURCES)).
                            ', or the id of a regulator',
                    );
            } elseif ($fed === $part->id) {
                $items[$place]->at('fed')?->fault('it can\'t power itself');
            }
        }

        return $parts;
    }

    private static function part(JsonCursor $item, UniqueIds $ids): KitPart
    {
        $id = $ids->id($item);
        if (isset(PartPower::SOURCES[$id])) {
            $item->at('id')?->fault("\"{$id}\" is a way of powering; take another id");
        }

        return new KitPart(
            id: $id,
            name: $item->need('name')->text(),
            kind: $item->need('kind')->choice(PartKind::class),
            count: $item->at('count')?->whole(1, 16) ?? 1,
            power: new PartPower(
                supply: $item->at('supply')?->range(1, 60),
                draw: $item->at('draw')?->number(0, 100_000),
                fed: $item->at('fed')?->id(),
                volts: $item->at('volts')?->number(1, 60),
                gives: $item->at('gives')?->number(0, 100_000),
                plug: $item->at('plug')?->text(40),
            ),
            port: $item->at('port')?->text(20),
            system: $item->at('system')?->text(40),
            generation: $item->at('generation')?->whole(1, 99),
        );
    }

    /**
     * @param  list<KitPart>  $parts
     * @return list<array<string, mixed>>
     */
    public static function write(array $parts): array
    {
        return array_map(
            fn (KitPart $one): array => array_filter(
                [
                    'id' => $one->id,
                    'name' => $one->name,
                    'kind' => $one->kind->value,
                    'count' => $one->count === 1 ? null : $one->count,
                    'supply' => $one->power->supply === null ? null : [$one->power->supply->low, $one->power->supply->high],
                    'draw' => $one->power->draw,
                    'fed' => $one->power->fed,
                    'volts' => $one->power->volts,
                    'gives' => $one->power->gives,
                    'plug' => $one->power->plug,
                    'port' => $one->port,
                    'system' => $one->system,
                    'generation' => $one->generation,
                ],
                fn (mixed $value): bool => $value !== null,
            ),
            $parts,
        );
    }
}
