<?php

namespace DuskSwitch\Core\Document;

use Attribute;

/** Of something in a schema: what it is in words, its name there, and those of its rules that a schema can tell. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Says
{
    /**
     * @param  string|null  $name  where it isn't the class's own
     * @param  array<string, mixed>  $rules  as JSON Schema has them
     */
    public function __construct(public string $what = '', public ?string $name = null, public array $rules = []) {}

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return [...$this->what === '' ? [] : ['description' => $this->what], ...$this->rules];
    }
}
