<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ConditionDecoder;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How much a document may hold, and what is said where it's too much to check. */
final class LimitsTest extends TestCase
{
    /** @return list<string> */
    private static function faults(\stdClass|array $document): array
    {
        try {
            $program = ProgramDecoder::read(json_decode((string) json_encode($document)));
            Compiler::compile($program, Given::catalogue()->find($program->transmitter) ?? Given::transmitter());

            return [];
        } catch (Refused $refused) {
            return array_map(strval(...), $refused->faults);
        }
    }

    private static function nightjar(): \stdClass
    {
        return json_decode(Given::demo('nightjar'));
    }

    public function test_a_budget_takes_steps_until_it_is_spent(): void
    {
        $budget = new Budget(100);
        self::assertTrue($budget->affords(60));
        self::assertFalse($budget->affords(41), 'forty are left');
        self::assertFalse($budget->affords(21, 0.5), 'no more than half of them');
        self::assertTrue($budget->affords(20, 0.5));
        self::assertTrue($budget->affords(20));
        self::assertFalse($budget->affords(1));
        self::assertFalse((new Budget())->affords(1e300));
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>}> one condition around another */
    public static function around(): iterable
    {
        $other = ['control' => 'left-back', 'at' => 'away'];
        yield 'not' => [fn (array $one): array => ['not' => $one]];
        yield 'all' => [fn (array $one): array => ['all' => [$other, $one]]];
        yield 'any' => [fn (array $one): array => ['any' => [$other, $one]]];
        yield 'toggle' => [fn (array $one): array => ['toggle' => $one]];
        yield 'held' => [fn (array $one): array => ['held' => $one, 'seconds' => 1]];
        yield 'set by' => [fn (array $one): array => ['latch' => ['set' => $one, 'reset' => $other]]];
        yield 'reset by' => [fn (array $one): array => ['latch' => ['set' => $other, 'reset' => $one]]];
        yield 'taps' => [fn (array $one): array => ['taps' => $one, 'count' => 2, 'within' => 0.5]];
    }

    #[DataProvider('around')]
    public function test_conditions_stand_twelve_deep_and_no_deeper(callable $around): void
    {
        $deep = function (int $depth) use ($around): \stdClass {
            $condition = ['control' => 'left-shoulder', 'at' => 'away'];
            for ($i = 0; $i < $depth; $i++) {
                $condition = $around($condition);
            }
            $document = self::nightjar();
            $document->functions[0]->override = [['when' => $condition, 'value' => 0.5]];

            return $document;
        };
        self::assertSame([], self::faults($deep(ConditionDecoder::DEEPEST)));
        $fault = self::faults($deep(ConditionDecoder::DEEPEST + 1))[0];
        self::assertStringContainsString('more than 12 deep', $fault);
    }

    public function test_conditions_are_counted_wherever_they_stand(): void
    {
        $all = fn (int $count): array => [
            'all' => array_map(
                fn (int $rest): array => ['any' => array_fill(0, $rest, ['control' => 'left-shoulder', 'at' => 'away'])],
                array_fill(0, intdiv($count, 16), 15),
            ),
        ];
        $document = self::nightjar();
        // 16 lists of 15 with the list itself: 16 × 16 + 1 = 257 each.
        $document->conditions = array_combine(
            array_map(fn (int $i): string => "c{$i}", range(1, 15)),
            array_fill(0, 15, $all(256)),
        );
        self::assertSame([], self::faults($document));
        $document->sense ??= (object) [];
        $document->sense->calls[] = ['id' => 'many', 'name' => 'Many', 'when' => $all(256), 'says' => ['Many']];
        self::assertMatchesRegularExpression(
            '/^there are 4\d\d\d conditions in this program.*at most 4000 can be checked/',
            self::faults($document)[0],
            'those of callouts count too',
        );
    }

    public function test_delays_are_two_hundred_seconds_in_all(): void
    {
        $document = self::nightjar();
        $document->outputs[0]->feeds = array_fill(0, 20, ['from' => 'roll', 'delay' => 9.9]);
        self::assertSame([], self::faults($document));
        $document->outputs[0]->feeds = array_fill(0, 21, ['from' => 'roll', 'delay' => 9.9]);
        self::assertStringContainsString('Shorten the delays', self::faults($document)[0]);
    }

    public function test_thresholds_on_every_dial_are_decided(): void
    {
        $document = self::nightjar();
        $levels = fn (string $dial): array => array_map(
            fn (int $n): array => [
                'when' => [
                    'all' => [
                        ['control' => $dial, 'above' => $n / 10 - 0.75],
                        ['control' => 'dial-right', 'above' => $n / 20 - 0.3],
                    ],
                ],
                'value' => $n / 20,
            ],
            range(1, 15),
        );
        foreach (['dial-left', 'slider-left', 'slider-right'] as $place => $dial) {
            $document->functions[$place]->override = $levels($dial);
        }
        $document->outputs[0]->feeds = array_map(fn (string $id): array => ['from' => $id, 'weight' => 0.3], [
            'roll',
            'pitch',
            'throttle',
        ]);
        $program = ProgramDecoder::read(json_decode((string) json_encode($document)));
        $context = new ProofContext(
            $program,
            Given::catalogue()->find('harbour-16') ?? Given::transmitter(),
            Given::catalogue()->receiver('lantern-r8'),
            Given::catalogue()->controller('keel-f4'),
        );
        $proof = Proof::of($context);
        $undecided = array_values(array_filter($proof->findings, fn (Finding $one): bool => $one->isOpen));

        self::assertSame(
            [],
            array_map(fn (Finding $one): string => $one->says, $undecided),
            'three dials, each with fifteen levels, in several cones: decided',
        );
    }

    public function test_what_is_too_large_to_check_is_an_error_of_the_proof(): void
    {
        $program = ProgramDecoder::read(
            json_decode((string) json_encode(Hard::documents()['every feed of every output'])),
        );
        $proof = Proof::of(Given::context($program));
        $undecided = array_values(array_filter($proof->findings, fn (Finding $one): bool => $one->isOpen));

        self::assertNotSame([], $undecided);
        self::assertSame(Severity::Error, $undecided[0]->severity);
        self::assertFalse($proof->isSafe());
        self::assertFalse($proof->isComplete());
        self::assertStringContainsString(
            'because it is too large to check to the end',
            implode(' ', array_column($undecided, 'says')),
        );
    }

    public function test_more_positions_than_can_be_counted_are_counted_roughly(): void
    {
        $document = self::nightjar();
        $document->conditions = array_combine(
            array_map(fn (int $i): string => "c{$i}", range(1, 64)),
            array_map(
                fn (int $i): array => [
                    'toggle' => [
                        'all' => [
                            ['control' => 'button-left', 'at' => 'pressed'],
                            ['control' => 'dial-left', 'above' => $i / 100],
                        ],
                    ],
                ],
                range(1, 64),
            ),
        );
        $program = ProgramDecoder::read(json_decode((string) json_encode($document)));

        self::assertGreaterThan(2.0 ** 63, Proof::of(Given::context($program))->states);
    }
}
