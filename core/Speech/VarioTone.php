<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Telemetry\ToneSettings;

/**
 * The variometer's tone: higher and quicker beeps in lift, a long low tone in sink, silence in between; the interface
 * plays it. Pitch goes by ratios, as an ear hears it: half of the full climb is half-way up in octaves.
 */
final readonly class VarioTone
{
    public function __construct(private ToneSettings $settings) {}

    /**
     * What sounds at a climb.
     *
     * @param  float  $climb  m/s
     * @return array{frequency: int, beeps: float} Hz, 0 = silence; beeps a second, 0 = a long tone
     */
    public function at(float $climb): array
    {
        [$quiet, $full, $pitch] = [$this->settings->quiet, $this->settings->full, $this->settings->pitch];
        if ($climb >= $quiet->low && $climb <= $quiet->high) {
            return ['frequency' => 0, 'beeps' => 0.0];
        }
        if ($climb < $quiet->low) {
            return ['frequency' => $this->hertz($pitch->low, self::share($climb, 0.0, $full->low)), 'beeps' => 0.0];
        }
        $beeps = $this->settings->beeps;
        $quicker = ($beeps->high - $beeps->low) * self::share($climb, $quiet->high, $full->high);

        return [
            'frequency' => $this->hertz($pitch->high, self::share($climb, 0.0, $full->high)),
            'beeps' => round($beeps->low + $quicker, 1),
        ];
    }

    private function hertz(float $end, float $share): int
    {
        return (int) round($this->settings->middle * ($end / $this->settings->middle) ** $share);
    }

    /** How far a climb is on its way from one to another, 0 to 1. */
    private static function share(float $climb, float $from, float $to): float
    {
        return max(0.0, min(1.0, ($climb - $from) / ($to - $from)));
    }
}
