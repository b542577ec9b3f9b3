<?php

namespace DuskSwitch\Core\Signal;

/** What the hand does over time, replayed tick by tick. */
final readonly class Script
{
    /**
     * @param  int  $ticks  the last tick; the first is 0
     * @param  int  $every  a frame is given in every so many ticks
     * @param  array<int, list<float>>  $hands  inputs by the tick from which they hold; there's one for tick 0
     * @param  array<int, array<string, float>>  $telemetry  values that are known, by the tick from which that is so
     */
    public function __construct(
        public int $ticks,
        public int $every,
        private array $hands,
        private array $telemetry = [],
    ) {}

    /**
     * Runs a circuit through the script.
     *
     * @return iterable<float, Frame> by seconds since the start
     */
    public function run(Circuit $circuit): iterable
    {
        $hand = $this->hands[0] ?? $circuit->panel->atRest();
        $known = $this->telemetry[0] ?? [];
        $state = null;
        for ($now = 0; $now <= $this->ticks; $now++) {
            $hand = $this->hands[$now] ?? $hand;
            $known = $this->telemetry[$now] ?? $known;
            $tick = $circuit->tick($hand, $state, $known);
            $state = $tick->state;
            if ($now % $this->every === 0) {
                yield round($now * Tick::SECONDS, 2) => $tick->frame;
            }
        }
    }
}
