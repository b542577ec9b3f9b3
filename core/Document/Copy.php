<?php

namespace DuskSwitch\Core\Document;

/** Copies parts by the names of their fields. */
final class Copy
{
    /**
     * The same part with some fields changed.
     *
     * @template T of Part
     *
     * @param  T  $part
     * @param  array<mixed>  $fields  by name
     * @return T
     */
    public static function of(Part $part, array $fields): Part
    {
        $class = $part::class;

        return new $class(...[...get_object_vars($part), ...$fields]);
    }
}
