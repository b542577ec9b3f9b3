<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** One more part on board, or several of one kind. */
#[Says('one more part on board, or several of one kind', name: 'part')]
final readonly class KitPart implements Checked
{
    use WithFields;

    /**
     * @param  int  $count  how many of it, 1 to 16
     * @param  string|null  $port  the controller's serial port that it owns
     * @param  string|null  $system  parts of one system run matching firmware
     * @param  int|null  $generation  of its firmware
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $name,
        public PartKind $kind,
        #[Whole(1, 16), Field(says: '1 where it is missing')]
        public int $count = 1,
        #[Field(inline: true)]
        public PartPower $power = new PartPower(),
        #[Text(20), Field(says: "the controller's serial port that it owns")]
        public ?string $port = null,
        #[Text(40), Field(says: 'parts of one system run matching firmware')]
        public ?string $system = null,
        #[Whole(1, 99), Field(says: 'of its firmware')]
        public ?int $generation = null,
    ) {}

    public function check(JsonCursor $node): static
    {
        if (isset(PartPower::SOURCES[$this->id])) {
            $node->at('id')?->fault("\"{$this->id}\" is a way of powering; take another id");
        }

        return $this;
    }
}
