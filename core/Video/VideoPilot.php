<?php

namespace DuskSwitch\Core\Video;

/** A pilot who flies by video, with the channels and powers that their transmitter can be set to. */
final readonly class VideoPilot
{
    /**
     * @param  non-empty-list<VideoChannel>  $channels
     * @param  list<float>  $powers  milliwatts, rising
     */
    public function __construct(public string $name, public array $channels, public array $powers = []) {}

    /** The largest power that a place allows; the least that it has where that is more; null where it has none. */
    public function power(float $allowed): ?float
    {
        $fits = array_filter($this->powers, fn (float $one): bool => $one <= $allowed);

        return $this->powers === [] ? null : ($fits === [] ? min($this->powers) : max($fits));
    }
}
