<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\AcceptedFinding;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule finds its mistake, says where, and mends it where a mend is safe. */
final class ProofTest extends TestCase
{
    /** @param  callable(\stdClass): mixed|null  $spoil */
    private static function program(string $demo, ?callable $spoil = null): Program
    {
        $document = json_decode(Given::demo($demo));
        if ($spoil !== null) {
            $spoil($document);
        }

        return ProgramDecoder::decode((string) json_encode($document));
    }

    /** @return list<Finding> of a rule */
    private static function found(Program $program, string $rule): array
    {
        return array_values(
            array_filter(
                Proof::of(Given::context($program))->findings,
                fn (Finding $one): bool => $one->rule === $rule,
            ),
        );
    }

    /** Nightjar with its two mistakes mended. */
    private static function nightjar(?callable $spoil = null): Program
    {
        return self::program('nightjar', function (\stdClass $document) use ($spoil): void {
            $document->functions[5]->steps[1]->value = 0;
            $document->outputs[1]->feeds[0]->weight = 1;
            $spoil === null ?: $spoil($document);
        });
    }

    private static function where(Program $program, Finding $finding): string
    {
        return (new StateWords(Given::context($program)))->say($finding->witness);
    }

    public function test_nightjar_has_two_mistakes_and_both_are_mended(): void
    {
        $program = self::program('nightjar');
        $findings = Proof::of(Given::context($program))->findings;

        self::assertSame(
            ['one-mode-in-each-state', 'nothing-clips'],
            array_map(fn (Finding $one): string => $one->rule, $findings),
        );
        self::assertSame('Left front middle, everything else at rest', self::where($program, $findings[0]));
        self::assertSame(
            [
                'Flight mode step Come home: −40 % → 0 %',
                'Flight mode step Free: 100 % → 80 %',
                'Flight mode step Self-level: −100 % → −80 %',
            ],
            self::sorted(Given::differences($program, $findings[0]->mended ?? $program)),
        );
        self::assertSame(
            ['2 Pitch feed 1: Pitch 120 % → Pitch 100 %'],
            Given::differences($program, $findings[1]->mended ?? $program),
        );
        foreach ($findings as $finding) {
            $program =
                array_values(
                    array_filter(
                        Proof::of(Given::context($program))->findings,
                        fn (Finding $one): bool => $one->rule === $finding->rule,
                    ),
                )[0]->mended ?? self::fail($finding->rule);
        }
        self::assertSame([], Proof::of(Given::context($program))->findings);
        self::assertSame(144, Proof::of(Given::context($program))->states);
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function sorted(array $lines): array
    {
        sort($lines);

        return array_map(fn (string $line): string => str_replace('79.98', '80', $line), $lines);
    }

    public function test_midges_slots_are_solved_in_its_transmitters_terms(): void
    {
        $program = self::program('midge');
        $finding = self::found($program, 'one-mode-in-each-state')[0] ?? self::fail();
        $mended = $finding->mended ?? self::fail();

        self::assertSame([], Proof::of(Given::context($mended))->findings);
        self::assertSame(
            [-0.85, -0.35],
            array_map(fn ($step): float => $step->value, $mended->function('mode')->steps ?? []),
        );
    }

    public function test_a_clean_program_has_nothing_to_find(): void
    {
        self::assertSame([], Proof::of(Given::context(self::nightjar()))->findings);
        foreach (['tern', 'dunlin'] as $demo) {
            $findings = Proof::of(Given::context(self::program($demo)))->findings;
            self::assertSame(
                ['note release-with-throttle-up'],
                array_map(fn (Finding $one): string => "{$one->severity->value} {$one->rule}", $findings),
                'a cut that does not wait for the stick is told, no more',
            );
        }
    }

    /** @return array<string, array{string, callable(\stdClass): mixed, string, string}> */
    public static function mistakes(): array
    {
        $failsafe = fn (mixed $does): callable => fn (\stdClass $d) => ($d->aboard->failsafe[2]->does = $does);

        return [
            'armed at rest' => [
                'safe-at-power-up',
                fn ($d) => ($d->functions[4]->drive->map = ['away' => 'safe', 'toward' => 'armed']),
                'It powers up armed: channel 5 is at 2000 µs',
                'everything at rest',
            ],
            'throttle up at power-up' => [
                'safe-at-power-up',
                fn ($d) => ($d->outputs[2]->travel = 0.7),
                'Throttle is at 1142 µs at power-up, above 1050 µs',
                'everything at rest',
            ],
            'arming by two switches' => [
                'one-move-disarms',
                fn ($d) => ($d->functions[4]->drive = [
                    'cases' => [
                        ['when' => ['control' => 'left-shoulder', 'at' => 'away'], 'step' => 'armed'],
                        ['when' => ['control' => 'left-back', 'at' => 'away'], 'step' => 'armed'],
                    ],
                ]),
                'No single switch disarms it from every state',
                'Left shoulder away, Left back away',
            ],
            'no mode' => [
                'one-mode-in-each-state',
                fn ($d) => ($d->functions[5]->steps[1]->value = -1.5),
                'in no mode\'s slot',
                'Left front middle',
            ],
            'near an edge' => [
                'one-mode-in-each-state',
                fn ($d) => ($d->functions[5]->steps[1]->value = 0.37),
                'Come home is 15 µs from the edge',
                'Left front middle',
            ],
            'no channel for the modes' => [
                'one-mode-in-each-state',
                fn ($d) => array_splice($d->outputs, 5, 1),
                'looks for its flight mode on channel 6, and nothing is there',
                'in every state',
            ],
            'a mode that nobody reaches' => [
                'every-mode-reachable',
                fn ($d) => ($d->functions[5]->drive->map->middle = 'free'),
                'Come home can\'t be reached',
                'in every state',
            ],
            'slots that share pulses' => [
                'slots-apart',
                fn ($d) => ($d->aboard->controller['modes'] = [
                    ['mode' => 'self-level', 'channel' => 6, 'from' => 900, 'to' => 1320],
                    ['mode' => 'come-home', 'channel' => 6, 'from' => 1250, 'to' => 1700],
                    ['mode' => 'free', 'channel' => 6, 'from' => 1700, 'to' => 2100],
                ]),
                'The slots of Self-level and Come home both hold 1250 to 1320 µs of channel 6',
                'in every state',
            ],
            'nothing saves it' => [
                'saving-mode-one-move-away',
                fn ($d) => ($d->functions[5]->drive->map = ['away' => 'free', 'middle' => 'free', 'toward' => 'free']),
                'no single flick leads to a mode that saves',
                'Left shoulder away',
            ],
            'flip-over in the middle' => [
                'nothing-risky-on-the-way',
                fn ($d) => ($d->functions[7]->drive = [
                    'control' => 'right-front',
                    'map' => ['away' => 'off', 'middle' => 'on', 'toward' => 'off'],
                ]),
                'Flip over lies in the middle of a three-position switch',
                'Right front middle',
            ],
            'too short a travel' => [
                'ends-and-centre',
                fn ($d) => ($d->outputs[0]->travel = 0.8),
                'Roll goes from 1090 to 1910 µs',
                'in every state',
            ],
            'off centre' => [
                'ends-and-centre',
                fn ($d) => ([$d->outputs[3]->subtrim, $d->outputs[3]->travel] = [0.0254, [1.00196, 0.95116]]),
                'Yaw rests at 1513 µs, not 1500: it drifts',
                'in every state',
            ],
            'wrong order' => [
                'channel-order',
                fn ($d) => ([$d->outputs[0]->feeds[0]->from, $d->outputs[2]->feeds[0]->from] = ['throttle', 'roll']),
                'Keel F4 expects roll, pitch, throttle, yaw on channels 1 to 4',
                'in every state',
            ],
            'no failsafe' => [
                'failsafe',
                fn ($d) => ($d->aboard->failsafe = []),
                'No failsafe is set for 1 Roll, 2 Pitch, 3 Throttle, 4 Yaw and 6 more',
                'in every state',
            ],
            'failsafe keeps the throttle' => [
                'failsafe',
                $failsafe('hold'),
                'its failsafe keeps the last throttle',
                'in every state',
            ],
            'failsafe with the motor on' => [
                'failsafe',
                $failsafe(1400),
                'its failsafe gives 1400 µs, above 1050',
                'in every state',
            ],
            'a jump of the throttle' => [
                'throttle-fades',
                fn ($d) => ($d->phases[1]->fade = 0),
                'From Main to Calm the throttle steps by up to 15 % at once',
                'in every state',
            ],
            'two functions on a switch' => [
                'one-function-a-control',
                fn ($d) => ($d->functions[7]->drive->control = 'left-shoulder'),
                'Left shoulder moves Arm and Flip over together',
                'in every state',
            ],
            'an unchecked switch' => [
                'start-check',
                fn ($d) => array_splice($d->aboard->startCheck, 1, 1),
                'Left front is not checked at power-up',
                'in every state',
            ],
            'nothing moves it' => [
                'everything-connected',
                function ($d): void {
                    unset($d->functions[9]->drive);
                },
                'Nothing moves Camera tilt',
                'in every state',
            ],
            'more channels than the link carries' => [
                'fits-the-link',
                fn ($d) => ($d->aboard->kit->subtype = 'wide-8'),
                'Channels 9 Video power, 10 Camera tilt don\'t get through: the link’s sub-type carries 8',
                'in every state',
            ],
            'a sum signal too long' => [
                'sum-signal-timing',
                fn ($d) => ($d->aboard->kit->wire = 'sum'),
                'A sum signal of 10 channels may need 26 ms, and its frame has 22.5 ms: at most 8 channels fit',
                'in every state',
            ],
        ];
    }

    /** @param  callable(\stdClass): mixed  $spoil */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_found_where_it_shows_and_its_mend_mends_it(
        string $rule,
        callable $spoil,
        string $says,
        string $where,
    ): void {
        $program = self::nightjar($spoil);
        $finding = self::found($program, $rule)[0] ?? self::fail('nothing was found');

        self::assertStringContainsString($says, $finding->says);
        self::assertStringContainsString($where, self::where($program, $finding));
        if ($finding->mended !== null) {
            self::assertSame([], self::found($finding->mended, $rule), 'the mend mends it');
        }
    }

    public function test_ends_and_centre_are_judged_as_the_controller_reads_them(): void
    {
        // It shows 2 % more than is sent, and 6 µs more in the middle: 1000, 1500 and 2000 µs are read as 996, 1506 and
        // 2016.
        $read = fn (\stdClass $d) => ($d->aboard->readings = [
            ['channel' => 1, 'sent' => [1000, 1500, 2000], 'read' => [996, 1506, 2016]],
        ]);
        $program = self::nightjar($read);
        $finding = self::found($program, 'ends-and-centre')[0] ?? self::fail('in the transmitter all is well');
        self::assertStringContainsString('goes from 996 to 2016 µs, as read at the controller', $finding->says);
        $output = $finding->mended?->output(1) ?? self::fail();
        $scale = Given::transmitter()->scale;
        // By hand: 500 µs up at 1.02 and 500 µs down at 1.02, about a centre that is 6 µs lower.
        self::assertEqualsWithDelta(
            [500 / 1.02 / 512, 500 / 1.02 / 512, -6 / 1.02 / 512],
            [$output->travel->high, $output->travel->low, $output->subtrim],
            0.0005,
        );
        self::assertSame(1494, $scale->pulse($output->subtrim));
        self::assertSame(
            [],
            self::found($finding->mended, 'ends-and-centre'),
            'the reading still tells what is read after the change',
        );

        $reversed = self::nightjar(function (\stdClass $d) use ($read): void {
            $read($d);
            $d->outputs[0]->reverse = true;
        });
        self::assertStringContainsString(
            'goes from 996 to 2016 µs',
            (self::found($reversed, 'ends-and-centre')[0] ?? self::fail())->says,
            'and after a reversal',
        );
        self::assertSame(
            [],
            self::found(self::found($reversed, 'ends-and-centre')[0]->mended ?? self::fail(), 'ends-and-centre'),
        );
    }

    public function test_a_stabiliser_stands_no_trim(): void
    {
        $trimmed = self::program('rook', function (\stdClass $d): void {
            $d->functions[0]->trim = ['authority' => 0.1];
            $d->outputs[1]->subtrim = 0.02;
        });
        $findings = self::found($trimmed, 'no-trim-on-a-stabiliser');

        self::assertSame(['function:roll', 'output:2'], array_map(fn (Finding $one): string => $one->about, $findings));
        self::assertSame(
            ['Roll trim at its end: 10 % → 0 %'],
            Given::differences($trimmed, $findings[0]->mended ?? $trimmed),
        );
        self::assertSame([], self::found(self::program('rook'), 'no-trim-on-a-stabiliser'));
    }

    public function test_rook_is_told_to_release_hold_in_its_first_style_only(): void
    {
        $rook = self::program('rook');
        $finding = self::found($rook, 'no-start-above-idle')[0] ?? self::fail();

        self::assertSame('note', $finding->severity->value);
        self::assertSame('Left shoulder away, Left front away, everything else at rest', self::where($rook, $finding));
        $flat = self::program('rook', fn (\stdClass $d) => ($d->curves->{'throttle-gentle'}->points[0][1] = 0.4));
        self::assertSame('error', self::found($flat, 'no-start-above-idle')[0]->severity->value);
    }

    public function test_what_is_remembered_is_a_state_too(): void
    {
        // Arming is latched by a press: from the latched state one move must still disarm.
        $latched = self::nightjar(
            fn (\stdClass $d) => ($d->functions[4]->drive = [
                'cases' => [
                    [
                        'when' => [
                            'latch' => [
                                'set' => ['control' => 'button-left', 'at' => 'pressed'],
                                'reset' => ['control' => 'right-shoulder', 'at' => 'away'],
                            ],
                        ],
                        'step' => 'armed',
                    ],
                ],
            ]),
        );
        self::assertSame([], self::found($latched, 'one-move-disarms'));

        $toggled = self::nightjar(
            fn (\stdClass $d) => ($d->functions[4]->drive = [
                'cases' => [
                    ['when' => ['toggle' => ['control' => 'button-left', 'at' => 'pressed']], 'step' => 'armed'],
                ],
            ]),
        );
        self::assertSame(
            [],
            self::found($toggled, 'one-move-disarms'),
            'a press arms, the next disarms: one move, always the same',
        );

        $stuck = self::nightjar(
            fn (\stdClass $d) => ($d->functions[4]->drive = [
                'cases' => [
                    [
                        'when' => [
                            'latch' => [
                                'set' => ['control' => 'button-left', 'at' => 'pressed'],
                                'reset' => [
                                    'all' => [
                                        ['control' => 'right-shoulder', 'at' => 'away'],
                                        ['control' => 'left-back', 'at' => 'away'],
                                    ],
                                ],
                            ],
                        ],
                        'step' => 'armed',
                    ],
                ],
            ]),
        );
        $finding = self::found($stuck, 'one-move-disarms')[0] ?? self::fail('two switches together disarm it');
        self::assertStringStartsWith('after Left button pressed', self::where($stuck, $finding));
    }

    public function test_a_finding_is_accepted_with_a_reason_until_it_changes(): void
    {
        $program = self::program('nightjar');
        $key = Proof::of(Given::context($program))->findings[1]->key();
        $accepted = $program->with(
            aboard: $program->aboard->with(accepted: [new AcceptedFinding(finding: $key, reason: 'Full pitch is never used')]),
        );
        $proof = Proof::of(Given::context($accepted));

        self::assertSame(
            ['one-mode-in-each-state'],
            array_map(fn (Finding $one): string => $one->rule, $proof->findings),
        );
        self::assertSame('Full pitch is never used', $proof->accepted[0][1] ?? null);

        $worse = self::program('nightjar', function (\stdClass $d) use ($key): void {
            $d->outputs[1]->feeds[0]->weight = 1.4;
            $d->aboard->accepted = [['finding' => $key, 'reason' => 'Full pitch is never used']];
        });
        self::assertCount(
            1,
            Proof::of(Given::context($worse))->findings,
            'kept by what it is about, whatever the percentage',
        );
    }

    public function test_a_stick_that_clips_only_beside_the_brakes_says_that_it_is_the_brakes(): void
    {
        $findings = Proof::of(Given::context(self::program('petrel', fn (\stdClass $d): null => null)))->findings;
        $flap = array_values(array_filter($findings, fn (Finding $one): bool => $one->about === 'output:3'))[0];

        self::assertSame('note', $flap->severity->value, 'the pilot asked for both');
        self::assertStringStartsWith(
            'Left flap clips at 67 % of the stick together with Brakes, which takes the way that is missing.',
            $flap->says,
        );

        $greedy = self::program('petrel', function (\stdClass $d): void {
            $d->outputs[2]->feeds[1]->weight = 1.4;
        });
        $flap = array_values(
            array_filter(
                Proof::of(Given::context($greedy))->findings,
                fn (Finding $one): bool => $one->about === 'output:3',
            ),
        )[0];
        self::assertSame('warning', $flap->severity->value, 'now roll alone is too much, whatever the brakes do');
        self::assertStringContainsString('the rest of the way does nothing', $flap->says);
    }

    public function test_without_kit_it_still_proves_what_it_can(): void
    {
        $bare = Given::roll([], ['travel' => 1.5, 'feeds' => [['from' => 'roll', 'weight' => 1.5]]]);
        $proof = Proof::of(new ProofContext($bare->program, $bare->panel->transmitter, null, null));

        self::assertSame(
            ['failsafe', 'nothing-clips'],
            array_map(fn (Finding $one): string => $one->rule, $proof->findings),
        );
        self::assertFalse($proof->isSafe());
    }
}
