<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** A dial, slider, switch or button moves a proportional function. */
final readonly class ControlDrive implements Part
{
    use WithFields;

    public function __construct(
        #[Id(Names::Control)]
        public string $control,
    ) {}
}
