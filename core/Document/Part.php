<?php

namespace DuskSwitch\Core\Document;

/**
 * A part of an open document. Its fields are public, read only, and the parameters of its constructor: what goes
 * through parts goes by those, so that a field more is nobody's work.
 */
interface Part extends Naming
{
    /**
     * The same part with some of its fields changed, each by its name; null is a value like any other.
     * `tools/PHPStan/WithRule.php` checks names and types.
     */
    public function with(mixed ...$fields): static;
}
