<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\PhaseEdit;
use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\HandWords;
use DuskSwitch\Core\Signal\State;
use PHPUnit\Framework\TestCase;

/** A shape that hangs on a condition of its own, and a trim that each phase has for itself. */
final class DualRatesTest extends TestCase
{
    private const PHASES = [
        ['id' => 'cruise', 'name' => 'Reise'],
        ['id' => 'slow', 'name' => 'Langsam', 'when' => ['control' => 'left-front', 'at' => 'away'], 'fade' => 1.0],
    ];

    /** @param  array<string, mixed>  $function */
    private static function elevator(array $function = []): Circuit
    {
        return Given::program([
            'version' => 2,
            'phases' => self::PHASES,
            'functions' => [
                $function + [
                    'id' => 'hoehe',
                    'name' => 'Höhe',
                    'drive' => ['axis' => 'pitch'],
                    'shape' => ['cruise' => ['rate' => [0.9, 0.8]], 'slow' => ['rate' => 1.0]],
                    'dualRates' => [
                        ['when' => ['control' => 'left-side', 'at' => 'away'], 'rate' => [0.4, 0.6], 'expo' => 0.5],
                        ['when' => ['control' => 'dial-left', 'above' => 0.5], 'rate' => 0.3],
                    ],
                    'trim' => ['authority' => 0.2, 'perPhase' => true],
                ],
            ],
            'outputs' => [['channel' => 2, 'name' => 'Höhenruder', 'feeds' => [['from' => 'hoehe']]]],
        ]);
    }

    /**
     * @param  array<string, float|string>  $controls
     * @param  array<string, float|array<string, float>>  $trims
     */
    private static function value(Circuit $circuit, float $stick, array $controls = [], array $trims = []): float
    {
        return Given::frame($circuit, ['pitch' => $stick], $controls, $trims)->functions()['hoehe'];
    }

    public function test_the_first_rate_that_holds_goes_before_the_phase(): void
    {
        $circuit = self::elevator();

        self::assertEqualsWithDelta(0.8, self::value($circuit, 1), 1e-12);
        self::assertEqualsWithDelta(-0.9, self::value($circuit, -1), 1e-12);
        self::assertEqualsWithDelta(1.0, self::value($circuit, 1, ['left-front' => 'away']), 1e-12);
        self::assertEqualsWithDelta(0.6, self::value($circuit, 1, ['left-side' => 'away']), 1e-12);
        self::assertEqualsWithDelta(-0.4, self::value($circuit, -1, ['left-side' => 'away', 'left-front' => 'away']), 1e-12);
        // Expo 0.5 at half stick gives 0.3125 (design, "Check values").
        self::assertEqualsWithDelta(0.3125 * 0.6, self::value($circuit, 0.5, ['left-side' => 'away']), 1e-12);
        self::assertEqualsWithDelta(0.3, self::value($circuit, 1, ['dial-left' => 0.51]), 1e-12);
        self::assertEqualsWithDelta(0.8, self::value($circuit, 1, ['dial-left' => 0.49]), 1e-12);
        self::assertEqualsWithDelta(
            0.6,
            self::value($circuit, 1, ['dial-left' => 0.51, 'left-side' => 'away']),
            1e-12,
            'the first in the list wins',
        );
    }

    public function test_each_phase_has_the_trim_that_was_set_in_it(): void
    {
        $circuit = self::elevator();
        $trims = ['pitch' => ['cruise' => 0.5, 'slow' => -1.0]];

        self::assertEqualsWithDelta(0.1, self::value($circuit, 0, [], $trims), 1e-12);
        self::assertEqualsWithDelta(-0.2, self::value($circuit, 0, ['left-front' => 'away'], $trims), 1e-12);
        self::assertEqualsWithDelta(
            0.6 + 0.1,
            self::value($circuit, 1, ['left-side' => 'away'], $trims),
            1e-12,
            'a dual rate keeps the phase\'s trim',
        );
        self::assertEqualsWithDelta(
            0.06,
            self::value($circuit, 0, [], ['pitch' => 0.3]),
            1e-12,
            'one number is for all phases',
        );
        self::assertEqualsWithDelta(0.06, self::value($circuit, 0, ['left-front' => 'away'], ['pitch' => 0.3]), 1e-12);
        self::assertSame(0.0, self::value($circuit, 0, ['left-front' => 'away'], ['pitch' => ['cruise' => 1.0]]));
    }

    public function test_the_trims_fade_with_their_phases_and_a_dual_rate_is_there_at_once(): void
    {
        $circuit = self::elevator();
        $hand = fn (array $controls): array => InputsDecoder::list(
            Json::decode(
                (string) json_encode([
                    [
                        'axes' => ['pitch' => 0],
                        'controls' => (object) $controls,
                        'trims' => ['pitch' => ['cruise' => 0.5, 'slow' => -1]],
                    ],
                ]),
            ),
            $circuit->panel,
        )[0];
        $state = null;
        $values = [];
        for ($tick = 0; $tick <= 60; $tick++) {
            $is = $circuit->tick(
                $hand($tick < 1 ? [] : ['left-front' => 'away']),
                $state instanceof State ? $state : null,
            );
            $state = $is->state;
            $values[$tick] = $is->frame->functions()['hoehe'];
        }
        self::assertEqualsWithDelta(0.1, $values[0], 1e-12);
        self::assertEqualsWithDelta(0.1 - 0.3 * 0.5, $values[26], 1e-9, 'half a second into a fade of one');
        self::assertEqualsWithDelta(-0.2, $values[60], 1e-12);
        $full = InputsDecoder::list(
            Json::decode('[{"axes": {"pitch": 1}, "controls": {"left-front": "away", "left-side": "away"}}]'),
            $circuit->panel,
        )[0];
        self::assertEqualsWithDelta(
            0.6,
            $circuit->tick($full, $state instanceof State ? $state : null)->frame->functions()['hoehe'],
            1e-12,
        );
    }

    public function test_trims_that_are_shared_take_no_phases(): void
    {
        $shared = self::elevator(['trim' => ['authority' => 0.2]]);
        $this->refused(
            'all phases share the pitch trim; give one number',
            fn () => self::value($shared, 0, [], ['pitch' => ['cruise' => 0.1]]),
        );
        $this->refused(
            'there is no phase "reise"; there is cruise, slow',
            fn () => self::value(self::elevator(), 0, [], ['pitch' => ['reise' => 0.1]]),
        );
    }

    public function test_one_trim_is_shared_or_not(): void
    {
        $this->refused(
            'another function has the pitch trim for each phase, Zwei shares it',
            fn () => Given::program([
                'version' => 2,
                'phases' => self::PHASES,
                'functions' => [
                    [
                        'id' => 'eins',
                        'name' => 'Eins',
                        'drive' => ['axis' => 'pitch'],
                        'trim' => ['authority' => 0.1, 'perPhase' => true],
                    ],
                    ['id' => 'zwei', 'name' => 'Zwei', 'drive' => ['axis' => 'pitch'], 'trim' => ['authority' => 0.1]],
                ],
            ]),
        );
    }

    public function test_what_a_dual_rate_names_must_be_there(): void
    {
        $rate = fn (array $rate): callable => fn () => self::elevator(['dualRates' => [$rate]]);
        $this->refused(
            'functions[0].dualRates[0].when.control: Harbour 16 has no control "flick-z"',
            $rate(['when' => ['control' => 'flick-z', 'at' => 'away']]),
        );
        $this->refused(
            'functions[0].dualRates[0].curve: there is no curve "soft"',
            $rate(['when' => ['control' => 'left-side', 'at' => 'away'], 'curve' => 'soft']),
        );
        $this->refused('functions[0].dualRates[0].when: this is missing', $rate(['rate' => 0.5]));
        $this->refused(
            'has a curve and expo',
            $rate(['when' => ['control' => 'left-side', 'at' => 'away'], 'curve' => 'soft', 'expo' => 0.1]),
        );
    }

    public function test_its_line_is_drawn_after_those_of_the_phases(): void
    {
        $lines = self::elevator()->line('hoehe', 2) ?? self::fail();

        self::assertSame(
            [['cruise', null], ['slow', null], [null, 0], [null, 1]],
            array_map(fn (array $line): array => [$line['phase'], $line['rate']], $lines),
        );
        self::assertEqualsWithDelta([-1.0, -0.4], $lines[2]['points'][0], 1e-12);
        self::assertEqualsWithDelta([1.0, 0.3], $lines[3]['points'][2], 1e-12);
    }

    public function test_the_loom_draws_what_switches_it_and_a_phase_that_it_asks_for_stays(): void
    {
        $program = self::elevator()->program;
        $threads = array_map(fn ($thread): string => "{$thread->from} {$thread->to}", Routing::threads($program));
        self::assertContains('control:left-side function:hoehe', $threads);
        self::assertContains('control:dial-left function:hoehe', $threads);

        $asks = self::elevator([
            'shape' => new \stdClass(),
            'trim' => ['authority' => 0.1],
            'dualRates' => [['when' => ['phase' => 'slow'], 'rate' => 0.5]],
        ])->program;
        self::assertSame(
            ['Höhe'],
            ConditionUsages::of($asks, fn ($one): bool => $one instanceof \DuskSwitch\Core\Program\Condition\PhaseIs),
        );
        $this->refused('Langsam is asked for by Höhe', fn () => PhaseEdit::remove($asks, 'slow'));
    }

    public function test_the_history_the_sheet_and_the_hand_say_it(): void
    {
        $circuit = self::elevator();
        $without = self::elevator(['dualRates' => [], 'trim' => ['authority' => 0.2]])->program;
        self::assertSame(
            [
                'Höhe dual rate 1: none → 40 % low, 60 % high, expo 50 % while Left side away',
                'Höhe dual rate 2: none → 30 %, expo 0 % while Left dial above 50 %',
                'Höhe trim at its end: 20 % → 20 %, per phase',
            ],
            self::sorted(Given::differences($without, $circuit->program)),
        );
        $lines = array_column(
            array_merge(
                [],
                ...array_map(
                    fn ($section): array => $section->lines,
                    Sheet::of($circuit->program, $circuit->panel->transmitter, Given::catalogue())->sections,
                ),
            ),
            'value',
            'what',
        );
        self::assertSame('rate low 40 %, high 60 %, expo 50 %', $lines['Höhe, while Left side away'] ?? null);
        self::assertSame('20 %, for each phase its own', $lines['Höhe, trim at its end'] ?? null);
        $hand = InputsDecoder::list(Json::decode('[{"trims": {"pitch": {"slow": -0.25}}}]'), $circuit->panel)[0];
        self::assertSame(['pitch trim in Langsam at −25 %'], (new HandWords($circuit->panel))->moved($hand));
    }

    public function test_a_rate_that_nothing_switches_any_more_is_told(): void
    {
        $bare = TransmitterDecoder::decode(
            '{"format": "dusk-switch/transmitter", "version": 1, "id": "bare", "name": "Bare", "channels": 4, '.
                '"pulse": {"centre": 1500, "span": 500}, "gimbals": {"left": [40, 50], "right": [60, 50]}, '.
                '"controls": []}',
        );
        $circuit = self::elevator();
        $moved = TransmitterMove::to($circuit->program, $circuit->panel->transmitter, $bare);

        self::assertSame(
            2,
            count(array_keys($moved->losses, 'Höhe has a rate less: nothing is left to switch it with', true)),
        );
        $lamplight = TransmitterMove::to(
            $circuit->program,
            $circuit->panel->transmitter,
            Given::transmitter('lamplight-12'),
        );
        self::assertCount(2, $lamplight->program->functions[0]->dualRates ?? []);
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function sorted(array $lines): array
    {
        sort($lines);

        return $lines;
    }

    private function refused(string $says, callable $try): void
    {
        try {
            $try();
            self::fail("It was taken: {$says}");
        } catch (Refused $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }
}
