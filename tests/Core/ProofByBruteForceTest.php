<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\States;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The proof against brute force on small random programs: every state of every switch, sticks sampled between
 * their ends. No counterexample is missed, none is invented.
 */
final class ProofByBruteForceTest extends TestCase
{
    private const SWITCHES = ['flick-a' => ['away', 'toward'], 'flick-b' => ['away', 'middle', 'toward'], 'flick-c' => ['away', 'middle', 'toward']];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 16; $seed++) {
            yield "program {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_reach_of_every_output_is_that_of_brute_force(int $seed): void
    {
        $circuit = self::random(new Randomizer(new Mt19937($seed)));
        $evidence = new Evidence($circuit->program, $circuit->panel->transmitter, null, null);
        $sampled = self::sampled($circuit);
        foreach ($circuit->program->outputs as $output) {
            $reach = $evidence->reach($output->channel);
            self::assertTrue($reach->complete);
            // Sampling can only fall short of an extreme; it must never go beyond one.
            self::assertLessThanOrEqual($sampled[$output->channel][0], $reach->low(), "{$output->name}: nothing is missed below");
            self::assertGreaterThanOrEqual($sampled[$output->channel][1], $reach->high(), "{$output->name}: nothing is missed above");
            $clips = array_filter($reach->rows, fn ($row): bool => $row->clipsAt !== null) !== [];
            self::assertSame($sampled[$output->channel][2], $sampled[$output->channel][2] && $clips, "{$output->name}: no clipping is missed");
            foreach ($reach->rows as $row) {
                self::assertSame($row->low, $evidence->circuit()->frame($row->lowAt)->pulse($output->channel), 'every witness is real: nothing is invented');
                self::assertSame($row->high, $evidence->circuit()->frame($row->highAt)->pulse($output->channel));
            }
        }
    }

    /** @return array<int, array{int, int, bool}> lowest and highest pulse and whether it clips, by channel */
    private static function sampled(Circuit $circuit): array
    {
        $panel = $circuit->panel;
        $positions = [];
        foreach (array_keys(self::SWITCHES) as $id) {
            $control = $panel->transmitter->control($id) ?? self::fail();
            $positions[(int) $panel->control($id)] = array_map(fn (string $detent): float => (float) $control->valueOf($detent), $control->detents);
        }
        foreach ([0, 1, 3, (int) $panel->control('dial-left')] as $stick) {
            $positions[$stick] = [-1.0, -0.6, -0.25, 0.0, 0.3, 0.7, 1.0];
        }
        $found = [];
        foreach (States::each($panel->atRest(), $positions) as $inputs) {
            foreach ($circuit->frame($inputs)->outputs() as $channel => $output) {
                $was = $found[$channel] ?? [9999, 0, false];
                $found[$channel] = [min($was[0], $output->pulse), max($was[1], $output->pulse), $was[2] || $output->clipped];
            }
        }

        return $found;
    }

    private static function random(Randomizer $random): Circuit
    {
        $number = fn (float $least, float $most): float => round($least + ($most - $least) * $random->getInt(0, 1000) / 1000, 2);
        $pick = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $at = function () use ($pick): array {
            $id = $pick(array_keys(self::SWITCHES));

            return ['control' => $id, 'at' => $pick(self::SWITCHES[$id])];
        };
        $condition = fn (): array => match ($random->getInt(0, 5)) {
            0 => ['not' => $at()],
            1 => ['all' => [$at(), $at()]],
            2 => ['any' => [$at(), ['phase' => 'wild']]],
            3 => ['function' => 'roll', 'above' => $pick([-0.5, 0.0, 0.5])],
            4 => ['control' => 'dial-left', 'below' => $pick([-0.25, 0.25])],
            default => $at(),
        };
        $shape = fn (): array => $random->getInt(0, 2) === 0 ? ['rate' => $number(0.3, 1.4), 'curve' => 'bend'] : ['rate' => [$number(0.3, 1.4), $number(0.3, 1.4)], 'expo' => $number(-0.6, 0.8)];
        $functions = [];
        foreach (['roll' => ['axis' => 'roll'], 'pitch' => ['axis' => 'pitch'], 'yaw' => ['axis' => 'yaw'], 'dial' => ['control' => 'dial-left']] as $id => $drive) {
            $functions[] = ['id' => $id, 'name' => ucfirst($id), 'drive' => $drive, 'deadband' => $pick([0, 0, 0.1]), 'shape' => ['main' => $shape(), 'wild' => $shape()], ...$id === 'yaw' && $random->getInt(0, 1) === 1 ? ['override' => [['when' => $at(), 'value' => $number(-1, 1)]]] : []];
        }
        $functions[] = ['id' => 'mode', 'name' => 'Mode', 'steps' => [['id' => 'a', 'value' => $number(-1, 0)], ['id' => 'b', 'value' => $number(0, 1)]], 'drive' => ['cases' => [['when' => $at(), 'step' => 'b']]]];
        $outputs = [];
        foreach (range(1, 3) as $channel) {
            $feeds = array_map(fn (): array => ['from' => $pick(['roll', 'pitch', 'yaw', 'dial', 'mode']), 'weight' => [$number(-1, 1), $number(-1, 1)], ...$random->getInt(0, 2) === 0 ? ['when' => $condition()] : []], range(1, $random->getInt(1, 3)));
            $outputs[] = ['channel' => $channel, 'name' => "Out {$channel}", 'feeds' => $feeds, 'travel' => $number(0.5, 1.3), 'reverse' => $random->getInt(0, 1) === 1, 'subtrim' => $number(-0.2, 0.2), 'limit' => $pick([[-1.5, 1.5], [-0.9, 1.1]])];
        }
        $text = Given::text([
            'phases' => [['id' => 'main', 'name' => 'Main'], ['id' => 'wild', 'name' => 'Wild', 'when' => $at()]],
            'functions' => $functions, 'outputs' => $outputs,
            'curves' => ['bend' => ['points' => [[-1, $number(-1, 1)], [-0.25, $number(-1, 1)], [0.5, $number(-1, 1)], [1, $number(-1, 1)]]]],
        ]);
        $program = ProgramDecoder::decode($text);

        return Compiler::compile($program, Given::transmitter());
    }
}
