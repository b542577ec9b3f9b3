<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** How the kit is set up beside the transmitter, the receiver and the controller that a program names. */
final readonly class KitChoice implements Part
{
    use WithFields;

    /**
     * @param  string|null  $link  the kind of link chosen in the transmitter
     * @param  string|null  $subtype  of that link
     * @param  string|null  $wire  how the receiver passes its channels on: leads, sum or serial
     * @param  string|null  $input  what the controller is set to take: leads, sum or serial
     * @param  string|null  $power  what powers the receiver: controller, pack or usb
     * @param  string|null  $pack  the id of a pack in Equipment
     * @param  string|null  $speedController  the id of a speed controller in Equipment
     * @param  array<string, string>  $ports  what owns each serial port of the controller
     * @param  list<KitPart>  $parts  what else is on board
     * @param  string|null  $memory  where the program lies in the transmitter
     * @param  int|null  $match  the number that the receiver checks, so that a wrong program moves nothing
     */
    public function __construct(
        public ?string $link = null,
        public ?string $subtype = null,
        public ?string $wire = null,
        public ?string $input = null,
        public ?string $power = null,
        public ?string $pack = null,
        public ?string $speedController = null,
        public array $ports = [],
        public array $parts = [],
        public ?string $memory = null,
        public ?int $match = null,
    ) {}

    /** True where nothing was chosen. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }

    /** Whether there is a part of that kind on board; what owns a port may say so by its name too. */
    public function has(PartKind $kind): bool
    {
        foreach ($this->parts as $part) {
            if ($part->kind === $kind) {
                return true;
            }
        }

        return str_contains(mb_strtolower(implode(' ', $this->ports)), $kind->value);
    }
}
