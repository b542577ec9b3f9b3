<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\TrainingStep;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\TrainingPlan;
use DuskSwitch\Core\Program\TrainingStage;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A learner goes up, and back, on purpose. */
final class TrainingPlanTest extends TestCase
{
    private static function nightjar(): Program
    {
        return Given::circuit(Given::demo('nightjar'))->program;
    }

    private static function on(int $rung, ?Program $program = null): Program
    {
        return TrainingStep::to($program ?? self::nightjar(), $rung, Given::transmitter());
    }

    public function test_a_step_up_says_what_it_changes(): void
    {
        self::assertSame(
            [
                'Roll rate, Calm: 60 % → 75 %',
                'Roll expo, Calm: 45 % → 40 %',
                'Pitch rate, Calm: 60 % → 75 %',
                'Pitch expo, Calm: 45 % → 40 %',
                'Yaw rate, Calm: 50 % → 75 %',
                'Training plan at step: First hovers → Circuits',
            ],
            Given::differences(self::nightjar(), self::on(1)),
        );
    }

    public function test_a_step_back_is_what_was_there(): void
    {
        self::assertEquals(self::on(1), self::on(1, self::on(2)));
        self::assertSame(
            ['Training plan at step: First hovers → not begun'],
            Given::differences(
                self::on(0),
                self::on(0)->with(
                    ladder: new TrainingPlan(
                        rungs: self::nightjar()->ladder->rungs ?? self::fail(),
                        phase: 'calm',
                        style: 'mode',
                    ),
                ),
            ),
        );
    }

    public function test_the_style_at_rest_changes_over_and_no_mode_is_lost(): void
    {
        $circuit = Compiler::compile(self::on(3), Given::transmitter());
        $mode = fn (string $detent): string => Given::frame($circuit, controls: ['left-front' => $detent])->steps()[
            'mode'
        ];

        self::assertSame(['free', 'come-home', 'self-level'], [$mode('toward'), $mode('middle'), $mode('away')]);
    }

    public function test_a_usual_ladder_is_in_order(): void
    {
        // Expo 50, 40, then 20 to 30 % as a learner grows (common practice).
        self::assertSame(
            [0.5, 0.4, 0.3, 0.2],
            array_map(fn (TrainingStage $rung): float => $rung->expo, TrainingPlan::usual()),
        );
        $faults = new \DuskSwitch\Core\Fault\Faults();
        $usual = Spelling::of(new TrainingPlan(rungs: TrainingPlan::usual(), phase: 'main'));
        Spelling::read(TrainingPlan::class, new JsonCursor(json_decode((string) json_encode($usual)), 'ladder', $faults));
        self::assertTrue($faults->none());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function muddled(): array
    {
        $rung = fn (string $name, float $expo, float $rate, string $date): array => [
            'name' => $name,
            'expo' => $expo,
            'rate' => $rate,
            'date' => $date,
        ];

        return [
            'expo rises' => [
                [
                    'phase' => 'main',
                    'rungs' => [$rung('A', 0.3, 0.5, '2026-01-01'), $rung('B', 0.5, 0.6, '2026-02-01')],
                ],
                'ladder.rungs[1].expo: “B” has more expo than “A” before it',
            ],
            'rate falls' => [
                [
                    'phase' => 'main',
                    'rungs' => [$rung('A', 0.3, 0.7, '2026-01-01'), $rung('B', 0.2, 0.6, '2026-02-01')],
                ],
                'ladder.rungs[1].rate: “B” has a lower rate',
            ],
            'back in time' => [
                [
                    'phase' => 'main',
                    'rungs' => [$rung('A', 0.3, 0.5, '2026-03-01'), $rung('B', 0.2, 0.6, '2026-02-01')],
                ],
                'ladder.rungs[1].date: “B” is planned for 2026-02-01, before the step that it follows (2026-03-01)',
            ],
            'no such day' => [
                ['phase' => 'main', 'rungs' => [$rung('A', 0.3, 0.5, 'soon')]],
                'ladder.rungs[0].date: must be a date such as 2026-05-01',
            ],
        ];
    }

    /** @param  array<string, mixed>  $ladder */
    #[DataProvider('muddled')]
    public function test_a_ladder_out_of_order_is_told(array $ladder, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        Given::roll(more: ['ladder' => $ladder]);
    }

    public function test_a_step_that_cannot_be_taken_is_told(): void
    {
        $told = function (callable $step): string {
            try {
                $step();
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('It was taken');
        };
        $with = fn (TrainingPlan $ladder): Program => self::nightjar()->with(ladder: $ladder);

        self::assertStringContainsString('the plan has 4 steps', $told(fn () => self::on(9)));
        self::assertStringContainsString(
            'has no training plan yet',
            $told(fn () => self::on(0, Given::circuit(Given::demo('tern'))->program)),
        );
        self::assertStringContainsString(
            'there is no phase "gone" any more',
            $told(
                fn () => self::on(
                    0,
                    $with(new TrainingPlan(rungs: [new TrainingStage(name: 'A', expo: 0.3, rate: 1.0)], phase: 'gone')),
                ),
            ),
        );
        self::assertStringContainsString(
            'wants the step "acro" of Flight mode',
            $told(
                fn () => self::on(
                    0,
                    $with(
                        new TrainingPlan(
                            rungs: [new TrainingStage(name: 'A', expo: 0.3, rate: 1.0, style: 'acro')],
                            phase: 'calm',
                            style: 'mode',
                        ),
                    ),
                ),
            ),
        );
    }
}
