<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Telemetry\Sound;

/** How long a phrase takes: as long as its clip where there is one, else by its syllables. */
final readonly class Airtime
{
    /** Seconds a syllable, and before the first word (from memory: about 160 words a minute). */
    private const SYLLABLE = 0.19;

    private const BREATH = 0.25;

    /** @param  array<string, float>  $clips  seconds by text */
    public function __construct(private Language $language, private array $clips = []) {}

    /** Seconds, with what is played before. */
    public function of(string $text, ?Sound $plays = null): float
    {
        return ($plays?->seconds() ?? 0.0) + $this->words($text);
    }

    private function words(string $text): float
    {
        return $this->clips[$text] ??
            ($text === '' ? 0.0 : round(self::BREATH + self::SYLLABLE * $this->language->syllables($text), 2));
    }
}
