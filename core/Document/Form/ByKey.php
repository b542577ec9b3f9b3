<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Schema;

/** A part of one of several classes: a key that only one of them has tells which. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class ByKey implements Form
{
    /**
     * @param  array<string, class-string<Part>>  $by  by the key that tells
     * @param  class-string<Part>  $else  where none of them stands there
     * @param  list<string>  $never  keys of something else that is easily mistaken for it
     * @param  string  $because  what is said where one of those stands there
     */
    public function __construct(
        public array $by,
        public string $else,
        public array $never = [],
        public string $because = '',
    ) {}

    public function read(JsonCursor $node, Forms $forms): ?Part
    {
        foreach ($this->by as $key => $class) {
            if ($node->has($key)) {
                return $forms->declaration($class)->read($node, $forms);
            }
        }
        foreach ($this->never as $key) {
            if ($node->has($key)) {
                $node->fault($this->because);

                return null;
            }
        }

        return $forms->declaration($this->else)->read($node, $forms);
    }

    public function write(mixed $value, Forms $forms): mixed
    {
        assert($value instanceof Part);

        return $forms->declaration($value::class)->write($value, $forms);
    }

    public function schema(Schema $schema): array
    {
        return ['oneOf' => array_map($schema->of(...), [...array_values($this->by), $this->else])];
    }
}
