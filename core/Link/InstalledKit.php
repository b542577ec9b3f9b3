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
    /** @param  array<string, Sensor>  $sensors  by the id in the chain; those that are in Stores */
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

    /** The kit that a program names, as far as it is in Stores. */
    public static function of(Program $program, Transmitter $transmitter, Catalogue $catalogue): self
    {
        $choice = $program->aboard->kit;
        $sensors = [];
        foreach ($program->sense->chain as $fitted) {
            $sensors[$fitted->id] = $catalogue->sensor($fitted->sensor);
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
}
