<?php

namespace DuskSwitch\Core\Link;

/** What a controller on the bench knows beside its channels. */
final readonly class BoardState
{
    /**
     * @param  bool  $link  the receiver hears its transmitter
     * @param  bool  $level  the board lies level and still
     * @param  bool  $session  a set-up session is open
     * @param  int  $satellites  that its GPS sees
     * @param  bool  $sensors  its sensors answer
     * @param  bool  $seenOff  it has seen the arm switch off since power-up
     */
    public function __construct(
        public bool $link = true,
        public bool $level = true,
        public bool $session = false,
        public int $satellites = 0,
        public bool $sensors = true,
        public bool $seenOff = true,
    ) {}
}
