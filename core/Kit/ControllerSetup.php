<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Document\Copy;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\Form\Word;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** How a controller is set up; null where nothing was said, so that the equipment's default counts. */
#[Says('how the controller is set up; what is missing is as its definition has it')]
final readonly class ControllerSetup implements Part
{
    use WithFields;

    /**
     * µs: with the throttle above it a controller doesn't arm, and a motor isn't called idle, where nothing else is
     * known (common practice).
     */
    public const LOW_MARK = 1050;

    /** Where a low mark can be, µs. */
    public const LOW_MARKS = [800, 1500];

    /** What a controller can expect on a channel. */
    public const INPUTS = ['roll', 'pitch', 'throttle', 'yaw', 'collective', 'gain', 'style', 'arm', 'mode', 'none'];

    /**
     * @param  list<Slot>|null  $modes  the ranges in which it's in a mode, on any channels, several for a mode
     * @param  string|null  $none  the mode that it takes where no range of a flight mode is active
     * @param  list<string>|null  $priority  modes; of two that are active the first in this list wins
     * @param  int|null  $low  µs; with the throttle above it, it doesn't arm
     * @param  list<string>|null  $order  what it expects on channels 1, 2, …: roll, pitch, throttle, yaw, gain,
     *              collective, style
     */
    public function __construct(
        #[ListOf(Slot::class, most: 64), Field(says: 'the ranges of its modes, on any channels, several for a mode')]
        public ?array $modes = null,
        #[Id(Names::Mode), Field(says: 'the mode that it takes where no range of a flight mode is active')]
        public ?string $none = null,
        #[ListOf(new Id(Names::Mode), most: 24), Field(says: 'of two modes that are active the first in this list wins')]
        public ?array $priority = null,
        public ?Arming $arming = null,
        #[Whole(self::LOW_MARKS[0], self::LOW_MARKS[1]), Field(says: "µs; with the throttle above it, it doesn't arm")]
        public ?int $low = null,
        #[ListOf(new Word(self::INPUTS, isId: true, name: 'input'), most: 16), Field(says: 'what it expects on channels 1, 2, …')]
        public ?array $order = null,
        #[Field(says: 'what the sticks ask for, or surfaces already mixed')]
        public ?ExpectedInput $expects = null,
        public ?SignalLoss $onLoss = null,
    ) {}

    /** This set-up, and what another says where it says nothing. */
    public function over(self $defaults): self
    {
        return Copy::of($defaults, array_filter(get_object_vars($this), fn (mixed $says): bool => $says !== null));
    }

    /** True where nothing was said. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
