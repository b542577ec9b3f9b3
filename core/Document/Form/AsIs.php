<?php

namespace DuskSwitch\Core\Document\Form;

use DuskSwitch\Core\Document\Forms;

/** What is written as it is. */
trait AsIs
{
    /** {@see \DuskSwitch\Core\Document\Form::write()} */
    public function write(mixed $value, Forms $forms): mixed
    {
        return $value;
    }
}
