<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Document\UniqueIds;

/** A list of at most so many. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class ListOf implements Keyed
{
    /**
     * @param  Form|class-string  $of  what stands in it
     * @param  string|null  $each  what one is, with its article, where none may be there twice: "a step"
     * @param  string  $by  the field, and key, by which they are told apart then
     * @param  bool  $keyed  the value is a map by that field
     * @param  bool  $named  they are told apart by that field, and the part that they're in judges it
     * @param  bool  $ranked  their order means something
     * @param  bool  $distinct  no two are the same; told by the schema, and judged by the part
     * @param  array<string, mixed>  $given  fields of its parts that don't stand in the document
     */
    public function __construct(
        public Form|string $of,
        public int $most,
        public int $least = 0,
        public ?string $each = null,
        public string $by = 'id',
        public bool $keyed = false,
        public bool $named = false,
        public bool $ranked = false,
        public bool $distinct = false,
        public array $given = [],
    ) {}

    /** @return array<mixed> */
    public function read(JsonCursor $node, Forms $forms): array
    {
        $form = $forms->within($this->of, $this->given);
        $unique = $this->each === null ? null : new UniqueIds($this->each);
        $list = [];
        foreach ($node->items($this->most, $this->least) as $item) {
            $value = $form->read($item, $forms);
            if ($value === null) {
                continue;
            }
            $unique?->check($item, $this->by, $this->key($value));
            if ($this->keyed) {
                $list[$this->key($value)] = $value;
            } else {
                $list[] = $value;
            }
        }

        return $list;
    }

    /** @return list<mixed> */
    public function write(mixed $value, Forms $forms): array
    {
        assert(is_array($value));
        $form = $forms->within($this->of, $this->given);

        return array_map(fn (mixed $one): mixed => $form->write($one, $forms), array_values($value));
    }

    public function schema(Schema $schema): array
    {
        return [
            'type' => 'array',
            ...$this->least > 0 ? ['minItems' => $this->least] : [],
            'maxItems' => $this->most,
            ...$this->distinct ? ['uniqueItems' => true] : [],
            'items' => $schema->of($this->of, array_keys($this->given)),
        ];
    }

    public function isKeyed(): bool
    {
        return $this->named || $this->each !== null;
    }

    public function isRanked(): bool
    {
        return $this->ranked;
    }

    public function byId(array $value): array
    {
        return $this->keyed ? $value : array_combine(array_map($this->key(...), $value), $value);
    }

    public function together(array $byId): array
    {
        return $this->keyed ? $byId : array_values($byId);
    }

    public function one(int|string $id, Forms $forms): Form
    {
        return $forms->within($this->of, $this->given);
    }

    private function key(mixed $value): int|string
    {
        $key = is_object($value) ? get_object_vars($value)[$this->by] ?? '' : '';

        return is_int($key) || is_string($key) ? $key : '';
    }
}
