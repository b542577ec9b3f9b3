<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\PulseScale;

/** A handheld transmitter as its definition tells it: what the hand can touch, and what leaves it. */
final readonly class Transmitter
{
    /** @var array<string, Control> */
    private array $byId;

    /**
     * @param  int  $channels  how many channels it sends, 1 to 32
     * @param  Place  $leftGimbal  where the left stick sits
     * @param  Place  $rightGimbal  where the right stick sits
     * @param  list<Control>  $controls  in the order in which the maker lists them
     * @param  EntryFormat  $keying  how values are keyed into it
     * @param  array<string, Link>  $links  the kinds of link that it speaks, by id
     * @param  int  $sensorSlots  fixed slots for telemetry; 0 where it has none
     * @param  OwnWarnings  $warnings  what it warns of about itself
     * @param  list<DefaultSlots>  $slotDefaults  those that a new program has something in
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $channels,
        public PulseScale $scale,
        public Place $leftGimbal,
        public Place $rightGimbal,
        public int $trimClicks,
        public array $controls,
        public EntryFormat $keying,
        public array $links = [],
        public int $sensorSlots = 0,
        public array $slotDefaults = [],
        public OwnWarnings $warnings = new OwnWarnings(),
    ) {
        $this->byId = array_column($controls, null, 'id');
    }

    /** The control of that id, or null. */
    public function control(string $id): ?Control
    {
        return $this->byId[$id] ?? null;
    }

    /** The controls' ids for a message, runs shortened: "left-shoulder … right-shoulder, dial-left". */
    public function controlsInWords(): string
    {
        $runs = [];
        foreach (array_keys($this->byId) as $id) {
            $last = count($runs) - 1;
            if ($last >= 0 && $this->follows($runs[$last][1], $id)) {
                $runs[$last][1] = $id;
            } else {
                $runs[] = [$id, $id];
            }
        }

        return implode(
            ', ',
            array_map(fn (array $run): string => $run[0] === $run[1] ? $run[0] : "{$run[0]} … {$run[1]}", $runs),
        );
    }

    private function follows(string $before, string $id): bool
    {
        return strlen($before) === strlen($id) &&
            substr($before, 0, -1) === substr($id, 0, -1) &&
            ord($id[-1]) === ord($before[-1]) + 1;
    }
}
