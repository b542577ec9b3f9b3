<?php

namespace DuskSwitch\Core\Link;

/** The page of a controller on which one reads what arrives on a channel. */
interface ChannelPage
{
    /**
     * The smallest and the largest reading while a pulse stands still.
     *
     * @param  float  $pulse  µs that is sent
     * @return array{float, float} µs
     */
    public function reads(int $channel, float $pulse): array;
}
