<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Telemetry\Sound;

/** How long a phrase takes: as long as its clip where there is one, else as long as its language says. */
final readonly class Airtime
{
    /** @param  array<string, float>  $clips  seconds by text */
    public function __construct(private Language $language, private array $clips = []) {}

    /** Seconds, with what is played before. */
    public function of(string $text, ?Sound $plays = null): float
    {
        return ($plays?->seconds() ?? 0.0) + $this->words($text);
    }

    private function words(string $text): float
    {
        return $this->clips[$text] ?? $this->language->seconds($text);
    }
}
