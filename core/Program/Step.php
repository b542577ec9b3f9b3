<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** One step of a stepped function. */
final readonly class Step implements Part
{
    use WithFields;

    /**
     * @param  float  $value  the signal in this step, −1.5 to 1.5
     * @param  Meaning|null  $means  null where nobody has said
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Number(-1.5, 1.5)]
        public float $value,
        #[Text, Field(after: 'id', otherwise: 'nameOf')]
        public string $name,
        public ?Meaning $means = null,
    ) {}

    /** What a step is called where nobody has said. */
    public static function nameOf(string $id): string
    {
        return ucfirst($id);
    }
}
