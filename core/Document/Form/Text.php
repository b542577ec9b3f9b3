<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** Text of at most so many characters. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Text implements Form
{
    use AsIs;

    public function __construct(public int $most = 60, public bool $mayBeEmpty = false) {}

    public function read(JsonCursor $node, Forms $forms): string
    {
        return $node->text($this->most, $this->mayBeEmpty);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'string', ...$this->mayBeEmpty ? [] : ['minLength' => 1], 'maxLength' => $this->most];
    }
}
