<?php

namespace DuskSwitch\Core\Program;

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
        public string $id,
        public string $name,
        public float $value,
        public ?Meaning $means = null,
    ) {}
}
