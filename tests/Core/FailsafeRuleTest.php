<?php

namespace DuskSwitch\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The failsafe of each channel to the microsecond: arm, motor and mode. */
final class FailsafeRuleTest extends TestCase
{
    /**
     * @return array<string, array{string|int, string|null, string|null}> the arm channel's failsafe, what is said where
     * it isn't needed, and where coming home needs it
     */
    public static function losses(): array
    {
        $armed = fn (int $pulse): string => "its failsafe gives {$pulse} µs, in the arm range";
        $drops = fn (
            int $pulse,
        ): string => "its failsafe gives {$pulse} µs, which disarms; on signal loss the controller comes home and ".
            'needs this channel for it: it drops instead';

        return [
            'the last' => ['hold', 'stays armed without a link', 'stays armed without a link'],
            'no pulses' => ['off', null, null],
            'just below the range' => [1699, null, $drops(1699)],
            'at its low end' => [1700, $armed(1700), null],
            'at its high end' => [2099, $armed(2099), null],
            'just above it' => [2100, null, $drops(2100)],
        ];
    }

    #[DataProvider('losses')]
    public function test_the_arm_channel_without_a_link(string|int $does, ?string $alone, ?string $needed): void
    {
        foreach (
            [
                [[], $alone],
                [['onLoss' => ['does' => 'come-home', 'channels' => [5]]], $needed],
                [['onLoss' => ['does' => 'come-home', 'channels' => [6]]], $alone],
                [['onLoss' => ['does' => 'drop', 'channels' => [5]]], $alone],
            ] as [$loss, $wanted]
        ) {
            $said = implode(
                "\n",
                Judged::says(
                    Judged::school('two channels two switches', function (array $d) use ($does, $loss): array {
                        foreach ($d['aboard']['failsafe'] as $place => $one) {
                            $d['aboard']['failsafe'][$place]['does'] = $one['channel'] === 5 ? $does : $one['does'];
                        }
                        $d['aboard']['controller'] += $loss;

                        return $d;
                    }),
                    'failsafe',
                ),
            );
            $wanted === null
                ? self::assertSame('', $said, json_encode($loss) ?: '')
                : self::assertStringContainsString($wanted, $said, json_encode($loss) ?: '');
        }
    }

    /**
     * @return array<string, array{string|int, bool, string|null}> the motor's failsafe, behind a controller or not, and
     * what is said
     */
    public static function motors(): array
    {
        return [
            'at the low mark' => [1060, true, null],
            'a microsecond above it' => [
                1061,
                true,
                'its failsafe gives 1061 µs, above 1060 µs: the motor runs on without a link. Close the throttle',
            ],
            'no pulses behind a controller' => ['off', true, null],
            'the last' => ['hold', true, 'keeps the last throttle'],
            'at 1050 where nothing says the mark' => [1050, false, null],
            'above it' => [1051, false, 'above 1050 µs: the motor runs on'],
            'no pulses to a speed controller' => ['off', false, 'no flight controller is there to notice'],
        ];
    }

    #[DataProvider('motors')]
    public function test_the_motor_without_a_link(string|int $does, bool $controller, ?string $wanted): void
    {
        [$school, $channel] = $controller ? ['two channels two switches', 1] : ['plane with a motor cut', 3];
        $said = implode(
            "\n",
            Judged::says(
                Judged::school($school, function (array $d) use ($does, $channel): array {
                    foreach ($d['aboard']['failsafe'] as $place => $one) {
                        $d['aboard']['failsafe'][$place]['does'] = $one['channel'] === $channel ? $does : $one['does'];
                    }

                    return $d;
                }),
                'failsafe',
            ),
        );
        $wanted === null ? self::assertSame('', $said) : self::assertStringContainsString($wanted, $said);
    }

    /** The mode channel's failsafe: in a saving mode where there is one, never in one that runs away. */
    public function test_the_mode_channel_without_a_link(): void
    {
        $at = fn (string|int $does, array $more = []): string => implode(
            "\n",
            Judged::says(
                Judged::school('two channels two switches', function (array $d) use ($does, $more): array {
                    foreach ($d['aboard']['failsafe'] as $place => $one) {
                        $d['aboard']['failsafe'][$place]['does'] = $one['channel'] === 6 ? $does : $one['does'];
                    }
                    array_push($d['aboard']['controller']['modes'], ...$more);

                    return $d;
                }),
                'failsafe',
            ),
        );

        self::assertSame('', $at(1000));
        self::assertSame('', $at(1500));
        self::assertSame('', $at('hold'));
        self::assertSame('', $at('off'));
        self::assertStringContainsString(
            'its failsafe gives 1700 µs, outside of every mode that saves the aircraft. Choose a pulse in the range '.
                'of Ruhig, or no pulses',
            $at(1700),
        );
        self::assertStringContainsString(
            'in the range of Salto. Choose a pulse outside of it',
            $at(1699, [['channel' => 6, 'from' => 1690, 'to' => 1700, 'mode' => 'flip']]),
        );
        self::assertSame('', $at(1699, [['channel' => 6, 'from' => 1690, 'to' => 1699, 'mode' => 'flip']]));
    }
}
