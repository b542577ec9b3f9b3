<?php

namespace DuskSwitch\Core\Signal\Test;

/** A condition, compiled. */
interface Test
{
    /** The condition as a PHP expression over `$v`, the slots; in brackets where it needs them. */
    public function code(): string;
}
