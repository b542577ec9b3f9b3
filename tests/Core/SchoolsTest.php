<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\StateWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Every school that is flown safely is called safe, whatever things are called; and every fault that is planted in it is found. */
final class SchoolsTest extends TestCase
{
    #[DataProviderExternal(Schools::class, 'names')]
    public function test_a_safe_program_of_each_school_gives_no_error(string $school): void
    {
        $evidence = Schools::evidence($school);
        $proof = Proof::of($evidence);
        $words = new StateWords($evidence);
        $errors = array_filter($proof->findings, fn (Finding $one): bool => $one->severity === Severity::Error);

        self::assertSame([], array_map(fn (Finding $one): string => "{$one->key()}: {$one->says} ({$words->say($one->witness)})", array_values($errors)));
        self::assertTrue($proof->isSafe());
    }

    /** @return iterable<string, array{string, callable(array<string, mixed>): (array<string, mixed>|null), list<string>}> */
    public static function faults(): iterable
    {
        $faults = [
            'rest arms' => [fn (array $d): ?array => self::turned($d, 'arm'), ['safe-at-power-up']],
            'rest releases the cut' => [fn (array $d): ?array => self::turned($d, 'motor-cut'), ['safe-at-power-up']],
            'a dial raises the throttle channel' => [fn (array $d): ?array => self::fed($d, self::THROTTLES, ['from' => ['control' => self::lever($d)], 'weight' => 0.5]), ['no-start-above-idle', 'safe-at-power-up']],
            'the pitch stick raises the throttle channel' => [fn (array $d): ?array => self::fed($d, self::THROTTLES, ['from' => 'h', 'weight' => 0.6]), ['no-start-above-idle']],
            'a trim raises the throttle' => [fn (array $d): ?array => self::trimmed($d), ['no-start-above-idle']],
            'something is mixed in after the cut' => [fn (array $d): ?array => self::has($d, 'motor-cut') ? self::fed($d, self::THROTTLES, ['from' => ['axis' => 'throttle'], 'weight' => 0.5, 'offset' => 0.5]) : null, ['one-move-disarms']],
            'a second motor that nothing cuts' => [fn (array $d): ?array => self::has($d, 'motor-cut') ? self::added($d, 'motor', [['from' => ['axis' => 'throttle']]]) : null, ['one-move-disarms']],
            'the yaw stick arms' => [fn (array $d): ?array => self::fed($d, ['input-arm'], ['from' => ['axis' => 'yaw'], 'weight' => 2.0]), ['arm-channel-alone']],
            'a slider arms' => [fn (array $d): ?array => self::fed($d, ['input-arm'], ['from' => ['control' => self::lever($d)], 'weight' => 2.0]), ['arm-channel-alone']],
            'arm is on another channel' => [fn (array $d): ?array => self::moved($d, 'input-arm', 12), ['arm-placement']],
            'held is true at rest' => [fn (array $d): ?array => self::driven($d, 'arm', ['cases' => [['when' => ['held' => ['not' => ['control' => self::switch($d), 'at' => 'away']], 'seconds' => 1], 'step' => 'live']]]), ['safe-at-power-up']],
            'two switches are needed to disarm' => [fn (array $d): ?array => self::driven($d, 'arm', ['cases' => [['when' => ['any' => [['control' => self::switch($d), 'at' => 'away'], ['control' => self::switch($d, 1), 'at' => 'away']]], 'step' => 'live']]]), ['one-move-disarms']],
            'the controller looks for its modes elsewhere' => [fn (array $d): ?array => self::moved($d, 'input-mode', 12), ['one-mode-in-each-state']],
            'a step lies between two modes' => [fn (array $d): ?array => self::valued($d, 'flight-mode', 0, -0.41), ['one-mode-in-each-state', 'mode-as-meant']],
            'two steps have changed places' => [fn (array $d): ?array => self::swapped($d), ['mode-as-meant']],
            'the motor runs on without a link' => [fn (array $d): ?array => self::lost($d, self::THROTTLES, 1700), ['failsafe']],
            'the motor keeps the last throttle' => [fn (array $d): ?array => self::lost($d, self::THROTTLES, 'hold'), ['failsafe']],
            'without a link it stays armed' => [fn (array $d): ?array => self::lost($d, ['input-arm'], 'hold'), ['failsafe']],
            'without a link it is armed' => [fn (array $d): ?array => self::lost($d, ['input-arm'], 1900), ['failsafe']],
            'without a link it flies freely' => [fn (array $d): ?array => count($d['aboard']['controller']['modes'] ?? []) > 2 ? self::lost($d, ['input-mode'], 1900) : null, ['failsafe']],
            'no failsafe on a channel' => [fn (array $d): array => self::forgot($d), ['failsafe']],
            'two channels have changed places' => [fn (array $d): ?array => isset($d['aboard']['controller']) && ($d['aboard']['controller']['expects'] ?? 'sticks') === 'sticks' ? self::crossed($d) : null, ['channel-order']],
            'the corner of the sticks is out of reach' => [fn (array $d): ?array => ($d['aboard']['controller']['arming']['by'] ?? '') === 'sticks' ? self::short($d, 'input-yaw') : null, ['stick-arming']],
            'the idle stop is too high' => [fn (array $d): ?array => self::short($d, ...self::THROTTLES), ['no-start-above-idle', 'safe-at-power-up']],
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
        $found = array_filter($proof->findings, fn (Finding $one): bool => in_array($one->rule, $rules, true) && $one->severity === Severity::Error && ! $one->isOpen);

        self::assertNotSame([], $found, implode("\n", array_map(fn (Finding $one): string => "{$one->key()}: {$one->says}", $proof->findings)) ?: 'nothing was found');
        self::assertFalse($proof->isSafe());
    }

    private const THROTTLES = ['motor', 'left-motor', 'right-motor', 'input-throttle'];

    /** @param  array<string, mixed>  $d */
    private static function has(array $d, string $purpose): bool
    {
        return in_array($purpose, array_column($d['functions'], 'purpose'), true);
    }

    /** @param  array<string, mixed>  $d */
    private static function lever(array $d): string
    {
        return ['lamplight-12' => 'dial-left', 'quayside-8' => 'dial', 'harbour-16' => 'dial-right'][$d['transmitter']];
    }

    /** @param  array<string, mixed>  $d */
    private static function switch(array $d, int $place = 0): string
    {
        return ['lamplight-12' => ['top-left', 'top-right'], 'quayside-8' => ['shoulder-left', 'shoulder-right'], 'harbour-16' => ['flick-a', 'flick-d']][$d['transmitter']][$place];
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null the switch of a function turned round
     */
    private static function turned(array $d, string $purpose): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (($one['purpose'] ?? '') === $purpose && isset($one['drive']['map'])) {
                $d['functions'][$place]['drive']['map'] = array_combine(array_keys($one['drive']['map']), array_reverse(array_values($one['drive']['map'])));

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @param  list<string>  $roles
     * @param  array<string, mixed>  $feed
     * @return array<string, mixed>|null
     */
    private static function fed(array $d, array $roles, array $feed): ?array
    {
        foreach ($d['outputs'] as $place => $one) {
            if (in_array($one['role'], $roles, true)) {
                $d['outputs'][$place]['feeds'][] = $feed;

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null
     */
    private static function trimmed(array $d): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (($one['purpose'] ?? '') === 'throttle' && isset($one['drive']['axis']) && in_array($one['id'], array_merge([], ...array_map(fn (array $output): array => array_filter(array_column($output['feeds'], 'from'), is_string(...)), $d['outputs'])), true)) {
                $d['functions'][$place]['trim'] = ['authority' => 0.3, 'idle' => true];

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @param  list<array<string, mixed>>  $feeds
     * @return array<string, mixed>
     */
    private static function added(array $d, string $role, array $feeds): array
    {
        $d['outputs'][] = ['channel' => 8, 'name' => 'Noch einer', 'role' => $role, 'feeds' => $feeds, 'travel' => 1.25];
        $d['aboard']['failsafe'][] = ['channel' => 8, 'does' => 1000];

        return $d;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null
     */
    private static function moved(array $d, string $role, int $channel): ?array
    {
        foreach ($d['outputs'] as $place => $one) {
            if ($one['role'] === $role) {
                $d['outputs'][$place]['channel'] = $channel;

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @param  array<string, mixed>  $drive
     * @return array<string, mixed>|null
     */
    private static function driven(array $d, string $purpose, array $drive): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (($one['purpose'] ?? '') === $purpose && in_array('live', array_column($one['steps'] ?? [], 'id'), true)) {
                $d['functions'][$place]['drive'] = $drive;

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null
     */
    private static function valued(array $d, string $purpose, int $step, float $value): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (($one['purpose'] ?? '') === $purpose && count($d['aboard']['controller']['modes'] ?? []) > 2) {
                $d['functions'][$place]['steps'][$step]['value'] = $value;

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null
     */
    private static function swapped(array $d): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (($one['purpose'] ?? '') === 'flight-mode') {
                [$d['functions'][$place]['steps'][0]['value'], $d['functions'][$place]['steps'][1]['value']] = [$one['steps'][1]['value'], $one['steps'][0]['value']];

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @param  list<string>  $roles
     * @return array<string, mixed>|null
     */
    private static function lost(array $d, array $roles, int|string $does): ?array
    {
        $channel = array_values(array_filter($d['outputs'], fn (array $one): bool => in_array($one['role'], $roles, true)))[0]['channel'] ?? null;
        foreach ($d['aboard']['failsafe'] as $place => $one) {
            if ($one['channel'] === $channel) {
                $d['aboard']['failsafe'][$place]['does'] = $does;

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>
     */
    private static function forgot(array $d): array
    {
        array_pop($d['aboard']['failsafe']);

        return $d;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>
     */
    private static function crossed(array $d): array
    {
        [$d['outputs'][1]['feeds'], $d['outputs'][2]['feeds']] = [$d['outputs'][2]['feeds'], $d['outputs'][1]['feeds']];

        return $d;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null
     */
    private static function short(array $d, string ...$roles): ?array
    {
        foreach ($d['outputs'] as $place => $one) {
            if (in_array($one['role'], $roles, true)) {
                $d['outputs'][$place]['travel'] = 0.6;

                return $d;
            }
        }

        return null;
    }
}
