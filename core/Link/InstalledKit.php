<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SpeedController;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\KitChoice;
use DuskSwitch\Core\Program\Program;

/** What is on the bench for one aircraft. */
final readonly class InstalledKit
{
    /** @param  array<string, Sensor>  $sensors  by the id in the chain; those that are in Equipment */
    private function __construct(
        public Program $program,
        public Transmitter $transmitter,
        public ?Receiver $receiver,
        public ?Controller $controller,
        public ?Pack $pack,
        public ?SpeedController $speedController,
        public KitChoice $choice,
        public array $sensors,
    ) {}

    /** The kit that a program names, as far as it is in Equipment. */
    public static function of(Program $program, Transmitter $transmitter, Catalogue $catalogue): self
    {
        $choice = $program->aboard->kit;
        $sensors = [];
        foreach ($program->sense->chain as $fitted) {
            $sensors[$fitted->id] = $catalogue->sensor($fitted->sensor)?->in($fitted->mode);
        }

        return new self(
            $program,
            $transmitter,
            $catalogue->receiver($program->receiver ?? ''),
            $catalogue->controller($program->controller ?? ''),
            $catalogue->pack($choice->pack ?? ''),
            $catalogue->speedController($choice->speedController ?? ''),
            $choice,
            array_filter($sensors),
        );
    }

    /** True where that owner of a port is the receiver: named so, or by its own name. */
    public function isReceiver(string $owner): bool
    {
        return in_array(
            mb_strtolower(trim($owner)),
            array_map(mb_strtolower(...), ['receiver', $this->receiver->name ?? '', $this->receiver->id ?? '']),
            true,
        );
    }

    /** The serial port of the controller at which the receiver is; null where none is said to be. */
    public function receiverPort(): ?string
    {
        foreach ($this->choice->ports as $port => $owner) {
            if ($this->isReceiver($owner)) {
                return (string) $port;
            }
        }

        return null;
    }
}
