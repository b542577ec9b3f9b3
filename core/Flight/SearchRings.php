<?php

namespace DuskSwitch\Core\Flight;

/**
 * How far from the last position an aircraft may lie: where it falls, and where it glides. It flies on for a moment
 * after its last word, then comes down, and the wind takes it along.
 */
final readonly class SearchRings
{
    /** m by which a fix is nearly never more wrong: twice the 2.5 m that half of them keep (common practice). */
    public const FIX = 5.0;

    /** m/s², standard gravity (ISO 80000-3). */
    private const GRAVITY = 9.80665;

    /** Seconds until a motor without a signal stands (common practice). */
    private const REACTS = 1.0;

    /**
     * @param  float  $falls  m, where it falls like a stone; air only makes it less
     * @param  float|null  $glides  m, where it glides; null for what doesn't
     */
    private function __construct(public float $falls, public ?float $glides) {}

    /**
     * Rings around the last position that was received.
     *
     * @param  float  $height  m over the field
     * @param  float  $speed  m/s over the ground
     * @param  float  $unheard  seconds from the last position to the last word of the link
     * @param  float  $wind  m/s
     * @param  float|null  $sink  m/s, gliding; null for what doesn't glide
     */
    public static function of(float $height, float $speed, float $unheard, float $wind, ?float $sink): self
    {
        $high = max(0.0, $height);
        $flown = self::FIX + $speed * ($unheard + self::REACTS);
        $falling = sqrt(2 * $high / self::GRAVITY);

        return new self(
            $flown + $speed * $falling,
            $sink === null || $sink <= 0.0 ? null : $flown + ($speed + $wind) * $high / $sink,
        );
    }
}
