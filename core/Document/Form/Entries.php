<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Document\UniqueIds;

/** A map that stands as a list of objects with two keys: what it's about, and what is said of it. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Entries implements Keyed
{
    use IsMap;

    /**
     * @param  Form|class-string  $of  the values
     * @param  string|null  $each  what one is, with its article, where none may be there twice
     */
    public function __construct(
        public string $key,
        public Form $keys,
        public string $value,
        public Form|string $of,
        public int $most,
        public ?string $each = null,
    ) {}

    /** @return array<mixed> */
    public function read(JsonCursor $node, Forms $forms): array
    {
        $map = [];
        $unique = $this->each === null ? null : new UniqueIds($this->each);
        foreach ($node->items($this->most) as $item) {
            $item->keys([$this->key, $this->value]);
            $key = $this->keys->read($item->need($this->key), $forms);
            assert(is_int($key) || is_string($key));
            $unique?->check($item, $this->key, $key);
            $map[$key] = $forms->of($this->of)->read($item->need($this->value), $forms);
        }

        return $map;
    }

    /** @return list<array<string, mixed>> */
    public function write(mixed $value, Forms $forms): array
    {
        assert(is_array($value));
        $list = [];
        foreach ($value as $key => $one) {
            $list[] = [
                $this->key => $this->keys instanceof Text ? (string) $key : $key,
                $this->value => $forms->of($this->of)->write($one, $forms),
            ];
        }

        return $list;
    }

    public function schema(Schema $schema): array
    {
        return [
            'type' => 'array',
            'maxItems' => $this->most,
            'items' => [
                'type' => 'object',
                'additionalProperties' => false,
                'required' => [$this->key, $this->value],
                'properties' => [$this->key => $this->keys->schema($schema), $this->value => $schema->of($this->of)],
            ],
        ];
    }

    public function one(int|string $id, Forms $forms): Form
    {
        return $forms->of($this->of);
    }
}
