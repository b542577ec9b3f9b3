<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Demo aircraft with numbers nudged at random (seeded): what the proof says of them, and its mends. */
final class MendsTest extends TestCase
{
    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_mend_mends_its_finding_and_brings_no_new_error(string $demo): void
    {
        $mended = 0;
        foreach ($this->nudged($demo) as $program) {
            $before = self::findings($program);
            foreach ($before as $finding) {
                if ($finding->mended === null) {
                    continue;
                }
                $mended++;
                $after = self::findings($finding->mended);
                self::assertNotContains($finding->key(), self::keys($after), "{$finding->says} is still there");
                self::assertSame(
                    [],
                    array_values(array_diff(self::errors($after), self::errors($before))),
                    "mending “{$finding->says}” breaks something",
                );
                self::assertEquals(
                    $finding->mended,
                    ProgramDecoder::decode(ProgramEncoder::encode($finding->mended)),
                    'it can be kept',
                );
            }
        }
        self::assertSame(
            in_array($demo, ['tern', 'petrel', 'wheatear'], true),
            $mended === 0,
            'without a controller there is nothing that a mend is safe for',
        );
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_findings_are_ranked_named_once_and_the_same_each_time(string $demo): void
    {
        foreach ($this->nudged($demo) as $program) {
            $findings = self::findings($program);
            $ranks = array_map(fn (Finding $one): int => $one->severity->rank(), $findings);
            $sorted = $ranks;
            sort($sorted);

            self::assertSame($sorted, $ranks, 'the worst first');
            self::assertSame(self::keys($findings), array_values(array_unique(self::keys($findings))));
            self::assertSame(self::keys($findings), self::keys(self::findings($program)));
        }
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_what_is_accepted_is_open_no_more_and_comes_back_when_it_changes(string $demo): void
    {
        foreach ($this->nudged($demo, 6) as $program) {
            $accepted = array_map(
                fn (Finding $one): object => (object) ['finding' => $one->key(), 'reason' => 'I know'],
                self::findings($program),
            );
            $document = json_decode(ProgramEncoder::encode($program));
            $document->aboard ??= (object) [];
            $document->aboard->accepted = $accepted;
            $proof = Proof::of(
                Given::context(ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION))),
            );

            self::assertSame([], $proof->findings);
            self::assertCount(count($accepted), $proof->accepted);
            self::assertTrue($proof->isSafe());
        }
    }

    /** @return list<Program> the demo with a few outputs and steps elsewhere */
    private function nudged(string $demo, int $times = 12): array
    {
        $times = Long::is() ? $times : intdiv($times, 2);
        $random = new Randomizer(new Mt19937(crc32($demo)));
        $program = Given::circuit(Given::demo($demo))->program;
        $nudged = [];
        for ($try = 0; $try < $times; $try++) {
            $outputs = array_map(
                fn (Output $one): Output => $random->getInt(0, 3) > 0
                    ? $one
                    : $one->with(
                        travel: Range::both($random->getInt(60, 150) / 100),
                        subtrim: $random->getInt(-10, 10) / 100,
                        reverse: $random->getInt(0, 4) === 0 ? ! $one->reverse : $one->reverse,
                    ),
                $program->outputs,
            );
            $functions = array_map(
                fn (PilotFunction $one): PilotFunction => ! $one instanceof SteppedFunction || $random->getInt(0, 2) > 0
                    ? $one
                    : $one->with(
                        steps: array_map(
                            fn (Step $step): Step => $step->with(
                                value: max(-1.5, min(1.5, $step->value + $random->getInt(-30, 30) / 100)),
                            ),
                            $one->steps,
                        ),
                    ),
                $program->functions,
            );
            $nudged[] = $program->with(functions: $functions, outputs: $outputs);
        }

        return $nudged;
    }

    /** @return list<Finding> */
    private static function findings(Program $program): array
    {
        return Proof::of(Given::context($program))->findings;
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function keys(array $findings): array
    {
        return array_map(fn (Finding $one): string => $one->key(), $findings);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string> the rules that errors break, and where
     */
    private static function errors(array $findings): array
    {
        return array_values(
            array_map(
                fn (Finding $one): string => "{$one->rule} {$one->about}",
                array_filter($findings, fn (Finding $one): bool => $one->severity === Severity::Error),
            ),
        );
    }
}
