<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** A value on a glance page. */
#[Says(name: 'cell')]
final readonly class GlanceCell implements Part
{
    use WithFields;

    /**
     * @param  string  $value  the id of a telemetry value
     * @param  GlancePlace|null  $place  in the picture; null on a screen, where cells follow one another
     */
    public function __construct(
        #[Id(Names::Value)]
        public string $value,
        #[Field(says: 'a number where it is missing; an arrow points home, of a bearing from home')]
        public GlanceLook $look = GlanceLook::Number,
        #[Field(says: 'in the picture, whose middle stays clear')]
        public ?GlancePlace $place = null,
    ) {}
}
