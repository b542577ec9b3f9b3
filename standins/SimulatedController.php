<?php

namespace DuskSwitch\StandIn;

use DuskSwitch\Core\Link\ChannelPage;

/**
 * A controller to practise on: it reads a little beside what is sent, as real ones do, each channel its own way.
 * Readings seen at the centre are 1493, 1520 and 1530 (common practice).
 */
final readonly class SimulatedController implements ChannelPage
{
    private const BESIDE = [-7.0, 20.0, 0.0, 30.0];

    private const TREMBLES = [1.0, 0.0, 0.0, 2.0];

    public function reads(int $channel, float $pulse): array
    {
        $like = ($channel - 1) % count(self::BESIDE);
        $read = $pulse + self::BESIDE[$like];

        return [$read - self::TREMBLES[$like], $read + self::TREMBLES[$like]];
    }
}
