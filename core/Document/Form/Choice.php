<?php

namespace DuskSwitch\Core\Document\Form;

use BackedEnum;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** One of the cases of an enum. A field of such a type has this form by itself. */
final readonly class Choice implements Form
{
    /** @param  class-string<BackedEnum>  $enum */
    public function __construct(public string $enum) {}

    public function read(JsonCursor $node, Forms $forms): BackedEnum
    {
        return $node->choice($this->enum);
    }

    public function write(mixed $value, Forms $forms): mixed
    {
        assert($value instanceof BackedEnum);

        return $value->value;
    }

    public function schema(Schema $schema): array
    {
        return $schema->named($this->enum, ['enum' => array_column($this->enum::cases(), 'value')]);
    }
}
