<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Solve\EditEffect;
use DuskSwitch\Core\Solve\PulseChange;
use PHPUnit\Framework\TestCase;

/** What an edit does at the channels is shown in µs before it's taken. */
final class EffectTest extends TestCase
{
    /** A plane of four channels on a transmitter where 100 % is 400 µs beside 1500. */
    private static function plane(?callable $change = null): Circuit
    {
        $document = json_decode(Given::demo('petrel'));
        $document->functions = array_map(
            fn (string $axis): \stdClass => (object) [
                'id' => $axis,
                'name' => $axis,
                'purpose' => $axis,
                'drive' => (object) ['axis' => $axis],
            ],
            ['roll', 'pitch', 'throttle'],
        );
        $document->outputs = array_map(
            fn (int $channel, string $name, string $role, string $from): \stdClass => (object) [
                'channel' => $channel,
                'name' => $name,
                'role' => $role,
                'feeds' => [(object) ['from' => $from]],
            ],
            [1, 2, 3],
            ['Querruder', 'Höhe', 'Gas'],
            ['ailerons', 'elevator', 'motor'],
            ['roll', 'pitch', 'throttle'],
        );
        $document->phases = [(object) ['id' => 'only', 'name' => 'Only']];
        $document->curves = (object) [];
        unset($document->sense, $document->aboard, $document->recipes, $document->conditions, $document->rings);
        $change === null ?: $change($document);
        $program = ProgramDecoder::decode((string) json_encode($document));

        return Compiler::compile($program, Given::transmitter($program->transmitter));
    }

    /** @return list<array{int, string, int|null, int|null}> */
    private static function effect(callable $change): array
    {
        return array_map(
            fn (PulseChange $one): array => [$one->channel, $one->where, $one->before, $one->after],
            EditEffect::between(self::plane(), self::plane($change)),
        );
    }

    public function test_nothing_changed_shows_nothing(): void
    {
        self::assertSame([], self::effect(fn () => null));
    }

    public function test_a_channel_turned_round_shows_its_ends(): void
    {
        $full = self::plane()
            ->frame([1.0, ...array_slice((new Panel(Given::transmitter('lamplight-12')))->atRest(), 1)])
            ->pulse(1);
        self::assertIsInt($full);

        self::assertSame(
            [[1, 'roll stick full left', 3000 - $full, $full], [1, 'roll stick full right', $full, 3000 - $full]],
            array_slice(self::effect(fn (\stdClass $d) => ($d->outputs[0]->reverse = true)), 0, 2),
        );
    }

    public function test_a_channel_that_comes_and_one_that_goes(): void
    {
        $changes = self::effect(function (\stdClass $d): void {
            $d->outputs[1]->channel = 7;
        });

        self::assertContains([2, 'at rest', 1500, null], $changes);
        self::assertContains([7, 'at rest', null, 1500], $changes);
        self::assertSame([], array_filter($changes, fn (array $one): bool => ! in_array($one[0], [2, 7], true)));
    }

    public function test_no_more_than_three_places_of_a_channel_and_the_largest_first_to_be_kept(): void
    {
        $changes = self::effect(function (\stdClass $d): void {
            $d->outputs[0]->feeds[] = (object) ['from' => 'pitch', 'weight' => 0.5];
            $d->outputs[0]->feeds[] = (object) ['from' => 'throttle', 'weight' => 0.25];
        });

        self::assertCount(3, $changes);
        self::assertContains('pitch stick full back', array_column($changes, 1));
    }

    /** A stick in its middle and a dial at its end are places too: there alone these edits show. */
    public function test_the_middle_of_a_stick_and_the_ends_of_a_dial_are_looked_at(): void
    {
        $middle = self::effect(
            fn (\stdClass $d) => ($d->outputs[0]->feeds[] = (object) [
                'from' => 'roll',
                'weight' => 0.5,
                'when' => (object) [
                    'all' => [
                        (object) ['function' => 'throttle', 'above' => -0.2],
                        (object) ['function' => 'throttle', 'below' => 0.2],
                    ],
                ],
            ]),
        );
        self::assertSame([], $middle, 'the roll stick rests there');

        $middle = self::effect(
            fn (\stdClass $d) => ($d->outputs[2]->feeds[] = (object) [
                'from' => 1,
                'weight' => 0.1,
                'when' => (object) [
                    'all' => [
                        (object) ['function' => 'throttle', 'above' => -0.2],
                        (object) ['function' => 'throttle', 'below' => 0.2],
                    ],
                ],
            ]),
        );
        self::assertSame(
            [[3, 'throttle stick at 50 %']],
            array_map(fn (array $one): array => [$one[0], $one[1]], $middle),
        );

        $dial = self::effect(
            fn (\stdClass $d) => ($d->outputs[1]->feeds[] = (object) [
                'from' => (object) ['control' => 'dial-left'],
                'weight' => 0.5,
            ]),
        );
        self::assertSame(['Left dial at −100 %', 'Left dial at 100 %'], array_column($dial, 1));
        self::assertSame([3000], array_unique([$dial[0][3] + $dial[1][3]]));
    }

    /** 40 % expo leaves both ends as they are: half a stick is 0.6 · 0.5 + 0.4 · 0.5³ = 35 % of 400 µs. */
    public function test_expo_shows_between_the_ends(): void
    {
        $changes = self::effect(
            fn (\stdClass $d) => ($d->functions[0]->shape = (object) ['only' => (object) ['expo' => 0.4]]),
        );

        self::assertContains([1, 'roll stick 50 % right', 1700, 1640], $changes);
        self::assertSame([1], array_values(array_unique(array_column($changes, 0))));
    }

    /** The aircraft powers up armed: the fix has to show where the arm channel was and where it goes. */
    public function test_a_fix_shows_the_state_that_was_found_before_and_after(): void
    {
        $spoilt = json_decode(Given::demo('nightjar'));
        foreach ($spoilt->outputs as $output) {
            if ($output->role === 'input-arm') {
                $output->reverse = true;
            }
        }
        $context = Given::context(ProgramDecoder::decode((string) json_encode($spoilt)));
        $fixes = array_filter(
            Proof::of($context)->findings,
            fn ($one): bool => $one->mended !== null && $one->witness !== null,
        );
        self::assertNotSame([], $fixes);
        foreach ($fixes as $fix) {
            $shown = array_filter(
                EditEffect::between(
                    $context->circuit(),
                    self::circuit($context, $fix->mended),
                    $fix->witness,
                    $fix->channels(),
                ),
                fn (PulseChange $one): bool => $one->where === 'in the state found',
            );
            foreach ($shown as $one) {
                self::assertSame($fix->witness->frame($context->circuit())->pulse($one->channel), $one->before);
                self::assertNotSame(
                    $one->before,
                    $one->after,
                    "{$fix->says}: the fix leaves channel {$one->channel} as it is",
                );
            }
        }
    }

    private static function circuit(ProofContext $context, Program $program): Circuit
    {
        return Compiler::compile($program, $context->transmitter);
    }
}
