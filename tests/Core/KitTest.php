<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Units\PulseScale;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Transmitters as their definitions tell them. */
final class KitTest extends TestCase
{
    public function test_the_demo_transmitters_are_what_saltmarsh_field_flies(): void
    {
        $count = fn (string $id, ControlKind $kind): int => count(
            array_filter(Given::transmitter($id)->controls, fn (Control $control): bool => $control->kind === $kind),
        );

        self::assertSame([16, 512.0], [Given::transmitter()->channels, Given::transmitter()->scale->span]);
        self::assertSame(
            [7, 2, 2],
            [
                $count('harbour-16', ControlKind::Switch),
                $count('harbour-16', ControlKind::Dial),
                $count('harbour-16', ControlKind::Slider),
            ],
        );
        self::assertSame(
            [8, 400.0],
            [Given::transmitter('quayside-8')->channels, Given::transmitter('quayside-8')->scale->span],
        );
        self::assertSame(
            [12, 400.0],
            [Given::transmitter('lamplight-12')->channels, Given::transmitter('lamplight-12')->scale->span],
        );
    }

    public function test_controls_in_words_are_short_where_they_run_on(): void
    {
        self::assertSame(
            'left-shoulder, left-front, left-side, left-back, right-front, right-side, right-shoulder, dial-left, '.
                'dial-right, slider-left, slider-right, button-left, button-right',
            Given::transmitter()->controlsInWords(),
        );
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/quayside-8.json'));
        foreach (range('a', 'd') as $index => $letter) {
            $document->controls[$index]->id = "gate-{$letter}";
        }
        self::assertSame(
            'gate-a … gate-d, dial, button',
            TransmitterDecoder::decode((string) json_encode($document))->controlsInWords(),
        );
        self::assertSame(
            'shoulder-left, face-left, face-right, shoulder-right, dial, button',
            Given::transmitter('quayside-8')->controlsInWords(),
        );
    }

    public function test_at_rest_the_throttle_is_down_and_switches_are_toward_the_pilot(): void
    {
        $transmitter = Given::transmitter();
        $rest = (new Panel($transmitter))->atRest();

        self::assertSame([0.0, 0.0, -1.0, 0.0], array_slice($rest, 0, 4));
        self::assertSame([0.0, 0.0, 0.0, 0.0], array_slice($rest, 4, 4));
        foreach ($transmitter->controls as $index => $control) {
            self::assertSame($control->detents === [] ? 0.0 : -1.0, $rest[8 + $index], $control->name);
        }
    }

    public function test_a_switch_can_rest_elsewhere(): void
    {
        $text = str_replace(
            '"name": "Left front", "kind": "switch"',
            '"name": "Left front", "kind": "switch", "rest": "middle"',
            (string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'),
        );
        $transmitter = TransmitterDecoder::decode($text);

        self::assertSame('middle', $transmitter->control('left-front')?->rest);
        self::assertSame(0.0, $transmitter->control('left-front')->restValue());
        self::assertSame('toward', $transmitter->control('left-side')?->rest);
    }

    /** Common practice: 100 % is ±400, ±500 or ±512 µs around 1500. */
    #[DataProvider('scales')]
    public function test_a_scale_turns_a_signal_into_a_pulse(float $span, float $signal, int $pulse): void
    {
        self::assertSame($pulse, (new PulseScale(1500, $span))->pulse($signal));
    }

    /** @return list<array{float, float, int}> */
    public static function scales(): array
    {
        return [
            [400, 1, 1900],
            [400, -1, 1100],
            [400, 1.25, 2000],
            [400, -1.5, 900],
            [500, 1, 2000],
            [500, 0.001, 1501],
            [500, -0.001, 1500],
            [512, 1, 2012],
            [512, -1, 988],
            [512, 0.9765625, 2000],
            [512, 0, 1500],
        ];
    }
}
