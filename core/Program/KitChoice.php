<?php

namespace DuskSwitch\Core\Program;

/** How the kit is set up beside the transmitter, the receiver and the controller that a program names. */
final readonly class KitChoice
{
    /**
     * @param  string|null  $link  the kind of link chosen in the transmitter
     * @param  string|null  $subtype  of that link
     * @param  string|null  $wire  how the receiver passes its channels on: leads, sum or serial
     * @param  string|null  $input  what the controller is set to take: leads, sum or serial
     * @param  string|null  $power  what powers the receiver: controller, pack or usb
     * @param  string|null  $pack  the id of a pack in Stores
     * @param  string|null  $speedController  the id of a speed controller in Stores
     * @param  array<string, string>  $ports  what owns each serial port of the controller
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
    ) {}

    /** True where nothing was chosen. */
    public function isEmpty(): bool
    {
        return array_filter(
            [$this->link, $this->subtype, $this->wire, $this->input, $this->power, $this->pack, $this->speedController],
            fn (?string $one): bool => $one !== null,
        ) === [] && $this->ports === [];
    }
}
