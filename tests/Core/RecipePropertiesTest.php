<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Airframe\Picture;
use DuskSwitch\Core\Airframe\Recipe;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSetting;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Airframe\SurfaceCheck;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds for every recipe, whatever was chosen in it (seeded). */
final class RecipePropertiesTest extends TestCase
{
    /** @return array<string, array{Recipe, Family}> */
    public static function recipes(): array
    {
        $all = [];
        foreach (Recipes::all() as $recipe) {
            $all[$recipe->id()] = [$recipe, $recipe->families()[0] ?? Family::Plane];
        }

        return $all;
    }

    #[DataProvider('recipes')]
    public function test_what_it_writes_runs_and_comes_back_from_its_document(Recipe $recipe, Family $family): void
    {
        foreach ($this->built($recipe, $family) as [$program]) {
            $circuit = Compiler::compile($program, Given::transmitter());
            self::assertEquals($program, ProgramDecoder::decode(ProgramEncoder::encode($program)));
            foreach ([['roll' => 1.0, 'yaw' => -1.0], ['pitch' => -1.0, 'throttle' => 1.0], []] as $hand) {
                foreach (Given::frame($circuit, $hand)->outputs() as $channel => $output) {
                    self::assertTrue(
                        $output->pulse >= 700 && $output->pulse <= 2300,
                        "channel {$channel} at {$output->pulse} µs",
                    );
                }
            }
        }
    }

    #[DataProvider('recipes')]
    public function test_twice_is_as_once(Recipe $recipe, Family $family): void
    {
        foreach ($this->built($recipe, $family) as [$program, $settings]) {
            $again = RecipeWriter::fit($recipe, $settings, $program, Given::transmitter())->program;

            self::assertSame([], Given::differences($program, $again));
        }
    }

    #[DataProvider('recipes')]
    public function test_its_surfaces_answer_the_sticks_as_common_practice_has_it(Recipe $recipe, Family $family): void
    {
        $ways = [
            'left-aileron roll' => 'down',
            'right-aileron roll' => 'up',
            'left-elevon roll' => 'down',
            'right-elevon roll' => 'up',
            'elevator pitch' => 'down',
            'left-elevon pitch' => 'down',
            'right-elevon pitch' => 'down',
            'rudder yaw' => 'right',
            'left-tail pitch' => 'down',
            'right-tail pitch' => 'down',
            'swash-front pitch' => 'down',
        ];
        $judged = 0;
        foreach ($this->built($recipe, $family) as [$program]) {
            $parts = Picture::parts($program);
            foreach (SurfaceCheck::moves(Compiler::compile($program, Given::transmitter())) as $move) {
                $wanted = $ways["{$parts[$move->channel]->value} {$move->stick->value}"] ?? null;
                $judged += $wanted === null ? 0 : 1;
                self::assertSame(
                    $wanted ?? $move->goes,
                    $move->goes,
                    "{$move->name} with the {$move->stick->value} stick",
                );
            }
        }
        self::assertSame(
            in_array($recipe->id(), ['multirotor', 'helicopter', 'ground-vehicle'], true),
            $judged === 0,
            "{$recipe->id()} was judged {$judged} times",
        );
    }

    #[DataProvider('recipes')]
    public function test_it_can_be_keyed_in(Recipe $recipe, Family $family): void
    {
        foreach ($this->built($recipe, $family) as [$program]) {
            $titles = array_column(Sheet::of($program, Given::transmitter(), Given::catalogue())->sections, 'title');

            self::assertSame(['Begin', 'Sticks and switches'], array_slice($titles, 0, 2));
            self::assertContains('Channels', $titles);
        }
    }

    /**
     * @return list<array{Program, RecipeSettings}> all kinds of settings; what a recipe refuses is left out, and it
     * refuses few
     */
    private function built(Recipe $recipe, Family $family): array
    {
        $random = new Randomizer(new Mt19937(crc32($recipe->id())));
        $built = [];
        for ($try = 0; $try < 30; $try++) {
            $chosen = [];
            foreach ($recipe->settings() as $setting) {
                $chosen[$setting->id] = $try === 0 ? $setting->default : self::chosen($setting, $random);
            }
            try {
                $settings = RecipeSettings::of($recipe->settings(), $chosen);
                $built[] = [
                    RecipeWriter::fit(
                        $recipe,
                        $settings,
                        FirstProgram::program($family, 'Any', Given::transmitter()),
                        Given::transmitter(),
                    )->program,
                    $settings,
                ];
            } catch (Refused $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
        self::assertGreaterThan(15, count($built), "{$recipe->id()} refuses too much");

        return $built;
    }

    private static function chosen(RecipeSetting $setting, Randomizer $random): float|bool|string
    {
        return match ($setting->kind) {
            'flag' => $random->getInt(0, 1) === 1,
            'choice' => (string) array_keys($setting->options)[$random->getInt(0, count($setting->options) - 1)],
            default => round($setting->least + (($setting->most - $setting->least) * $random->getInt(0, 20)) / 20, 4),
        };
    }
}
