<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What mustn't change the proof doesn't: names, orders, channels that move together with the controller, switches
 * turned round, things that have nothing to do with it.
 */
final class SameProofTest extends TestCase
{
    /** @return iterable<string, array{string, bool}> each safe, and with faults in it */
    public static function documents(): iterable
    {
        foreach (array_keys(Schools::names()) as $school) {
            yield $school => [$school, false];
            yield "{$school}, spoiled" => [$school, true];
        }
    }

    /** @return array<string, mixed> */
    private static function document(string $school, bool $spoiled): array
    {
        $document = Schools::document($school);
        if ($spoiled) {
            $document['outputs'][0]['feeds'][] = [
                'from' => ['control' => $document['transmitter'] === 'quayside-8' ? 'dial' : 'dial-left'],
                'weight' => 0.7,
            ];
            $document['outputs'][count($document['outputs']) - 1]['feeds'][0]['offset'] = 0.21;
        }

        return $document;
    }

    #[DataProvider('documents')]
    public function test_other_names_and_ids_say_the_same(string $school, bool $spoiled): void
    {
        $document = self::document($school, $spoiled);
        self::assertSame(self::told($document), self::told(self::renamed($document)));
    }

    #[DataProvider('documents')]
    public function test_another_order_says_the_same(string $school, bool $spoiled): void
    {
        $document = self::document($school, $spoiled);
        $other = [
            ...$document,
            'functions' => array_reverse($document['functions']),
            'outputs' => array_reverse($document['outputs']),
        ];
        $other['aboard']['failsafe'] = array_reverse($document['aboard']['failsafe']);

        self::assertSame(self::told($document), self::told($other));
    }

    #[DataProvider('documents')]
    public function test_channels_that_move_with_the_controller_say_the_same(string $school, bool $spoiled): void
    {
        $document = self::document($school, $spoiled);
        // The first ones stay, as the controller expects its sticks there.
        $stay = ($document['controller'] ?? '') === 'bench-bar' ? 6 : 4;
        $to = fn (int $channel): int => $channel <= $stay ? $channel : 17 - $channel;
        $moved = $document;
        foreach ($moved['outputs'] as $place => $one) {
            $moved['outputs'][$place]['channel'] = $to($one['channel']);
        }
        foreach ($moved['aboard']['failsafe'] as $place => $one) {
            $moved['aboard']['failsafe'][$place]['channel'] = $to($one['channel']);
        }
        foreach ($moved['aboard']['controller']['modes'] ?? [] as $place => $one) {
            $moved['aboard']['controller']['modes'][$place]['channel'] = $to($one['channel']);
        }
        foreach (
            isset($document['controller']) &&
            $document['controller'] === 'bench-box' &&
            ($document['aboard']['controller']['arming']['by'] ?? 'range') === 'range'
                ? $document['aboard']['controller']['arming']['ranges'] ?? [
                    ['channel' => 5, 'from' => 1700, 'to' => 2100],
                ]
                : [] as $place => $range
        ) {
            $moved['aboard']['controller']['arming'] = [
                'by' => 'range',
                'ranges' => [
                    ...$moved['aboard']['controller']['arming']['ranges'] ?? [],
                    $place => [...$range, 'channel' => $to($range['channel'])],
                ],
            ];
        }

        self::assertSame(self::told($document), self::told($moved, $to));
    }

    #[DataProvider('documents')]
    public function test_a_function_that_has_nothing_to_do_with_it_changes_nothing(string $school, bool $spoiled): void
    {
        $document = self::document($school, $spoiled);
        $more = $document;
        $more['functions'][] = [
            'id' => 'licht',
            'name' => 'Licht',
            'purpose' => 'lights',
            'steps' => [
                ['id' => 'aus', 'value' => -0.5, 'means' => 'other'],
                ['id' => 'an', 'value' => 0.5, 'means' => 'other'],
            ],
            'drive' => [
                'cases' => [
                    [
                        'when' => [
                            'control' => $document['transmitter'] === 'quayside-8'
                                    ? 'face-left'
                                    : ($document['transmitter'] === 'harbour-16'
                                        ? 'right-side'
                                        : 'shoulder-right'),
                            'at' => 'middle',
                        ],
                        'step' => 'an',
                    ],
                ],
            ],
        ];
        $last = max(array_column($document['outputs'], 'channel')) + 1;
        $more['outputs'][] = [
            'channel' => $last === 12 ? 13 : $last,
            'name' => 'Licht',
            'role' => 'other',
            'feeds' => [['from' => 'licht']],
        ];
        $more['aboard']['failsafe'][] = [
            'channel' => $last === 12 ? 13 : $last,
            'does' => isset($document['controller']) ? 'off' : 1500,
        ];
        if (($last === 12 ? 13 : $last) > 8 && $document['transmitter'] !== 'harbour-16') {
            $more['outputs'][count($more['outputs']) - 1]['channel'] = 11;
            $more['aboard']['failsafe'][count($more['aboard']['failsafe']) - 1]['channel'] = 11;
        }

        self::assertSame(self::told($document), self::told($more));
    }

    #[DataProvider('documents')]
    public function test_switches_that_rest_at_their_other_end_say_the_same(string $school, bool $spoiled): void
    {
        $document = self::document($school, $spoiled);
        $program = Schools::program($document);
        $context = Schools::of($document);
        $turn = ['away' => 'toward', 'toward' => 'away'];
        $transmitter = $context->transmitter;
        $controls = array_map(
            fn (Control $one): Control => in_array('away', $one->detents, true)
                ? new Control(
                    $one->id,
                    $one->name,
                    $one->kind,
                    $one->detents,
                    $turn[$one->rest ?? ''] ?? $one->rest,
                    $one->place,
                )
                : $one,
            $transmitter->controls,
        );
        $mirrored = new Transmitter(
            $transmitter->id,
            $transmitter->name,
            $transmitter->channels,
            $transmitter->scale,
            $transmitter->leftGimbal,
            $transmitter->rightGimbal,
            $transmitter->trimClicks,
            $controls,
            $transmitter->keying,
            $transmitter->links,
            $transmitter->sensorSlots,
        );
        $text = (string) preg_replace_callback(
            '/"(away|toward)"/',
            fn (array $found): string => '"'.$turn[$found[1]].'"',
            ProgramEncoder::encode($program),
        );

        self::assertSame(
            self::told($document),
            self::keys(
                new ProofContext(ProgramDecoder::decode($text), $mirrored, $context->receiver, $context->controller),
            ),
        );
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  (callable(int): int)|null  $moved  where channels have gone
     * @return list<string>
     */
    private static function told(array $document, ?callable $moved = null): array
    {
        return self::keys(Schools::of($document), $moved);
    }

    /**
     * @param  (callable(int): int)|null  $moved
     * @return list<string> rule, severity and channels of every finding, and every rule's answer
     */
    private static function keys(ProofContext $context, ?callable $moved = null): array
    {
        $proof = Proof::of($context);
        $back = [];
        foreach ($moved === null ? [] : range(1, 12) as $channel) {
            $back[$moved($channel)] = $channel;
        }
        $keys = array_map(function (Finding $one) use ($back): string {
            $channels = array_map(fn (int $channel): int => $back[$channel] ?? $channel, $one->channels());
            sort($channels);

            return "{$one->rule} {$one->severity->value} ".implode(' ', $channels);
        }, $proof->findings);
        sort($keys);

        return [
            ...$keys,
            ...array_map(fn (array $one): string => "{$one[0]->id()}: {$one[1]->answer->value}", $proof->rules),
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function renamed(array $document): array
    {
        $text = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $ids = [
            ...array_column($document['functions'], 'id'),
            ...array_merge(
                [],
                ...array_map(fn (array $one): array => array_column($one['steps'] ?? [], 'id'), $document['functions']),
            ),
            ...array_column($document['phases'], 'id'),
            ...array_keys($document['curves'] ?? []),
        ];
        $renamed = json_decode($text, true);
        $new = array_combine($ids, array_map(fn (int $place): string => "zz-{$place}", array_keys($ids)));
        $walk = function (mixed $node, string|int $key) use (&$walk, $new): mixed {
            if (is_array($node)) {
                $out = [];
                foreach ($node as $inside => $value) {
                    // A mode is the controller's, a detent the transmitter's: neither is ours to name.
                    $out[$key === 'shape' || $key === 'curves' ? $new[$inside] ?? $inside : $inside] =
                        $key === 'means'
                            ? $value
                            : $walk($value, is_int($inside) ? ($key === 'step' ? 'step' : $key) : $inside);
                }

                return $out;
            }
            if ($key === 'name') {
                return 'Ω '.substr(md5((string) $node), 0, 8);
            }

            return in_array(
                $key,
                ['id', 'from', 'step', 'function', 'phase', 'curve', 'away', 'middle', 'toward', 'pressed', 'released'],
                true,
            ) && is_string($node)
                ? $new[$node] ?? $node
                : $node;
        };

        return $walk($renamed, '');
    }
}
