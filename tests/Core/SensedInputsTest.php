<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\TelemetryDecoder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What sensors say beside what the hand does. */
final class SensedInputsTest extends TestCase
{
    /** @return iterable<string, array{float, bool}> */
    public static function values(): iterable
    {
        yield 'as far as anything goes' => [1e6, true];
        yield 'farther' => [1_000_001, false];
        yield 'as far the other way' => [-1e6, true];
        yield 'farther the other way' => [-1_000_001, false];
    }

    #[DataProvider('values')]
    public function test_a_value_is_taken_up_to_its_limit(float $value, bool $taken): void
    {
        $set = (object) ['telemetry' => (object) ['hoehe' => $value]];
        if (! $taken) {
            $this->expectException(Refused::class);
            $this->expectExceptionMessage('[0].telemetry.hoehe');
        }

        self::assertSame([['hoehe' => $value]], TelemetryDecoder::list([$set], ['hoehe']));
    }
}
