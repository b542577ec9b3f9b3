<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** The languages that a voice speaks; the value is what a document says. */
enum SpokenLanguage: string
{
    case English = 'en';
    case German = 'de';
    case French = 'fr';
    case Spanish = 'es';

    /** Its name, in itself: who looks for it reads it. */
    public function says(): string
    {
        return match ($this) {
            self::English => 'English',
            self::German => 'Deutsch',
            self::French => 'Français',
            self::Spanish => 'Español',
        };
    }
}
