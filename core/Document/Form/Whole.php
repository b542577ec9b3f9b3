<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** A whole number within limits. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Whole implements Form
{
    use AsIs;

    public function __construct(public int $least, public int $most) {}

    public function read(JsonCursor $node, Forms $forms): int
    {
        return $node->whole($this->least, $this->most);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}
