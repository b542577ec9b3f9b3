<?php

namespace DuskSwitch\Core\Fault;

use RuntimeException;

/** A document, or a set of inputs, can't be taken as it is; every fault has its path. */
final class Refused extends RuntimeException
{
    /** @param  non-empty-list<Fault>  $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(strval(...), $faults)));
    }

    /** The refusal with one fault. */
    public static function because(string $path, string $says): self
    {
        return new self([new Fault($path, $says)]);
    }
}
