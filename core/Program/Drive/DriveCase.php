<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;

/** One case of a drive by conditions. */
final readonly class DriveCase implements Part
{
    use WithFields;

    public function __construct(
        public Condition $when,
        #[Id(Names::Step)]
        public string $step,
    ) {}
}
