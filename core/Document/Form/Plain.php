<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** A number, a word, or true or false: what something else will judge. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Plain implements Form
{
    use AsIs;

    private const MOST = 1_000_000;

    public function read(JsonCursor $node, Forms $forms): float|bool|string
    {
        return match (true) {
            $node->isNumber() => $node->number(-self::MOST, self::MOST),
            $node->isText() => $node->text(),
            default => $node->flag(),
        };
    }

    public function schema(Schema $schema): array
    {
        return [
            'oneOf' => [
                (new Number(-self::MOST, self::MOST))->schema($schema),
                ['type' => 'boolean'],
                (new Text())->schema($schema),
            ],
        ];
    }
}
