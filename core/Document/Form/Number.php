<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** A number within limits. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Number implements Form
{
    use AsIs;

    public function __construct(public float $least, public float $most) {}

    public function read(JsonCursor $node, Forms $forms): float
    {
        return $node->number($this->least, $this->most);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'number', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}
