<?php

namespace DuskSwitch\Core\Document;

/** Copies a part by the names of its fields. All of them are public, and parameters of its constructor. */
trait WithFields
{
    /** {@see Part::with()} */
    public function with(mixed ...$fields): static
    {
        return Copy::of($this, $fields);
    }
}
