<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** Phrases that are written for the pilot, who may change them. */
enum StockPhrase
{
    case PackNotFull;
    case TimeIsUp;

    /** Its words in a language. */
    public function in(SpokenLanguage $language): string
    {
        return match ($this) {
            self::PackNotFull => match ($language) {
                SpokenLanguage::English => 'Pack not full',
                SpokenLanguage::German => 'Akku nicht voll',
                SpokenLanguage::French => 'Batterie pas pleine',
                SpokenLanguage::Spanish => 'Batería no llena',
            },
            self::TimeIsUp => match ($language) {
                SpokenLanguage::English => 'Time is up',
                SpokenLanguage::German => 'Zeit ist um',
                SpokenLanguage::French => 'Temps écoulé',
                SpokenLanguage::Spanish => 'Tiempo agotado',
            },
        };
    }
}
