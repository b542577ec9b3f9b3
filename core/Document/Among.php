<?php

namespace DuskSwitch\Core\Document;

/** A form whose limits hang on the fields before it. */
interface Among extends Form
{
    /**
     * The value at a node.
     *
     * @param  array<string, mixed>  $before  the fields before it, by name
     */
    public function among(JsonCursor $node, array $before): mixed;
}
