<?php

namespace DuskSwitch\Core\Document\Form;

/** Of forms whose value is a map: {@see Keyed} with nothing to do. */
trait IsMap
{
    /** {@see Keyed::isKeyed()} */
    public function isKeyed(): bool
    {
        return true;
    }

    /** {@see Keyed::isRanked()} */
    public function isRanked(): bool
    {
        return false;
    }

    /** {@see Keyed::byId()} */
    public function byId(array $value): array
    {
        return $value;
    }

    /** {@see Keyed::together()} */
    public function together(array $byId): array
    {
        return $byId;
    }
}
