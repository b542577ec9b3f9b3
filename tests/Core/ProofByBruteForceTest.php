<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ScriptDecoder;
use DuskSwitch\Core\Format\TelemetryDecoder;
use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateWords;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The proof against brute force, on aircraft of every school that were spoiled at random: no danger is missed, none is
 * invented.
 */
final class ProofByBruteForceTest extends TestCase
{
    private const JUDGED = [
        'safe-at-power-up',
        'no-start-above-idle',
        'arm-channel-alone',
        'one-mode-in-each-state',
        'nothing-clips',
    ];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        $many = Long::is() ? 600 : 60;
        for ($seed = 1; $seed <= $many; $seed++) {
            yield "aircraft {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_what_trying_finds_the_proof_finds(int $seed): void
    {
        $context = self::spoiled($seed);
        $proof = Proof::of($context);
        $answers = [];
        foreach ($proof->rules as [$rule, $judgement]) {
            $answers[$rule->id()] = $judgement->answer;
        }
        $tried = new BruteForce($context, $seed);
        foreach ($tried->dangers(400) as $rule) {
            self::assertContains(
                $answers[$rule],
                [Answer::Findings, Answer::NotProven],
                "{$rule} is broken, the proof says {$answers[$rule]->value}",
            );
        }
        if ($answers['one-move-disarms'] === Answer::Proven && $context->model()->memories->isEmpty()) {
            self::assertTrue($tried->someMoveMayAlwaysStopIt(800), 'every move was seen to fail');
        }
        self::assertNotSame([], array_intersect(self::JUDGED, array_keys($answers)));
    }

    #[DataProvider('seeds')]
    public function test_a_finding_can_be_repeated_with_its_hand_or_its_script(int $seed): void
    {
        $context = self::spoiled($seed);
        $words = new StateWords($context);
        $repeated = 0;
        foreach (Proof::of($context)->findings as $finding) {
            if ($finding->witness === null) {
                continue;
            }
            self::assertReachable($context, $finding->witness->hand);
            array_map(fn (array $hand) => self::assertReachable($context, $hand), $finding->witness->script);
            $shown = $finding->witness->frame($context->circuit());
            $script = $words->script($finding->witness);
            if ($script !== null) {
                $frames = iterator_to_array(
                    ScriptDecoder::read(
                        Json::decode((string) json_encode($script, JSON_PRESERVE_ZERO_FRACTION)),
                        $context->circuit()->panel,
                        $context->circuit()->sensors(),
                    )->run($context->circuit()),
                    false,
                );
                $again = end($frames) ?: self::fail();
            } else {
                $hand = [
                    ...array_map(fn (array $one): object => (object) $one, $words->hand($finding->witness)),
                    'telemetry' => (object) $finding->witness->telemetry,
                ];
                $sets = Json::decode((string) json_encode([$hand], JSON_PRESERVE_ZERO_FRACTION));
                $again = $context
                    ->circuit()
                    ->tick(
                        InputsDecoder::list($sets, $context->circuit()->panel)[0],
                        null,
                        TelemetryDecoder::list($sets, $context->circuit()->sensors())[0],
                    )->frame;
            }
            self::assertSame(
                self::pulses($context, $shown),
                self::pulses($context, $again),
                "{$finding->key()}: {$finding->says}",
            );
            foreach ($finding->channels() as $channel) {
                if (
                    preg_match('/(\d+) µs/', $finding->says, $pulse) === 1 &&
                    count($finding->channels()) === 1 &&
                    ! $finding->isOpen
                ) {
                    self::assertStringContainsString("{$again->pulse($channel)} µs", $finding->says);
                }
            }
            $repeated++;
        }
        self::assertGreaterThanOrEqual(0, $repeated);
    }

    /**
     * A hand that a pilot can have: sticks, trims, dials and sliders on their way, switches in a position that they
     * have.
     *
     * @param  list<float>  $hand
     */
    private static function assertReachable(ProofContext $context, array $hand): void
    {
        self::assertCount($context->panel->size(), $hand);
        foreach ($hand as $input => $value) {
            $control = $context->panel->controlAt($input);
            $control === null || $control->detents === []
                ? self::assertTrue($value >= -1.0 && $value <= 1.0, "input {$input} at {$value}")
                : self::assertContains($value, array_map($control->valueOf(...), $control->detents), $control->id);
        }
    }

    public function test_few_answers_stay_open(): void
    {
        $open = $all = 0;
        foreach (range(1, 60) as $seed) {
            foreach (Proof::of(self::spoiled($seed))->rules as [, $judgement]) {
                $open +=
                    $judgement->answer === Answer::NotProven &&
                    ! str_contains((string) $judgement->why, 'Say ') &&
                    ! str_contains((string) $judgement->why, 'moves')
                        ? 1
                        : 0;
                $all++;
            }
        }
        self::assertLessThan(0.02, $open / $all, "{$open} of {$all}");
    }

    /** @return array<int, int|null> */
    private static function pulses(ProofContext $context, \DuskSwitch\Core\Signal\Frame $frame): array
    {
        $pulses = [];
        foreach ($context->program->outputs as $output) {
            $pulses[$output->channel] = $frame->pulse($output->channel);
        }

        return $pulses;
    }

    /** An aircraft of a school, spoiled in one to five places; where it can't be compiled, in others. */
    public static function spoiled(int $seed): ProofContext
    {
        for ($try = 0; ; $try++) {
            $random = new Randomizer(new Mt19937($seed * 100 + $try));
            $schools = array_keys(Schools::names());
            $document = Schools::document($schools[$random->getInt(0, count($schools) - 1)]);
            $spoil = new Spoiling($random, Given::transmitter($document['transmitter']));
            for ($times = $random->getInt(1, 5); $times > 0; $times--) {
                $document = $spoil->once($document);
            }
            try {
                $context = Schools::of($document);
                $context->circuit();

                return $context;
            } catch (Refused) {
                // A circle, a function that isn't there: not an aircraft.
            }
        }
    }
}
