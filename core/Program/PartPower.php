<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Units\Range;

/** What a part needs and what it gives. */
final readonly class PartPower
{
    /** What can power a part beside a regulator that is a part itself: names by id. */
    public const SOURCES = [
        'pack' => 'The pack directly',
        'speed-controller' => 'The speed controller\'s regulator',
        'controller' => 'The controller',
        'receiver' => 'The receiver',
        'own' => 'A battery of its own',
    ];

    /**
     * @param  Range|null  $supply  volts that it takes
     * @param  float|null  $draw  mA, of one of them at the most
     * @param  string|null  $fed  one of SOURCES, or the id of a regulator among the parts
     * @param  float|null  $volts  that a regulator gives
     * @param  float|null  $gives  mA that a regulator gives
     * @param  string|null  $plug  what kind of plug it has, in words
     */
    public function __construct(
        public ?Range $supply = null,
        public ?float $draw = null,
        public ?string $fed = null,
        public ?float $volts = null,
        public ?float $gives = null,
        public ?string $plug = null,
    ) {}
}
