<?php

namespace DuskSwitch\Core\Telemetry\Compute;

use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Telemetry\Geodesic;

/**
 * From home, which is the pilot's own or the first position: metres, degrees, or metres with the height counted. The
 * height of home is always the first.
 */
final class FromHome implements Computation
{
    /** @var array{float, float, float}|null */
    private ?array $home = null;

    /** @var list<float> what was asked last, for its answer: a position stays the same between two reports */
    private array $asked = [];

    private float $answer = 0.0;

    /** @param  array{float, float}|null  $own  latitude and longitude in degrees; null for the first that comes */
    public function __construct(
        private readonly bool $bearing,
        private readonly bool $slant,
        private readonly ?array $own = null,
    ) {}

    public function next(array $of, float $seconds): float
    {
        if ($of === $this->asked) {
            return $this->answer;
        }
        $this->asked = $of;
        [$lat, $lon, $height] = [$of[0], $of[1], $of[2] ?? 0.0];
        $this->home ??= [...$this->own ?? [$lat, $lon], $height];
        [$distance, $bearing] = Geodesic::inverse($this->home[0], $this->home[1], $lat, $lon);

        return $this->answer = match (true) {
            $this->bearing => $bearing,
            $this->slant => hypot($distance, $height - $this->home[2]),
            default => $distance,
        };
    }
}
