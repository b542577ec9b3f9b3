<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\MapOf;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** Each detent of a switch or button chooses a step. */
final readonly class DetentDrive implements Part
{
    use WithFields;

    /** @param  array<string, string>  $map detent => step; every detent of the control has one */
    public function __construct(
        #[Id(Names::Control)]
        public string $control,
        #[MapOf(new Id(Names::Step), most: 5, keys: Names::Detent), Field(says: 'detent (away, middle, toward, pressed, released) to step')]
        public array $map,
    ) {}
}
