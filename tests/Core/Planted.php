<?php

namespace DuskSwitch\Tests\Core;

/** Faults that are planted in the document of a school; null where it has no place for one. */
final class Planted
{
    public const THROTTLES = ['motor', 'left-motor', 'right-motor', 'input-throttle'];

    /** @param  array<string, mixed>  $d */
    public static function has(array $d, string $purpose): bool
    {
        return in_array($purpose, array_column($d['functions'], 'purpose'), true);
    }

    /** @param  array<string, mixed>  $d */
    public static function lever(array $d): string
    {
        return ['lamplight-12' => 'dial-left', 'quayside-8' => 'dial', 'harbour-16' => 'dial-right'][$d['transmitter']];
    }

    /** @param  array<string, mixed>  $d */
    public static function switch(array $d, int $place = 0): string
    {
        return [
            'lamplight-12' => ['top-left', 'top-right'],
            'quayside-8' => ['shoulder-left', 'shoulder-right'],
            'harbour-16' => ['left-shoulder', 'left-back'],
        ][$d['transmitter']][$place];
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null the switch of a function turned round
     */
    public static function turned(array $d, string $purpose): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (($one['purpose'] ?? '') === $purpose && isset($one['drive']['map'])) {
                $d['functions'][$place]['drive']['map'] = array_combine(
                    array_keys($one['drive']['map']),
                    array_reverse(array_values($one['drive']['map'])),
                );

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
    public static function fed(array $d, array $roles, array $feed): ?array
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
    public static function trimmed(array $d): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (
                ($one['purpose'] ?? '') === 'throttle' &&
                isset($one['drive']['axis']) &&
                in_array(
                    $one['id'],
                    array_merge(
                        [],
                        ...array_map(
                            fn (array $output): array => array_filter(
                                array_column($output['feeds'], 'from'),
                                is_string(...),
                            ),
                            $d['outputs'],
                        ),
                    ),
                    true,
                )
            ) {
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
    public static function added(array $d, string $role, array $feeds): array
    {
        $d['outputs'][] = [
            'channel' => 8,
            'name' => 'Noch einer',
            'role' => $role,
            'feeds' => $feeds,
            'travel' => 1.25,
        ];
        $d['aboard']['failsafe'][] = ['channel' => 8, 'does' => 1000];

        return $d;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null
     */
    public static function moved(array $d, string $role, int $channel): ?array
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
    public static function driven(array $d, string $purpose, array $drive): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (
                ($one['purpose'] ?? '') === $purpose &&
                in_array('live', array_column($one['steps'] ?? [], 'id'), true)
            ) {
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
    public static function valued(array $d, string $purpose, int $step, float $value): ?array
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
    public static function swapped(array $d): ?array
    {
        foreach ($d['functions'] as $place => $one) {
            if (($one['purpose'] ?? '') === 'flight-mode') {
                [$d['functions'][$place]['steps'][0]['value'], $d['functions'][$place]['steps'][1]['value']] = [
                    $one['steps'][1]['value'],
                    $one['steps'][0]['value'],
                ];

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
    public static function lost(array $d, array $roles, int|string $does): ?array
    {
        $channel =
            array_values(array_filter($d['outputs'], fn (array $one): bool => in_array($one['role'], $roles, true)))[0][
                'channel'
            ] ?? null;
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
    public static function forgot(array $d): array
    {
        array_pop($d['aboard']['failsafe']);

        return $d;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>
     */
    public static function crossed(array $d): array
    {
        [$d['outputs'][1]['feeds'], $d['outputs'][2]['feeds']] = [$d['outputs'][2]['feeds'], $d['outputs'][1]['feeds']];

        return $d;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed>|null
     */
    public static function short(array $d, string ...$roles): ?array
    {
        foreach ($d['outputs'] as $place => $one) {
            if (in_array($one['role'], $roles, true)) {
                $d['outputs'][$place]['travel'] = 0.6;

                return $d;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $d
     * @return array<string, mixed> a motor whose channel isn't centred
     */
    public static function offCentre(array $d, float $by): array
    {
        foreach ($d['outputs'] as $place => $one) {
            if ($one['role'] === 'motor') {
                $d['outputs'][$place]['subtrim'] = $by;
            }
        }

        return $d;
    }
}
