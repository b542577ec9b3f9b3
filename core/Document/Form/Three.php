<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** Three pulses in µs, or what belongs to each of them: low end, centre, high end. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Three implements Form
{
    use AsIs;

    public function __construct(public float $least, public float $most) {}

    /** @return array{float, float, float} */
    public function read(JsonCursor $node, Forms $forms): array
    {
        $items = array_map(
            fn (JsonCursor $one): float => $one->number($this->least, $this->most),
            $node->items(3, 3),
        );

        return [$items[0] ?? 1000.0, $items[1] ?? 1500.0, $items[2] ?? 2000.0];
    }

    public function schema(Schema $schema): array
    {
        return [
            'type' => 'array',
            'minItems' => 3,
            'maxItems' => 3,
            'items' => (new Number($this->least, $this->most))->schema($schema),
        ];
    }
}
