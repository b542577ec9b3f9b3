<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** Two numbers that belong together, each with limits of its own: a point, a position. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Pair implements Form
{
    use AsIs;

    public function __construct(public Number $first, public Number $second) {}

    /** @return array{float, float}|null null where there aren't two */
    public function read(JsonCursor $node, Forms $forms): ?array
    {
        $items = $node->items(2, 2);

        return count($items) === 2
            ? [$this->first->read($items[0], $forms), $this->second->read($items[1], $forms)]
            : null;
    }

    public function schema(Schema $schema): array
    {
        return [
            'type' => 'array',
            'minItems' => 2,
            'maxItems' => 2,
            'prefixItems' => [$this->first->schema($schema), $this->second->schema($schema)],
        ];
    }
}
