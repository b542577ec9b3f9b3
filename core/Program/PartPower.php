<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Span;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Units\Range;

/** What a part needs and what it gives. */
final readonly class PartPower implements Part
{
    use WithFields;

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
        #[Span(1, 60), Field(says: 'volts that it takes, [low, high], or one number')]
        public ?Range $supply = null,
        #[Number(0, 100_000), Field(says: 'mA, of one at the most')]
        public ?float $draw = null,
        #[Id(Names::Part), Field(says: 'what powers it: pack, controller, speed-controller (its regulator), receiver, own, or the id of a regulator among the parts')]
        public ?string $fed = null,
        #[Number(1, 60), Field(says: 'that a regulator gives')]
        public ?float $volts = null,
        #[Number(0, 100_000), Field(says: 'mA that a regulator gives')]
        public ?float $gives = null,
        #[Text(40)]
        public ?string $plug = null,
    ) {}
}
