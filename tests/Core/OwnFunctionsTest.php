<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\Recipe;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** A recipe finds the functions that it means by what they are for, whatever the pilot calls them. */
final class OwnFunctionsTest extends TestCase
{
    /** @param  array<string, mixed>  $settings */
    private static function fit(Recipe $recipe, Program $program, array $settings = []): Program
    {
        return RecipeWriter::fit(
            $recipe,
            RecipeSettings::of($recipe->settings(), $settings),
            $program,
            Given::transmitter(),
        )->program;
    }

    private static function plane(): Recipe
    {
        return Recipes::find('plane') ?? self::fail();
    }

    /**
     * The program with other ids, wherever they stand.
     *
     * @param  array<string, string>  $functions
     * @param  array<string, string>  $steps
     */
    private static function named(Program $program, array $functions, array $steps = []): Program
    {
        $walk = function (mixed $node, string|int $key) use (&$walk, $functions, $steps): mixed {
            if (is_array($node) && $key === 'step' && count($node) === 2) {
                return [$functions[$node[0]] ?? $node[0], $steps[$node[1]] ?? $node[1]];
            }
            if (is_array($node)) {
                return array_combine(
                    array_keys($node),
                    array_map(
                        fn (mixed $value, string|int $inside): mixed => $walk(
                            $value,
                            is_int($inside)
                                ? $key
                                : ($key === 'steps' && $inside === 'id'
                                    ? 'step id'
                                    : ($key === 'map'
                                        ? 'step id'
                                        : $inside)),
                        ),
                        $node,
                        array_keys($node),
                    ),
                );
            }

            return match (true) {
                ! is_string($node) => $node,
                $key === 'step id', $key === 'step' => $steps[$node] ?? $node,
                in_array($key, ['from', 'function', 'of'], true) => $functions[$node] ?? $node,
                default => $node,
            };
        };
        $document = json_decode(ProgramEncoder::encode($program), true);
        $document = $walk($document, '');
        foreach ($document['functions'] as $place => $one) {
            $document['functions'][$place]['id'] = $functions[$one['id']] ?? $one['id'];
        }

        return ProgramDecoder::decode(
            (string) json_encode(
                array_filter($document, fn (mixed $part): bool => $part !== []),
                JSON_PRESERVE_ZERO_FRACTION,
            ),
        );
    }

    #[DataProviderExternal(RenamedOutputsTest::class, 'recipes')]
    public function test_applied_again_with_every_function_under_an_id_of_ones_own_it_changes_nothing(
        Recipe $recipe,
    ): void {
        $program = self::fit($recipe, Given::nothing());
        $ids = array_map(fn (PilotFunction $one): string => $one->id(), $program->functions);
        $own = self::named($program, array_combine($ids, array_map(fn (string $id): string => "mein-{$id}", $ids)));
        $again = self::fit($recipe, $own);

        self::assertSame([], Given::differences($own, $again));
        self::assertSame(
            array_map(fn (string $id): string => "mein-{$id}", $ids),
            array_map(fn (PilotFunction $one): string => $one->id(), $again->functions),
        );
        Compiler::compile($again, Given::transmitter());
    }

    public function test_a_cut_with_steps_of_ones_own_is_known_by_what_they_mean(): void
    {
        $own = self::named(
            self::fit(self::plane(), Given::nothing()),
            ['cut' => 'stopp', 'throttle' => 'gas'],
            ['cut' => 'halt', 'ready' => 'los'],
        );
        $again = self::fit(self::plane(), $own, ['differential' => 0.5, 'ailerons' => 'two']);

        self::assertSame(
            ['roll', 'gas', 'stopp', 'pitch', 'yaw'],
            self::ids($again, ['roll', 'gas', 'stopp', 'pitch', 'yaw']),
        );
        $stop = $again->function('stopp');
        self::assertSame(['halt', 'los'], $stop instanceof SteppedFunction ? array_column($stop->steps, 'id') : []);
        $circuit = Compiler::compile($again, Given::transmitter());
        $motor = array_column($again->outputs, 'channel', 'name')['Motor'];
        self::assertSame(1000, Given::frame($circuit, ['throttle' => 1])->pulse($motor), 'it still cuts');
        $control = $stop instanceof SteppedFunction ? $stop->drive->control ?? '' : '';
        self::assertSame(2000, Given::frame($circuit, ['throttle' => 1], [$control => 'away'])->pulse($motor));
    }

    public function test_where_two_are_for_it_or_nothing_says_what_for_the_recipes_own_comes_beside(): void
    {
        $text = fn (array $functions): Program => ProgramDecoder::decode(
            Given::text(['version' => 2, 'family' => 'plane', 'functions' => $functions]),
        );
        $roll = fn (string $id, ?string $purpose): array => [
            'id' => $id,
            'name' => ucfirst($id),
            'drive' => ['axis' => 'roll'],
            ...$purpose === null ? [] : ['purpose' => $purpose],
        ];

        self::assertSame(
            ['quer'],
            self::ids(self::fit(self::plane(), $text([$roll('quer', 'roll')])), ['quer', 'roll']),
        );
        self::assertSame(
            ['eins', 'zwei', 'roll'],
            self::ids(self::fit(self::plane(), $text([$roll('eins', 'roll'), $roll('zwei', 'roll')])), [
                'eins',
                'zwei',
                'roll',
            ]),
        );
        self::assertSame(
            ['quer', 'roll'],
            self::ids(self::fit(self::plane(), $text([$roll('quer', null)])), ['quer', 'roll']),
        );
        self::assertSame(
            ['quer', 'roll'],
            self::ids(self::fit(self::plane(), $text([$roll('quer', 'other')])), ['quer', 'roll']),
        );
        // A switched function is none that follows a stick, and flaps whose steps say nothing can't be told from one
        // another.
        $switched = ['id' => 'quer', 'name' => 'Quer', 'purpose' => 'roll', 'steps' => [['id' => 'a', 'value' => 0]]];
        self::assertSame(['quer', 'roll'], self::ids(self::fit(self::plane(), $text([$switched])), ['quer', 'roll']));
        $flaps = [
            'id' => 'klappen',
            'name' => 'Klappen',
            'purpose' => 'flaps',
            'steps' => [
                ['id' => 'rein', 'value' => 0],
                ['id' => 'halb', 'value' => 0.5],
                ['id' => 'raus', 'value' => 1],
            ],
        ];
        self::assertSame(
            ['klappen', 'flaps'],
            self::ids(self::fit(self::plane(), $text([$flaps]), ['flaps' => 'one']), ['klappen', 'flaps']),
        );
    }

    /**
     * @param  list<string>  $of
     * @return list<string> those that the program has, in the order asked for
     */
    private static function ids(Program $program, array $of): array
    {
        return array_values(array_filter($of, fn (string $id): bool => $program->function($id) !== null));
    }
}
