<?php

namespace DuskSwitch\Core\Program\Source;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** A control as the hand leaves it. */
final readonly class ControlSource implements Source
{
    public function __construct(
        #[Id(Names::Control)]
        public string $control,
    ) {}
}
