<?php

namespace DuskSwitch\Core\Signal\Test;

/** At least one test holds. */
final readonly class AnyOf implements Test
{
    /** @param  non-empty-list<Test>  $of */
    public function __construct(private array $of)
    {
    }

    public function holds(array $v): bool
    {
        foreach ($this->of as $one) {
            if ($one->holds($v)) {
                return true;
            }
        }

        return false;
    }
}
