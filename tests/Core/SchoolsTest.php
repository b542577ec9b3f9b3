<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\StateWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/**
 * Every school that is flown safely is called safe, whatever things are called; and every fault that is planted in it
 * is found.
 */
final class SchoolsTest extends TestCase
{
    #[DataProviderExternal(Schools::class, 'names')]
    public function test_a_safe_program_of_each_school_gives_no_error(string $school): void
    {
        $context = Schools::context($school);
        $proof = Proof::of($context);
        $words = new StateWords($context);
        $errors = array_filter($proof->findings, fn (Finding $one): bool => $one->severity === Severity::Error);

        self::assertSame(
            [],
            array_map(
                fn (Finding $one): string => "{$one->key()}: {$one->says} ({$words->say($one->witness)})",
                array_values($errors),
            ),
        );
        self::assertTrue($proof->isSafe());
    }

    /**
     * @return iterable<string, array{string, callable(array<string, mixed>): (array<string, mixed>|null),
     * list<string>}>
     */
    public static function faults(): iterable
    {
        $faults = [
            'rest arms' => [fn (array $d): ?array => Planted::turned($d, 'arm'), ['safe-at-power-up']],
            'rest releases the cut' => [fn (array $d): ?array => Planted::turned($d, 'motor-cut'), ['safe-at-power-up']],
            'a dial raises the throttle channel' => [
                fn (array $d): ?array => Planted::fed($d, Planted::THROTTLES, [
                    'from' => ['control' => Planted::lever($d)],
                    'weight' => 0.5,
                ]),
                ['no-start-above-idle', 'safe-at-power-up'],
            ],
            'the pitch stick raises the throttle channel' => [
                fn (array $d): ?array => Planted::fed($d, Planted::THROTTLES, ['from' => 'h', 'weight' => 0.6]),
                ['no-start-above-idle'],
            ],
            'a trim raises the throttle' => [fn (array $d): ?array => Planted::trimmed($d), ['no-start-above-idle']],
            'something is mixed in after the cut' => [
                fn (array $d): ?array => Planted::has($d, 'motor-cut')
                    ? Planted::fed($d, Planted::THROTTLES, [
                        'from' => ['axis' => 'throttle'],
                        'weight' => 0.5,
                        'offset' => 0.5,
                    ])
                    : null,
                ['one-move-disarms'],
            ],
            'a second motor that nothing cuts' => [
                fn (array $d): ?array => Planted::has($d, 'motor-cut')
                    ? Planted::added($d, 'motor', [['from' => ['axis' => 'throttle']]])
                    : null,
                ['one-move-disarms'],
            ],
            'the yaw stick arms' => [
                fn (array $d): ?array => Planted::fed($d, ['input-arm'], ['from' => ['axis' => 'yaw'], 'weight' => 2.0]),
                ['arm-channel-alone'],
            ],
            'a slider arms' => [
                fn (array $d): ?array => Planted::fed(
                    $d,
                    ['input-arm'],
                    ['from' => ['control' => Planted::lever($d)], 'weight' => 2.0],
                ),
                ['arm-channel-alone'],
            ],
            'arm is on another channel' => [
                fn (array $d): ?array => Planted::moved($d, 'input-arm', 12),
                ['arm-placement'],
            ],
            'held is true at rest' => [
                fn (array $d): ?array => Planted::driven($d, 'arm', [
                    'cases' => [
                        [
                            'when' => [
                                'held' => ['not' => ['control' => Planted::switch($d), 'at' => 'away']],
                                'seconds' => 1,
                            ],
                            'step' => 'live',
                        ],
                    ],
                ]),
                ['safe-at-power-up'],
            ],
            'two switches are needed to disarm' => [
                fn (array $d): ?array => Planted::driven($d, 'arm', [
                    'cases' => [
                        [
                            'when' => [
                                'any' => [
                                    ['control' => Planted::switch($d), 'at' => 'away'],
                                    ['control' => Planted::switch($d, 1), 'at' => 'away'],
                                ],
                            ],
                            'step' => 'live',
                        ],
                    ],
                ]),
                ['one-move-disarms'],
            ],
            'the controller looks for its modes elsewhere' => [
                fn (array $d): ?array => Planted::moved($d, 'input-mode', 12),
                ['one-mode-in-each-state'],
            ],
            'a step lies between two modes' => [
                fn (array $d): ?array => Planted::valued($d, 'flight-mode', 0, -0.41),
                ['one-mode-in-each-state', 'mode-as-meant'],
            ],
            'two steps have changed places' => [fn (array $d): ?array => Planted::swapped($d), ['mode-as-meant']],
            'the motor runs on without a link' => [
                fn (array $d): ?array => Planted::lost($d, Planted::THROTTLES, 1700),
                ['failsafe'],
            ],
            'the motor keeps the last throttle' => [
                fn (array $d): ?array => Planted::lost($d, Planted::THROTTLES, 'hold'),
                ['failsafe'],
            ],
            'without a link it stays armed' => [
                fn (array $d): ?array => Planted::lost($d, ['input-arm'], 'hold'),
                ['failsafe'],
            ],
            'without a link it is armed' => [
                fn (array $d): ?array => Planted::lost($d, ['input-arm'], 1900),
                ['failsafe'],
            ],
            'without a link it flies freely' => [
                fn (array $d): ?array => count($d['aboard']['controller']['modes'] ?? []) > 2
                    ? Planted::lost($d, ['input-mode'], 1900)
                    : null,
                ['failsafe'],
            ],
            'no failsafe on a channel' => [fn (array $d): array => Planted::forgot($d), ['failsafe']],
            'two channels have changed places' => [
                fn (array $d): ?array => isset($d['aboard']['controller']) &&
                ($d['aboard']['controller']['expects'] ?? 'sticks') === 'sticks'
                    ? Planted::crossed($d)
                    : null,
                ['channel-order'],
            ],
            'the corner of the sticks is out of reach' => [
                fn (array $d): ?array => ($d['aboard']['controller']['arming']['by'] ?? '') === 'sticks'
                    ? Planted::short($d, 'input-yaw')
                    : null,
                ['stick-arming'],
            ],
            'the middle of the motor is off' => [
                fn (array $d): ?array => $d['family'] === 'ground-vehicle' ? Planted::offCentre($d, 0.15) : null,
                ['no-start-above-idle', 'safe-at-power-up'],
            ],
            'the idle stop is too high' => [
                fn (array $d): ?array => $d['family'] === 'ground-vehicle'
                    ? null
                    : Planted::short($d, ...Planted::THROTTLES),
                ['no-start-above-idle', 'safe-at-power-up'],
            ],
        ];
        foreach ($faults as $name => [$plant, $rules]) {
            foreach (array_keys(Schools::names()) as $school) {
                if ($plant(Schools::document($school)) !== null) {
                    yield "{$name}, {$school}" => [$school, $plant, $rules];
                }
            }
        }
    }

    /**
     * @param  callable(array<string, mixed>): (array<string, mixed>|null)  $plant
     * @param  list<string>  $rules  one of them finds it
     */
    #[DataProvider('faults')]
    public function test_a_fault_is_found_in_every_school(string $school, callable $plant, array $rules): void
    {
        $proof = Proof::of(Schools::of($plant(Schools::document($school)) ?? self::fail()));
        $found = array_filter(
            $proof->findings,
            fn (Finding $one): bool => in_array($one->rule, $rules, true) &&
                $one->severity === Severity::Error &&
                ! $one->isOpen,
        );

        self::assertNotSame(
            [],
            $found,
            implode("\n", array_map(fn (Finding $one): string => "{$one->key()}: {$one->says}", $proof->findings)) ?:
            'nothing was found',
        );
        self::assertFalse($proof->isSafe());
    }
}
