<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Entries;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\Form\Word;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\WithFields;

/** How the kit is set up beside the transmitter, the receiver and the controller that a program names. */
final readonly class KitChoice implements Checked
{
    use WithFields;

    /** How channels go from a receiver to a controller. */
    private const WIRES = ['leads', 'sum', 'serial'];

    /** What can power a receiver. */
    private const POWERS = ['controller', 'pack', 'usb'];

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
        #[Id(Names::Link)]
        public ?string $link = null,
        #[Id(Names::LinkSubtype)]
        public ?string $subtype = null,
        #[Word(self::WIRES), Field(says: 'how the receiver passes its channels on')]
        public ?string $wire = null,
        #[Word(self::WIRES), Field(says: 'what the controller is set to take')]
        public ?string $input = null,
        #[Word(self::POWERS), Field(says: 'what powers the receiver')]
        public ?string $power = null,
        #[Id(Names::Pack)]
        public ?string $pack = null,
        #[Id(Names::SpeedController)]
        public ?string $speedController = null,
        #[Entries('port', new Text(20), 'owner', new Text(40), most: 16)]
        public array $ports = [],
        #[ListOf(KitPart::class, most: 32, each: 'a part'), Field(says: 'what else is on board')]
        public array $parts = [],
        #[Text(20), Field(says: 'where the program lies in the transmitter')]
        public ?string $memory = null,
        #[Whole(0, 255), Field(says: 'the number that the receiver checks, so that a wrong program moves nothing')]
        public ?int $match = null,
    ) {}

    public function check(JsonCursor $node): static
    {
        $items = $node->at('parts')?->each() ?? [];
        $sources = array_keys(PartPower::SOURCES);
        foreach ($this->parts as $part) {
            if ($part->kind === PartKind::Regulator) {
                $sources[] = $part->id;
            }
        }
        foreach ($this->parts as $place => $part) {
            $fed = $part->power->fed;
            if ($fed !== null && ! in_array($fed, $sources, true)) {
                $items[$place]
                    ->at('fed')
                    ?->fault(
                        'must be one of '.
                            implode(', ', array_keys(PartPower::SOURCES)).
                            ', or the id of a regulator',
                    );
            } elseif ($fed === $part->id) {
                $items[$place]->at('fed')?->fault('it can\'t power itself');
            }
        }

        return $this;
    }

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
