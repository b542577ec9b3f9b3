<?php

namespace DuskSwitch\Core\Document;

/** A part where some of its fields are known from where it stands, so that the document doesn't say them. */
final readonly class Within implements Form
{
    /**
     * @param  Declaration<Part>  $declaration
     * @param  array<string, mixed>  $given  by name
     */
    public function __construct(private Declaration $declaration, private array $given) {}

    public function read(JsonCursor $node, Forms $forms): Part
    {
        return $this->declaration->readWith($node, $forms, $this->given);
    }

    /** @return array<string, mixed> */
    public function write(mixed $value, Forms $forms): array
    {
        assert($value instanceof Part);

        return $this->declaration->written($value, $forms, array_keys($this->given));
    }

    public function schema(Schema $schema): array
    {
        return $schema->of($this->declaration->class, array_keys($this->given));
    }
}
