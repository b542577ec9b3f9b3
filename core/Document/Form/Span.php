<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Units\Range;

/** Two numbers, `[low, high]`, or one for both sides. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Span implements Form
{
    /**
     * @param  bool  $short  written as one number where both sides are the same
     * @param  bool  $rises  the low one is below the high one, so that one number can't stand for both
     */
    public function __construct(
        public float $least,
        public float $most,
        public bool $short = false,
        public bool $rises = false,
    ) {}

    public function read(JsonCursor $node, Forms $forms): Range
    {
        $range = $node->range($this->least, $this->most);
        if ($this->rises && $range->low >= $range->high) {
            $node->fault('the low limit must be below the high one');
        }

        return $range;
    }

    public function write(mixed $value, Forms $forms): mixed
    {
        assert($value instanceof Range);

        return $this->short && $value->isEven() ? $value->high : [$value->low, $value->high];
    }

    public function schema(Schema $schema): array
    {
        $number = (new Number($this->least, $this->most))->schema($schema);
        $pair = ['type' => 'array', 'minItems' => 2, 'maxItems' => 2, 'items' => $number];

        return $this->rises ? $pair : ['oneOf' => [$number, $pair]];
    }
}
