<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** How a controller is armed, and in which ranges where it's armed by a channel. */
#[Says(rules: [
    'if' => ['properties' => ['by' => ['const' => 'range']]],
    'then' => ['required' => ['ranges'], 'properties' => ['ranges' => ['minItems' => 1]]],
    'else' => ['properties' => ['ranges' => ['maxItems' => 0]]],
])]
final readonly class Arming implements Checked
{
    use WithFields;

    /**
     * @param  list<Slot>  $ranges  with the mode `armed`; a pulse in any of them arms; none unless it's armed by ranges
     */
    public function __construct(
        #[Field(says: 'a range on a channel, the sticks in a corner, a button on the aircraft, or nothing: the motor runs with the throttle')]
        public ArmedBy $by,
        #[ListOf(Slot::class, most: 8, given: ['mode' => 'armed']), Field(says: 'a pulse in any of them arms; for "range" only')]
        public array $ranges = [],
    ) {}

    public function check(JsonCursor $node): static
    {
        if ($this->by === ArmedBy::Range && $this->ranges === []) {
            $node->fault('say in which ranges it arms, under "ranges"');
        } elseif ($this->by !== ArmedBy::Range && $this->ranges !== []) {
            $node
                ->at('ranges')
                ?->fault('it has ranges only where it is armed by "range"; take them away, or change "by"');
        }

        return $this;
    }

    /** @return list<int> the channels of its ranges, each once */
    public function channels(): array
    {
        return array_values(array_unique(array_map(fn (Slot $one): int => $one->channel, $this->ranges)));
    }
}
