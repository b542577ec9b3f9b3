<?php

namespace DuskSwitch\Core\Document\Form;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** true or false. A field of type bool has this form by itself. */
final readonly class Flag implements Form
{
    use AsIs;

    public function read(JsonCursor $node, Forms $forms): bool
    {
        return $node->flag();
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'boolean'];
    }
}
