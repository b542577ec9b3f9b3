<?php

namespace DuskSwitch\Core\Signal\Test;

/** Every test holds. */
final readonly class AllOf implements Test
{
    /** @param  non-empty-list<Test>  $of */
    public function __construct(private array $of)
    {
    }

    public function holds(array $v): bool
    {
        foreach ($this->of as $one) {
            if (! $one->holds($v)) {
                return false;
            }
        }

        return true;
    }
}
