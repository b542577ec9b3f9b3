<?php

namespace DuskSwitch\Core\Document;

/**
 * How a value stands in a document: the one place from which it is read, written and described. A form is an attribute
 * of the field that it's for, or {@see Forms} has it for all values of a class.
 */
interface Form
{
    /** The value at a node; what is wrong is noted there, and a harmless stand-in of the same type comes back. */
    public function read(JsonCursor $node, Forms $forms): mixed;

    /** The value as it stands in the document: what `json_encode` takes, objects without keys as stdClass. */
    public function write(mixed $value, Forms $forms): mixed;

    /** @return array<string, mixed> its JSON Schema */
    public function schema(Schema $schema): array;
}
