<?php

namespace DuskSwitch\Core\Fault;

/**
 * One thing that is wrong with a document: where (a path such as `functions[3].drive.control`, empty for
 * the document as a whole) and what, in words that say how to mend it.
 */
final readonly class Fault
{
    public function __construct(public string $path, public string $says) {}

    public function __toString(): string
    {
        return $this->path === '' ? $this->says : "{$this->path}: {$this->says}";
    }
}
