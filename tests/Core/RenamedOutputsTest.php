<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\Recipe;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A recipe finds its outputs by what they move, whatever the pilot calls them. */
final class RenamedOutputsTest extends TestCase
{
    /** @return iterable<string, array{Recipe}> */
    public static function recipes(): iterable
    {
        foreach (Recipes::all() as $recipe) {
            yield $recipe->id() => [$recipe];
        }
    }

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

    /** Every output called otherwise, moved to the other end of the channels, and measured. */
    private static function owned(Program $program): Program
    {
        return $program->with(
            outputs: array_map(
                fn (Output $one): Output => $one->with(
                    channel: 17 - $one->channel,
                    name: "Kanal {$one->channel}",
                    travel: new Range(0.7, 0.8),
                    reverse: true,
                    subtrim: 0.02,
                ),
                array_reverse($program->outputs),
            ),
        );
    }

    #[DataProvider('recipes')]
    public function test_applied_again_after_everything_was_renamed_and_moved_it_changes_nothing(Recipe $recipe): void
    {
        $program = self::owned(self::fit($recipe, Given::nothing()));
        $again = self::fit($recipe, $program);

        self::assertEquals($program->outputs, $again->outputs);
    }

    public function test_another_tail_keeps_what_was_measured_and_adds_no_second_aileron(): void
    {
        $recipe = Recipes::find('plane') ?? self::fail();
        $tails = array_values(array_filter($recipe->settings(), fn ($one): bool => $one->id === 'tail'))[0]->options;
        self::assertContains('v', array_map(strval(...), array_is_list($tails) ? $tails : array_keys($tails)));
        $before = self::owned(self::fit($recipe, Given::nothing(), ['tail' => 'cross']));
        $after = self::fit($recipe, $before, ['tail' => 'v']);
        $roles = array_map(fn (Output $one): ?string => $one->role?->value, $after->outputs);

        self::assertSame($roles, array_unique($roles));
        self::assertCount(count($before->outputs), $after->outputs);
        foreach ($before->outputs as $was) {
            $is =
                array_values(array_filter($after->outputs, fn (Output $one): bool => $one->role === $was->role))[0] ??
                null;
            if ($is !== null) {
                self::assertSame([$was->channel, $was->name, 0.02], [$is->channel, $is->name, $is->subtrim]);
            }
        }
    }

    public function test_a_second_motor_of_the_pilots_own_stays(): void
    {
        $recipe = Recipes::find('plane') ?? self::fail();
        $plane = self::fit($recipe, Given::nothing());
        $motor = array_values($plane->motors())[0];
        $own = $plane->with(
            outputs: [
                ...$plane->outputs,
                $motor->with(channel: 12, name: 'Pumpe', travel: new Range(1.0, 1.0), reverse: false, subtrim: 0.0),
            ],
        );
        $again = self::fit($recipe, $own);

        self::assertEquals($own->output(12), $again->output(12));
        self::assertCount(2, $again->motors());
    }
}
