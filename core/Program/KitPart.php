<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** One more part on board, or several of one kind. */
final readonly class KitPart implements Part
{
    use WithFields;

    /**
     * @param  int  $count  how many of it, 1 to 16
     * @param  string|null  $port  the controller's serial port that it owns
     * @param  string|null  $system  parts of one system run matching firmware
     * @param  int|null  $generation  of its firmware
     */
    public function __construct(
        public string $id,
        public string $name,
        public PartKind $kind,
        public int $count = 1,
        public PartPower $power = new PartPower(),
        public ?string $port = null,
        public ?string $system = null,
        public ?int $generation = null,
    ) {}
}
