<?php

namespace DuskSwitch\Core\Document\Form;

/** Of forms whose value is a map: {@see Keyed} with nothing to do. */
trait IsMap
{
    public function isKeyed(): bool
    {
        return true;
    }

    public function isRanked(): bool
    {
        return false;
    }

    public function byId(array $value): array
    {
        return $value;
    }

    public function together(array $byId): array
    {
        return $byId;
    }
}
