<?php

namespace DuskSwitch\Core\Link;

/** What arrives at a receiver: transmit power less the loss on the way, against what the receiver still understands. */
final readonly class LinkBudget
{
    /** dBm that a receiver still understands (from memory). */
    public const SENSITIVITY = -95.0;

    /** dB that a broken antenna takes (from memory): enough is left to take off. */
    public const BROKEN = 20.0;

    /** dB by which a range check lowers the power, so that 30 paces stand for the whole field (from memory). */
    public const RANGE_CHECK = 20.0;

    /**
     * @param  float  $milliwatts  transmit power, above 0
     * @param  float  $megahertz  above 0
     * @param  float  $lost  dB lost in antennas and wires
     */
    public function __construct(public float $milliwatts, public float $megahertz = 2440.0, public float $lost = 0.0) {}

    /**
     * dBm at the receiver, free space between isotropic antennas (Recommendation ITU-R P.525).
     *
     * @param  float  $metres  above 0
     */
    public function level(float $metres): float
    {
        return 10 * log10($this->milliwatts) - FreeSpace::loss($this->megahertz, $metres / 1000) - $this->lost;
    }

    /**
     * dB above what the receiver still understands; negative where the link is gone.
     *
     * @param  float  $metres  above 0
     */
    public function margin(float $metres): float
    {
        return $this->level($metres) - self::SENSITIVITY;
    }

    /** Metres at which the link is just gone, in free space. */
    public function reach(): float
    {
        return FreeSpace::reach($this->margin(1.0));
    }
}
