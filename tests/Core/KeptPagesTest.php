<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FullThrow;
use DuskSwitch\Core\Airframe\LiftOff;
use DuskSwitch\Core\Airframe\MixWords;
use DuskSwitch\Core\Airframe\Picture;
use DuskSwitch\Core\Airframe\Recipe;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSetting;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Airframe\Throws\ThrowFunctions;
use DuskSwitch\Core\Airframe\Throws\ThrowMeasure;
use DuskSwitch\Core\Checklist\Checklists;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\ProofEncoder;
use DuskSwitch\Core\Format\TelemetryReport;
use DuskSwitch\Core\Format\ThrowsEncoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Link\Wiring;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\ConditionTexts;
use DuskSwitch\Core\Program\CurveEdit;
use DuskSwitch\Core\Program\ProgramSummary;
use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Program\ThrowUnit;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\LandingStrategies;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Phrasebook;
use DuskSwitch\Core\Speech\VarioTone;
use DuskSwitch\Core\Telemetry\CatalogueNames;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a pilot reads of aircraft of every kind: sheets, mixing in words, recipes, moves, telemetry, the kit. The
 * numbers behind it are proven elsewhere; here nothing of it changes unnoticed.
 */
final class KeptPagesTest extends TestCase
{
    private const TRANSMITTERS = ['harbour-16', 'quayside-8', 'lamplight-12'];

    private static function keep(string $file, string $heading, string $text): void
    {
        self::assertSame(KeptPages::page($file, $heading, $text), rtrim($text)."\n");
    }

    /** Few enough to be read through, and different from each other. */
    private const AIRCRAFT = [
        'everything',
        'nightjar',
        'petrel',
        'rook',
        'tern',
        'ground vehicle',
        'helicopter without a stabiliser',
        'armed by the sticks',
    ];

    private static function circuit(string $name): Circuit
    {
        if ($name === 'everything' || isset(Given::demos()[$name])) {
            return Given::circuit($name === 'everything' ? Everything::text() : Given::demo($name));
        }
        $program = Schools::program(Schools::document($name));

        return Compiler::compile($program, Given::transmitter($program->transmitter));
    }

    /** @return iterable<string, array{string, Circuit}> */
    public static function aircraft(): iterable
    {
        foreach (self::AIRCRAFT as $name) {
            yield $name => [$name, self::circuit($name)];
        }
    }

    #[DataProvider('aircraft')]
    public function test_what_is_said_of_a_program(string $name, Circuit $circuit): void
    {
        $program = $circuit->program;
        $transmitter = $circuit->panel->transmitter;
        $texts = new ConditionTexts(
            $program,
            $transmitter,
            (new CatalogueNames($program, Given::catalogue()))->level(...),
        );
        $items = '';
        $names = new CatalogueNames($program, Given::catalogue());
        foreach (ProgramSummary::of($program, $transmitter, $names) as $key => $item) {
            $items .= "-- {$key}: {$item->kind} {$item->name}\n";
            foreach ($item->facts as $fact => [$label, $value]) {
                $items .= ($fact === $label ? '' : "{$fact} = ")."{$label}: {$value}\n";
            }
        }
        self::keep(
            'programs',
            $name,
            "{$items}--\n".KeptPages::lines([
                'phases' => $texts->phases(),
                'functions' => $texts->functions(),
                'feeds' => $texts->feeds(),
                'mixing' => (new MixWords($program, $transmitter))->outputs(),
                'lift-off' => LiftOff::of($circuit)?->says() ?? 'no',
                'picture' => array_map(fn (object $one): array => get_object_vars($one), Picture::parts($program)),
            ]),
        );
    }

    #[DataProvider('aircraft')]
    public function test_its_sheets_and_its_moves(string $name, Circuit $circuit): void
    {
        $from = $circuit->panel->transmitter;
        foreach ($name === 'everything' ? self::TRANSMITTERS : ['quayside-8'] as $id) {
            $sheet = Sheet::elsewhere($circuit->program, $from, Given::transmitter($id), Given::catalogue());
            $text = "compromises: {$sheet->compromises()}\n".KeptPages::lines(['loss' => $sheet->losses]);
            foreach ($sheet->sections as $section) {
                $text .= "-- {$section->title}: {$section->says}\n";
                foreach ($section->lines as $line) {
                    $text .= implode(' | ', array_filter([$line->what, $line->value, $line->wanted, $line->lost]))."\n";
                }
            }
            self::keep('sheets', "{$name} on {$id}", $text);
            $moved = TransmitterMove::to($circuit->program, $from, Given::transmitter($id));
            self::keep(
                'moves',
                "{$name} to {$id}",
                KeptPages::lines(['place' => $moved->places, 'loss' => $moved->losses]).
                    implode("\n", Given::differences($circuit->program, $moved->program)),
            );
        }
    }

    #[DataProvider('aircraft')]
    public function test_its_kit_and_its_telemetry(string $name, Circuit $circuit): void
    {
        $program = $circuit->program;
        $catalogue = Given::catalogue();
        $kit = InstalledKit::of($program, $circuit->panel->transmitter, $catalogue);
        $point = fn (VerdictPoint $one): string => "{$one->level->value}: {$one->topic}: {$one->says} {$one->cure}";
        $report = (new TelemetryReport($circuit, $catalogue))->all($catalogue);
        $report = array_diff_key(
            $report,
            array_flip(['derivations', 'scenarios', 'mishaps', 'sounds', 'voice', 'announceable']),
        );
        self::keep(
            'kits',
            $name,
            KeptPages::lines([
                'kit' => array_map($point, (new KitVerdict($kit))->points()),
                'leads' => array_map(fn (object $one): array => get_object_vars($one), (new Wiring($kit))->leads()),
                'telemetry' => $report,
                'clips' => (new Phrasebook($program, Values::of($program, $catalogue), new English()))->pieces(),
            ]),
        );
    }

    #[DataProvider('aircraft')]
    public function test_its_throws_as_they_were_measured(string $name, Circuit $circuit): void
    {
        $program = $circuit->program;
        foreach ((new ThrowFunctions($circuit))->surfaces() as $surface) {
            if ((new ThrowMeasure($circuit))->ends($surface) !== null) {
                $measure = new ThrowMeasure(Compiler::compile($program, $circuit->panel->transmitter));
                $program = $measure->kept($surface->channel, ThrowUnit::Millimetres, [-11.27, 0.4, 9.83], 52.0);
            }
        }
        $measured = Compiler::compile($program, $circuit->panel->transmitter);
        foreach (ThrowUnit::cases() as $unit) {
            $throws = (new ThrowsEncoder($measured, $unit))->encode();
            self::keep('throws', "{$name}, {$unit->value}", KeptPages::lines($throws));
        }
    }

    #[DataProvider('aircraft')]
    public function test_its_checklists_and_its_proof_as_it_is_written(string $name, Circuit $circuit): void
    {
        $program = $circuit->program;
        $context = isset(Schools::names()[$name])
            ? Schools::context($name)
            : Given::context($program, $circuit->panel->transmitter);
        $tells = Values::of($program, Given::catalogue())->tellVoltage();
        $lists = [];
        foreach ((new Checklists($circuit, $context->receiver, $context->controller, $tells))->all() as $list) {
            $lists[$list->title] = $list->items;
        }
        self::keep('checklists', $name, KeptPages::lines($lists));
        $proof = Proof::of($context);
        $encoder = new ProofEncoder($context);
        self::keep(
            'proofs',
            $name,
            KeptPages::lines([
                ...array_diff_key($encoder->proof($proof), ['rules' => 0]),
                'rules' => array_map(
                    fn (array $one): string => implode(' | ', array_map(strval(...), array_filter($one, is_scalar(...)))),
                    $encoder->proof($proof)['rules'],
                ),
                'map' => array_slice($encoder->map()['cells'] ?? [], 0, 6),
                'setup' => $encoder->setup(),
                'slots' => $encoder->slots(),
                'failsafe' => $encoder->failsafe($proof),
            ]),
        );
    }

    /** @return iterable<string, array{string, string, RehearsalSettings}> */
    public static function flights(): iterable
    {
        $plain = new RehearsalSettings(4, 5.0, 210.0);
        yield 'nightjar out and back, antenna broken' => [
            'nightjar',
            'out-and-back',
            new RehearsalSettings(2, 3.0, 250.0, ['antenna' => 40.0]),
        ];
        yield 'nightjar hovers on a worn pack, half full' => [
            'nightjar',
            'hover-and-land',
            new RehearsalSettings(3, 0.0, 0.0, ['cell' => 30.0], charge: 0.5),
        ];
        yield 'petrel in a thermal' => ['petrel', 'thermal', $plain];
        yield 'petrel browns out' => ['petrel', 'thermal', new RehearsalSettings(1, mishaps: ['brown-out' => 80.0])];
        yield 'dunlin in the wind, more power' => ['dunlin', 'wind', new RehearsalSettings(5, 9.0, 90.0, milliwatts: 100.0)];
        yield 'dunlin at speed' => ['dunlin', 'speed-run', $plain];
        yield 'rook hovers' => ['rook', 'first-hover', $plain];
        yield 'midge hovers' => ['midge', 'first-hover', $plain];
        yield 'tern flies circuits, sensors silent' => [
            'tern',
            'circuit',
            new RehearsalSettings(6, 2.0, 10.0, ['silent' => 30.0]),
        ];
        yield 'ground vehicle' => ['ground vehicle', 'laps', $plain];
    }

    #[DataProvider('flights')]
    public function test_what_happens_and_is_heard_in_a_flight(
        string $name,
        string $script,
        RehearsalSettings $settings,
    ): void {
        $circuit = self::circuit($name);
        $scenario = Given::catalogue()->scenario($script) ?? self::fail($script);
        $flight = (new Flight($circuit, Given::catalogue(), $scenario, $settings))->fly();
        $heard = Rehearsal::listen($flight, $circuit->program, $circuit->panel->transmitter, Given::catalogue());
        $text = '';
        foreach (Flown::rows($flight) as $row => $true) {
            if ($row % 120 === 0) {
                $text .= "{$flight->time($row)} s: ".json_encode($true)."\n  ".json_encode(
                    // A last digit may hang on the machine's own arithmetic.
                    array_map(fn (float $one): float => round($one, 5), $heard->samples[$row]->values),
                );
                $text .= "\n  ".json_encode([$flight->handheld?->sticks[$row], $flight->handheld?->pulses[$row]])."\n";
            }
        }
        $text .= 'means: '.json_encode(self::means($flight, $heard->samples))."\n";
        foreach ($flight->events as $event) {
            $text .= "{$event->at} {$event->kind->value}: {$event->says}\n";
        }
        foreach ($heard->said as $one) {
            $text .= "{$one->offer->at} {$one->offer->priority->value} {$one->offer->text} {$one->from} {$one->dropped}\n";
        }
        foreach ($heard->verdict as $one) {
            $text .= "{$one->level->value} {$one->topic}: {$one->says} {$one->at} {$one->mend}\n";
        }
        foreach (LandingStrategies::of($flight) as $one) {
            $text .= "{$one->name}: {$one->at} {$one->left}\n";
        }
        self::keep('flights', "{$name} {$script} {$settings->seed}", $text);
    }

    /**
     * The mean of everything over a whole flight: whatever moves anywhere between two rows moves one of them.
     *
     * @param  list<Sample>  $samples
     * @return array<string, float>
     */
    private static function means(Recording $flight, array $samples): array
    {
        $columns = [];
        foreach (Flown::rows($flight) as $row => $true) {
            $all = [...$true, ...$samples[$row]->values];
            foreach ($flight->handheld?->sticks[$row] ?? [] as $axis => $stick) {
                $all["stick {$axis}"] = $stick;
            }
            foreach ($flight->handheld?->pulses[$row] ?? [] as $output => $pulse) {
                $all["pulse {$output}"] = (float) $pulse;
            }
            foreach ($all as $column => $value) {
                $columns[$column][] = $value;
            }
        }

        return array_map(fn (array $values): float => round(array_sum($values) / count($values), 5), $columns);
    }

    /** @return iterable<string, array{Recipe}> */
    public static function recipes(): iterable
    {
        foreach (Recipes::all() as $recipe) {
            yield $recipe->id() => [$recipe];
        }
    }

    /** @return list<float|bool|string> what else it can be */
    private static function others(RecipeSetting $setting): array
    {
        return match ($setting->kind) {
            'choice' => array_slice(array_map(strval(...), array_keys($setting->options)), 1),
            'flag' => [! $setting->default],
            default => array_values(
                array_filter(
                    [
                        round($setting->least + ($setting->most - $setting->least) * 0.37, 3),
                        round($setting->least + ($setting->most - $setting->least) * 0.81, 3),
                    ],
                    fn (float $one): bool => $one !== $setting->default,
                ),
            ),
        };
    }

    #[DataProvider('recipes')]
    public function test_what_a_recipe_writes_with_each_of_its_settings(Recipe $recipe): void
    {
        $write = function (array $settings) use ($recipe): array {
            try {
                $written = RecipeWriter::fit(
                    $recipe,
                    RecipeSettings::of($recipe->settings(), $settings),
                    Given::nothing(),
                    Given::transmitter(),
                );
            } catch (Refused $refused) {
                return [null, $refused->getMessage()];
            }

            return [$written->program, implode('; ', $written->notes)];
        };
        [$plain, $notes] = $write([]);
        self::assertNotNull($plain);
        $document = json_decode(ProgramEncoder::encode($plain), true);
        unset($document['recipe'], $document['format'], $document['version']);
        $text = KeptPages::lines($document)."notes: {$notes}\n";
        $plan = $recipe->plan(RecipeSettings::of($recipe->settings(), []), 'main');
        $text .= KeptPages::lines(['throw' => FullThrow::notes($plan)]);
        foreach ($recipe->settings() as $setting) {
            foreach (self::others($setting) as $value) {
                // A setting that counts only with another is tried with it.
                $with = $setting->when === null ? [] : [$setting->when[0] => $setting->when[1][0]];
                [$base] = $write($with);
                [$other, $notes] = $write([...$with, $setting->id => $value]);
                $text .= "-- {$setting->id} = ".json_encode($value)." {$notes}\n";
                if ($base !== null && $other !== null) {
                    $was = explode("\n", KeptPages::lines(json_decode(ProgramEncoder::encode($base), true)));
                    $is = explode("\n", KeptPages::lines(json_decode(ProgramEncoder::encode($other), true)));
                    $text .= implode("\n", array_diff($is, $was, ['']))."\n";
                }
            }
        }
        self::keep('recipes', $recipe->id(), $text);
    }

    public function test_units_sounds_curves_and_numbers_as_they_are_said(): void
    {
        $english = new English();
        $units = $numbers = $tones = [];
        foreach (Unit::cases() as $unit) {
            $units[$unit->name] = [
                $unit->shown(),
                $unit->places(),
                $english->unit($unit, 1.0, 0),
                $english->unit($unit, 2.0, 0),
                $english->unit($unit, 1.0, 1),
                $unit->fromBase(1000.0),
            ];
        }
        $said = [0, 1, 9, 10, 11, 19, 20, 21, 99, 100, 101, 110, 999, 1000, 1001, 12345, 1_000_000, -4, 0.05, 3.14];
        foreach ($said as $one) {
            $numbers[(string) $one] = [
                $english->number($one, 0),
                $english->number($one, 1),
                $english->number($one, 2),
                $english->time($one),
                $english->syllables($english->number($one, 0)),
            ];
        }
        foreach (range(-60, 60, 3) as $tenths) {
            $tones[$tenths / 10 .' m/s'] = (new VarioTone(new ToneSettings()))->at($tenths / 10);
        }
        self::keep('words', 'units', KeptPages::lines($units));
        self::keep('words', 'numbers', KeptPages::lines($numbers));
        self::keep('words', 'variometer', KeptPages::lines($tones));
        self::keep('words', 'curves', KeptPages::lines(CurveEdit::presets()));
        self::keep(
            'words',
            'sounds',
            KeptPages::lines(
                array_map(fn (Sound $one): array => [$one->value, $one->says(), $one->notes()], Sound::cases()),
            ),
        );
    }
}
