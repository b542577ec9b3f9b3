<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Speech\Words\French;
use DuskSwitch\Core\Speech\Words\German;
use DuskSwitch\Core\Speech\Words\Spanish;

/** How each language is spoken. */
final class Languages
{
    /** What a program speaks. */
    public static function of(Program $program): Language
    {
        return self::in($program->sense->language);
    }

    /** A language. */
    public static function in(SpokenLanguage $language): Language
    {
        return match ($language) {
            SpokenLanguage::English => new English(),
            SpokenLanguage::German => new SpelledOut(new German()),
            SpokenLanguage::French => new SpelledOut(new French()),
            SpokenLanguage::Spanish => new SpelledOut(new Spanish()),
        };
    }
}
