<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Speech\Airtime;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Queue;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sounds before the words of an alarm. */
final class SoundTest extends TestCase
{
    /** @return list<array{Sound}> */
    public static function sounds(): array
    {
        return array_map(fn (Sound $one): array => [$one], Sound::cases());
    }

    #[DataProvider('sounds')]
    public function test_a_sound_is_short_and_can_be_heard(Sound $sound): void
    {
        self::assertLessThan(1.0, $sound->seconds(), 'the words mustn\'t wait');
        self::assertEqualsWithDelta(array_sum(array_column($sound->notes(), 'seconds')), $sound->seconds(), 0.005);
        foreach ($sound->notes() as $note) {
            // A small loudspeaker gives little below 300 Hz, and older ears hear little above 3 kHz (common practice).
            self::assertTrue($note['hertz'] === 0 || ($note['hertz'] >= 300 && $note['hertz'] <= 3000));
        }
    }

    public function test_what_plays_takes_longer_and_the_next_phrase_waits_for_it(): void
    {
        $airtime = new Airtime(new English(), ['Signal lost' => 0.9, 'Gear' => 0.4]);
        self::assertEqualsWithDelta(
            1.54,
            $airtime->of('Signal lost', Sound::Siren),
            1e-9,
            'four notes of 0.16 s, then the clip',
        );
        self::assertSame(0.9, $airtime->of('Signal lost'));

        $said = (new Queue($airtime))->speak([
            new QueuedPhrase('lost', 10.0, Priority::Critical, 'Signal lost', Sound::Siren),
            new QueuedPhrase('gear', 10.2, Priority::Note, 'Gear'),
        ]);
        self::assertEqualsWithDelta(
            [10.0, 11.54, 11.54, 11.94],
            [$said[0]->from, $said[0]->to, $said[1]->from, $said[1]->to],
            1e-9,
        );
    }

    public function test_an_alarm_may_only_play(): void
    {
        $says = function (?string $plays): array {
            $document = json_decode(Given::demo('petrel'));
            $document->sense->calls[0]->says = [];
            $plays === null ?: ($document->sense->calls[0]->plays = $plays);
            $circuit = Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

            return array_map(
                fn (array $one): string => $one[1]->topic,
                (new TelemetryCheck(
                    $circuit->program,
                    $circuit->panel->transmitter,
                    Values::of($circuit->program, Given::catalogue()),
                ))->points(),
            );
        };

        self::assertSame(['Phrase'], $says(null));
        self::assertSame([], $says('knock'));
    }
}
