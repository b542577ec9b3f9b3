<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\LiveVoice;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\TestCase;

/** A switch flipped, a button pressed, a value passed on the bench: heard as in flight. */
final class LiveVoiceTest extends TestCase
{
    /** A sailplane whose button says the height, whose thermal phase says it after five seconds, and alarms. */
    private static function glider(): Program
    {
        $document = json_decode(Given::demo('petrel'));
        $sense = $document->sense;
        $sense->calls = json_decode((string) json_encode([
            [
                'id' => 'frage', 'name' => 'Frage', 'when' => ['control' => 'face-right', 'at' => 'away'],
                'says' => ['Höhe', ['value' => 'height']],
            ],
            [
                'id' => 'bart', 'name' => 'Bart', 'when' => ['phase' => 'thermal'], 'hold' => 5, 'repeat' => 2,
                'says' => ['Im Bart'],
            ],
            [
                'id' => 'grenze', 'name' => 'Grenze', 'when' => ['sensor' => 'height', 'above' => 120],
                'priority' => 'critical', 'plays' => 'knock', 'says' => ['Grenze'],
            ],
            [
                'id' => 'spaet', 'name' => 'Spät', 'when' => ['phase' => 'thermal'], 'says' => ['Spät'],
                'after' => ['sensor' => 'height', 'above' => 50],
            ],
        ]));

        return Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION))->program;
    }

    /**
     * @param  array<string, float>  $controls
     * @param  array<string, float>  $values
     */
    private static function moment(
        string $phase = 'cruise',
        string $cut = 'cut',
        array $controls = [],
        array $values = [],
    ): Sample {
        return new Sample(0.0, $values, $phase, ['cut' => $cut, 'task' => 'cruise'], [], $controls);
    }

    /** @return list<string> "text @ seconds" */
    private static function heard(Sample $before, Sample $now): array
    {
        $program = self::glider();
        $voice = new LiveVoice(
            $program,
            Given::transmitter($program->transmitter),
            Values::of($program, Given::catalogue()),
            new English(),
        );

        return array_map(
            fn (SpokenPhrase $one): string => $one->offer->text.' @ '.round((float) $one->from, 1),
            $voice->heard($before, $now),
        );
    }

    public function test_a_step_and_a_phase_are_said_by_their_names_one_after_the_other(): void
    {
        [$first, $second] = self::heard(self::moment(), self::moment('landing', 'ready'));
        self::assertSame('Ready @ 0', $first);
        self::assertStringStartsWith('Landing @ ', $second);
        self::assertGreaterThan(0.5, (float) explode(' @ ', $second)[1], 'one voice, one after the other');
        self::assertSame([], self::heard(self::moment(), self::moment()), 'nothing changed');
    }

    public function test_a_button_reads_a_value_and_says_where_it_is_missing(): void
    {
        $pressed = ['face-right' => 1.0];
        self::assertSame(
            ['Höhe eighty-four metres @ 0'],
            self::heard(self::moment(values: ['height' => 84.0]), self::moment(controls: $pressed, values: ['height' => 84.0])),
        );
        self::assertSame(['Höhe Height missing @ 0'], self::heard(self::moment(), self::moment(controls: $pressed)));
        self::assertSame(
            [],
            self::heard(self::moment(controls: $pressed), self::moment(controls: $pressed)),
            'what holds already was said before',
        );
    }

    public function test_what_must_hold_first_is_heard_later_and_once(): void
    {
        $said = self::heard(self::moment(), self::moment('thermal'));
        self::assertSame('Thermal @ 0', $said[0]);
        self::assertCount(2, $said, 'repeats are for the flight');
        self::assertEqualsWithDelta(5.0, (float) explode(' @ ', $said[1])[1], 0.15);
        self::assertStringStartsWith('Im Bart', $said[1]);
    }

    public function test_a_level_that_is_passed_alarms_and_one_that_is_unknown_does_not(): void
    {
        self::assertSame(
            ['Grenze @ 0'],
            self::heard(self::moment(values: ['height' => 119.0]), self::moment(values: ['height' => 121.0])),
        );
        self::assertSame([], self::heard(self::moment(values: ['height' => 119.0]), self::moment()));
    }

    public function test_what_is_quiet_until_something_has_held_stays_so(): void
    {
        $texts = fn (float $height): array => array_map(
            fn (string $one): string => explode(' @ ', $one)[0],
            self::heard(self::moment(values: ['height' => $height]), self::moment('thermal', values: ['height' => $height])),
        );
        self::assertNotContains('Spät', $texts(40.0));
        self::assertContains('Spät', $texts(60.0));
    }
}
