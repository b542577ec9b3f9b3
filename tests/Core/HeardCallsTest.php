<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\HeardCalls;
use DuskSwitch\Core\Speech\Voice;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\TestCase;

/** What is kept from listening to listening changes nothing of what is heard. */
final class HeardCallsTest extends TestCase
{
    public function test_whatever_is_changed_is_heard_as_if_for_the_first_time(): void
    {
        $kept = new HeardCalls();
        $changes = [
            'nothing' => fn (object $d): bool => true,
            'a level' => fn (object $d): float => $d->sense->calls[5]->when->above = 60.0,
            'a further step' => fn (object $d): float => $d->sense->calls[4]->repeat = 5.0,
            'its words' => fn (object $d): array => $d->sense->calls[5]->says = ['High', (object) ['value' => 'height']],
            'a unit' => fn (object $d): object => $d->sense->units = (object) ['height' => 'ft'],
            'the language' => fn (object $d): string => $d->sense->language = 'de',
            'a calculated value' => fn (object $d): array => $d->sense->values[0]->of = ['vario-height'],
            'the name of a value' => fn (object $d): string => $d->sense->values[0]->name = 'Höhe',
            'a call less' => fn (object $d): array => array_splice($d->sense->calls, 0, 2),
        ];
        foreach ($changes as $what => $change) {
            $document = json_decode(Given::demo('petrel'));
            $change($document);
            $program = ProgramDecoder::read(Json::decode((string) json_encode($document)));

            self::assertEquals(self::heard($program, null), self::heard($program, $kept), $what);
            self::assertEquals(self::heard($program, null), self::heard($program, $kept), "{$what}, once more");
        }
    }

    public function test_only_what_changed_is_listened_to_again(): void
    {
        $asked = 0;
        $calls = new HeardCalls();
        $listen = function () use (&$asked): array {
            $asked++;

            return [[], new \DuskSwitch\Core\Telemetry\OpenSpans(), new \DuskSwitch\Core\Telemetry\OpenSpans()];
        };
        foreach (['a', 'b', 'a', 'b', 'c', 'a'] as $key) {
            $calls->of($key, $listen);
        }
        self::assertSame(3, $asked);
        foreach (range(1, 300) as $number) {
            $calls->of("n{$number}", $listen);
        }
        $before = $asked;
        $calls->of('a', $listen);
        self::assertSame($before + 1, $asked, 'it holds only so many');
    }

    private static function heard(Program $program, ?HeardCalls $kept): object
    {
        $flight = array_map(
            fn (int $i): Sample => new Sample(
                $i * 1.0,
                ['height' => 130 * sin($i / 20), 'vario-height' => 130 * sin($i / 20), 'link-quality' => 99.0, 'cell' => 3.9],
                $i < 30 ? 'cruise' : 'thermal',
                [],
                [],
                [],
            ),
            range(0, 90),
        );
        $values = Values::of($program, Given::catalogue());

        return (new Voice($program, Given::transmitter('lamplight-12'), $values, new English()))->hear($flight, $kept);
    }
}
