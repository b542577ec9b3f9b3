<?php

namespace DuskSwitch\Core\Program\Source;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;

/** The value of a function. */
final readonly class FunctionSource implements Source
{
    public function __construct(
        #[Id(Names::Function)]
        public string $function,
    ) {}
}
