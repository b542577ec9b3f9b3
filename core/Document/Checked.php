<?php

namespace DuskSwitch\Core\Document;

/** A part with rules between its fields, or about the parts in it. */
interface Checked extends Part
{
    /** Notes at the node that it was read from what contradicts itself, and gives the part as it is to be taken. */
    public function check(JsonCursor $node): static;
}
