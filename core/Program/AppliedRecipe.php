<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\MapOf;
use DuskSwitch\Core\Document\Form\Plain;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** The airframe recipe that wrote a program's mixing last, with what was chosen. */
#[Says('the airframe recipe that wrote the mixing last, with what was chosen', name: 'recipe')]
final readonly class AppliedRecipe implements Part
{
    use WithFields;

    public const MOST_SETTINGS = 40;

    /**
     * @param  string  $id  the recipe's
     * @param  array<string, float|bool|string>  $settings  by the id of the setting
     */
    public function __construct(
        #[Id(Names::Recipe)]
        public string $id,
        #[MapOf(new Plain(), most: self::MOST_SETTINGS)]
        public array $settings = [],
    ) {}
}
