<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Schema;
use stdClass;

/** An object whose keys are ids, at most so many. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class MapOf implements Keyed
{
    use IsMap;

    /**
     * @param  Form|class-string  $of  what stands in it
     * @param  Names|null  $keys  what the keys name
     * @param  string|null  $key  the field of its parts that the key gives
     */
    public function __construct(
        public Form|string $of,
        public int $most,
        public ?Names $keys = null,
        public ?string $key = null,
    ) {}

    /** @return array<string, mixed> */
    public function read(JsonCursor $node, Forms $forms): array
    {
        $map = [];
        foreach ($node->entries($this->most) as $key => $entry) {
            $map[$key] = $this->one($key, $forms)->read($entry, $forms);
        }

        return $map;
    }

    /** @return array<string, mixed>|stdClass */
    public function write(mixed $value, Forms $forms): array|stdClass
    {
        assert(is_array($value));
        $map = [];
        foreach ($value as $key => $one) {
            $map[(string) $key] = $this->one($key, $forms)->write($one, $forms);
        }

        return $map === [] ? new stdClass() : $map;
    }

    public function schema(Schema $schema): array
    {
        return [
            'type' => 'object',
            'maxProperties' => $this->most,
            'propertyNames' => (new Id())->schema($schema),
            'additionalProperties' => $this->key === null || ! is_string($this->of)
                ? $schema->of($this->of)
                : $schema->named($this->of, $schema->of($this->of, [$this->key])),
        ];
    }

    public function one(int|string $id, Forms $forms): Form
    {
        return $forms->within($this->of, $this->key === null ? [] : [$this->key => (string) $id]);
    }
}
