<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Among;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** The place of an item in a list that is a field before it, from 0. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Place implements Among
{
    use AsIs;

    /** @param  int  $most  as many items as the list can have */
    public function __construct(public string $list, public int $most) {}

    public function among(JsonCursor $node, array $before): int
    {
        $list = $before[$this->list] ?? [];

        return $node->whole(0, max(0, (is_array($list) ? count($list) : 0) - 1));
    }

    public function read(JsonCursor $node, Forms $forms): int
    {
        return $node->whole(0, $this->most - 1);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'integer', 'minimum' => 0, 'maximum' => $this->most - 1];
    }
}
