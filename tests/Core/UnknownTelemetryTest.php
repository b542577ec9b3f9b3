<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** A cut that hangs on telemetry is none while the telemetry is missing; the proof takes it any way, and missing. */
final class UnknownTelemetryTest extends TestCase
{
    /** @return list<string> errors about the motor, of a plane whose throttle is held down while that holds */
    private static function errors(mixed $cut): array
    {
        $d = json_decode(Given::demo('tern'));
        foreach ($d->functions as $function) {
            if (($function->purpose ?? '') === 'throttle') {
                $function->override = [(object) ['when' => $cut, 'value' => -1]];
            }
        }
        $d->aboard->kit = new stdClass();
        $proof = Proof::of(Given::context(ProgramDecoder::decode((string) json_encode($d))));

        self::assertSame(
            [],
            array_values(array_filter($proof->findings, fn (Finding $one): bool => $one->isOpen)),
            'all of it is decided',
        );

        return array_values(
            array_map(
                fn (Finding $one): string => $one->rule,
                array_filter(
                    $proof->findings,
                    fn (Finding $one): bool => $one->severity === Severity::Error &&
                        in_array($one->rule, ['safe-at-power-up', 'one-move-disarms'], true),
                ),
            ),
        );
    }

    /** @return array<string, array{mixed, list<string>}> */
    public static function cuts(): array
    {
        $above = ['sensor' => 'receiver-volts', 'above' => 4.5];
        $below = ['sensor' => 'receiver-volts', 'below' => 4.6];

        return [
            'always' => [['any' => [['phase' => 'main'], ['not' => ['phase' => 'main']]]], []],
            'true whatever it reads, and unknown while it is missing' => [
                ['any' => [$above, $below]],
                ['safe-at-power-up', 'one-move-disarms'],
            ],
            'on a level' => [$above, ['safe-at-power-up', 'one-move-disarms']],
            'not on a level' => [['not' => $above], ['safe-at-power-up', 'one-move-disarms']],
        ];
    }

    /** @param  list<string>  $rules */
    #[DataProvider('cuts')]
    public function test_a_cut_on_telemetry_is_no_cut(mixed $cut, array $rules): void
    {
        self::assertSame($rules, self::errors(json_decode((string) json_encode($cut))));
    }
}
