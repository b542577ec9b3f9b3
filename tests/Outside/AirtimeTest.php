<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Speech\Airtime;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Languages;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Airtime against clips of the shipped voice: espeak-ng, a general speech synthesiser, spoke the phrases of
 * `airtime-en.json` and its like (made by `airtime.php`); the table of words was fitted to other phrases.
 */
final class AirtimeTest extends TestCase
{
    #[TestWith(['en'])]
    #[TestWith(['de'])]
    #[TestWith(['fr'])]
    #[TestWith(['es'])]
    public function test_the_mean_error_against_clips_is_below_five_per_cent(string $language): void
    {
        $airtime = new Airtime(Languages::in(SpokenLanguage::from($language)));
        $errors = $signed = [];
        foreach (json_decode((string) file_get_contents(__DIR__."/airtime-{$language}.json"), true) as $one) {
            $error = $airtime->of($one['text']) / $one['seconds'] - 1;
            $errors[] = abs($error);
            $signed[] = $error;
        }
        self::assertGreaterThan(200, count($errors));
        self::assertLessThan(0.05, array_sum($errors) / count($errors));
        self::assertLessThan(0.02, abs(array_sum($signed) / count($signed)), 'neither too short nor too long as a rule');
        self::assertLessThan(0.25, max($errors));
    }

    public function test_a_word_that_the_table_does_not_know_takes_longer_the_longer_it_is(): void
    {
        $airtime = new Airtime(new English());
        self::assertSame(0.0, $airtime->of(''));
        self::assertGreaterThan($airtime->of('Regen'), $airtime->of('Regenpfeifer'));
        self::assertGreaterThan($airtime->of('Flügel'), $airtime->of('Flügel, Flügel'));
        self::assertEqualsWithDelta($airtime->of('Land') + Sound::Siren->seconds(), $airtime->of('Land', Sound::Siren), 1e-9);
        self::assertSame(9.0, (new Airtime(new English(), ['Land' => 9.0]))->of('Land'), 'a clip is as long as it is');
    }
}
