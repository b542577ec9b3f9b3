<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Airframe\Recipe;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Kinds\Kinds;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Rehearsal\MishapEffects;
use DuskSwitch\Core\Rehearsal\Mishaps;
use DuskSwitch\Core\Telemetry\Derivations;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** A rule and a recipe are there because their file is: nobody keeps a list. */
final class KindsTest extends TestCase
{
    /** @return list<string> names of the classes of a folder that end so */
    private static function files(string $folder, string $ending): array
    {
        return array_map(
            fn (string $file): string => basename($file, '.php'),
            glob(__DIR__."/../../core/{$folder}/*{$ending}.php") ?: [],
        );
    }

    public function test_every_rule_in_its_folder_is_asked_once(): void
    {
        $rules = array_map(fn (Rule $one): string => (new \ReflectionClass($one))->getShortName(), Proof::rules());
        sort($rules);
        self::assertSame(self::files('Proof/Rule', ''), $rules);
        $ids = array_map(fn (Rule $one): string => $one->id(), Proof::rules());
        self::assertSame($ids, array_unique($ids));
        self::assertSame('controller-chosen', $ids[0], 'without it nothing can be said of arming');
        foreach (Proof::rules() as $rule) {
            self::assertMatchesRegularExpression('/^[a-z]+(-[a-z]+)*$/', $rule->id());
            self::assertGreaterThan(30, strlen($rule->says()), $rule->id());
        }
    }

    public function test_every_recipe_is_offered_once_and_every_family_begins_with_its_own(): void
    {
        $recipes = array_map(fn (Recipe $one): string => (new \ReflectionClass($one))->getShortName(), Recipes::all());
        sort($recipes);
        self::assertSame(
            array_values(array_diff(self::files('Airframe', 'Recipe'), ['Recipe', 'AppliedRecipe'])),
            $recipes,
        );
        foreach (Family::cases() as $family) {
            self::assertContains($family, Recipes::of($family)->families());
        }
        self::assertSame(
            'helicopter',
            Recipes::of(Family::Helicopter)->id(),
            'the stabiliser\'s, not the mixed swash plate',
        );
    }

    public function test_every_derivation_in_its_folder_is_in_the_schema(): void
    {
        $derivations = Derivations::all();
        self::assertCount(count(self::files('Telemetry/Derive', '')), $derivations);
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../schema/program.schema.json'));
        $listed = $schema->{'$defs'}->derived->properties->does->enum;
        sort($listed);
        $ids = array_keys($derivations);
        sort($ids);
        self::assertSame($listed, $ids);
    }

    public function test_every_mishap_in_its_folder_can_be_had_and_does_something(): void
    {
        self::assertCount(count(self::files('Rehearsal/Mishap', '')), Mishaps::all());
        foreach (Mishaps::all() as $id => $mishap) {
            self::assertMatchesRegularExpression('/^[a-z]+(-[a-z]+)*$/', $id);
            self::assertNotSame('', $mishap->says());
            self::assertNotEquals(new MishapEffects(), $mishap->effects(0.1), $id);
        }
    }

    public function test_what_lies_beside_the_kinds_is_none_of_them(): void
    {
        $folder = sys_get_temp_dir().'/dusk-kinds-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $space = 'Kinds'.bin2hex(random_bytes(4));
        foreach (
            [
                'B' => 'final class B implements Thing {}',
                'A' => 'final class A implements Thing {}',
                'Other' => 'final class Other {}',
                'Thing' => 'interface Thing {}',
            ] as $name => $code
        ) {
            file_put_contents("{$folder}/{$name}.php", "<?php namespace {$space}; {$code}");
        }
        foreach (['Thing', 'A', 'B', 'Other'] as $name) {
            require "{$folder}/{$name}.php";
        }
        /** @var class-string $kind */
        $kind = "{$space}\\Thing";
        $found = Kinds::in($folder, $space, $kind);
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);

        self::assertSame(["{$space}\\A", "{$space}\\B"], array_map(get_class(...), $found));
        self::assertSame($found, Kinds::in($folder, $space, $kind), 'looked for once');
    }

    public function test_every_kind_of_equipment_has_a_schema_and_is_in_the_contract(): void
    {
        $kinds = array_column(DefinitionKind::cases(), 'value');
        $contract = Yaml::parseFile(__DIR__.'/../../schema/openapi.yaml');
        self::assertSame($kinds, $contract['components']['schemas']['DefinitionKind']['enum'] ?? null);
        foreach (DefinitionKind::cases() as $kind) {
            $file = __DIR__.'/../../schema/'.substr($kind->value, 0, -1).'.schema.json';
            $schema = json_decode((string) file_get_contents($file));
            self::assertSame($kind->format(), $schema->properties->format->const ?? null, $kind->value);
            self::assertNotSame([], glob(Given::DEMO."/stores/{$kind->value}/*.json"), 'the demo has one');
        }
        self::assertSame(
            ['Transmitters', 'Receivers', 'Controllers', 'Packs', 'Speed controllers', 'Sensors', 'Flight scripts'],
            array_map(fn (DefinitionKind $one): string => $one->title(), DefinitionKind::cases()),
        );
    }
}
