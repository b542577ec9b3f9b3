<?php

namespace DuskSwitch\Core\Document;

use Attribute;

/** What a part says of itself in its schema: what it is in words, and those of its rules that a schema can tell. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Says
{
    /** @param  array<string, mixed>  $rules  as JSON Schema has them */
    public function __construct(public string $what = '', public array $rules = []) {}

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return [...$this->what === '' ? [] : ['description' => $this->what], ...$this->rules];
    }
}
