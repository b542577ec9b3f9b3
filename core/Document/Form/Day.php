<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** A day, YYYY-MM-DD. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Day implements Form
{
    use AsIs;

    public function read(JsonCursor $node, Forms $forms): string
    {
        $day = $node->text(10);
        if (preg_match('/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/D', $day) !== 1) {
            $node->fault('must be a date such as 2026-05-01');
        }

        return $day;
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'string', 'pattern' => '^[0-9]{4}-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01])$'];
    }
}
