<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Schema;

/** An id: its own, or that of something else. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Id implements Form
{
    use AsIs;

    /** @param  Names|null  $of  what it names; null for the thing's own */
    public function __construct(public ?Names $of = null) {}

    public function read(JsonCursor $node, Forms $forms): string
    {
        return $node->id();
    }

    public function schema(Schema $schema): array
    {
        return $schema->named('id', ['type' => 'string', 'pattern' => '^[a-z][a-z0-9-]{0,39}$']);
    }
}
