<?php

namespace DuskSwitch\Core\Signal\Test;

/** The test doesn't hold. */
final readonly class NotOf implements Test
{
    public function __construct(private Test $of)
    {
    }

    public function holds(array $v): bool
    {
        return ! $this->of->holds($v);
    }
}
