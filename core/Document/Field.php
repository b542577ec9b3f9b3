<?php

namespace DuskSwitch\Core\Document;

use Attribute;

/** What a document says of a field beside the form of its value. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Field
{
    /**
     * @param  string|null  $key  where it isn't the field's own name
     * @param  bool  $always  written even where it has its default
     * @param  string|null  $after  the field behind which it is written, where that isn't the one before it
     * @param  string|null  $otherwise  the name of a static method of the part that gives what is meant where it is
     *              missing, from the fields before it in their order
     * @param  bool  $inline  its fields stand among those of the part that it's in
     * @param  bool  $apart  it isn't in the document
     * @param  string  $says  what it is, in words, where its name doesn't say it
     */
    public function __construct(
        public ?string $key = null,
        public bool $always = false,
        public ?string $after = null,
        public ?string $otherwise = null,
        public bool $inline = false,
        public bool $apart = false,
        public string $says = '',
    ) {}
}
