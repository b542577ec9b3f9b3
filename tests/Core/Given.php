<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Equipment\ShippedDefinitions;
use DuskSwitch\Core\Edits\Differences;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProgramSummary;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Telemetry\CatalogueNames;

/** What a test begins with: a program on the bench, a hand on the sticks. */
final class Given
{
    public const DEMO = __DIR__.'/../../database/demo';

    public static function transmitter(string $id = 'harbour-16'): Transmitter
    {
        return TransmitterDecoder::decode((string) file_get_contents(self::DEMO."/stores/transmitters/{$id}.json"));
    }

    public static function catalogue(): Equipment
    {
        return new Equipment(new ShippedDefinitions(self::DEMO.'/stores'));
    }

    /** What the proof looks at, with the kit that the program names. */
    public static function context(Program $program, ?Transmitter $transmitter = null): ProofContext
    {
        return new ProofContext(
            $program,
            $transmitter ?? self::transmitter($program->transmitter),
            self::catalogue()->receiver($program->receiver ?? ''),
            self::catalogue()->controller($program->controller ?? ''),
        );
    }

    /** A plane of which nothing is made yet. */
    public static function nothing(): Program
    {
        return new Program(
            name: 'Neu',
            family: Family::Plane,
            stickMode: StickMode::Two,
            transmitter: 'harbour-16',
            receiver: null,
            controller: null,
            notes: '',
            phases: [new Phase(id: 'main', name: 'Main')],
            functions: [],
            outputs: [],
            curves: [],
            conditions: [],
        );
    }

    /** @param  array<string, mixed>  $parts of a program document */
    public static function text(array $parts): string
    {
        return json_encode(
            $parts + [
                'format' => 'dusk-switch/program',
                'version' => 1,
                'name' => 'Test',
                'family' => 'plane',
                'transmitter' => 'harbour-16',
            ],
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** @param  array<string, mixed>  $parts */
    public static function program(array $parts): Circuit
    {
        return self::circuit(self::text($parts));
    }

    public static function circuit(string $text): Circuit
    {
        $program = ProgramDecoder::decode($text);

        return Compiler::compile($program, self::transmitter($program->transmitter));
    }

    public static function demo(string $name): string
    {
        return (string) file_get_contents(self::DEMO."/{$name}.json");
    }

    /** @return array<string, array{string}> */
    public static function demos(): array
    {
        $names = array_map(fn (string $file): string => basename($file, '.json'), glob(self::DEMO.'/*.json') ?: []);

        return array_combine($names, array_map(fn (string $name): array => [$name], $names));
    }

    /**
     * A frame with the hand as given; what is missing is at rest.
     *
     * @param  array<string, float>  $axes
     * @param  array<string, float|string>  $controls
     * @param  array<string, float|array<string, float>>  $trims
     */
    public static function frame(Circuit $circuit, array $axes = [], array $controls = [], array $trims = []): Frame
    {
        return $circuit->frame(self::inputs($circuit, $axes, $controls, $trims));
    }

    /**
     * The hand as given, as a circuit takes it.
     *
     * @param  array<string, float>  $axes
     * @param  array<string, float|string>  $controls
     * @param  array<string, float|array<string, float>>  $trims
     * @return list<float|null>
     */
    public static function inputs(Circuit $circuit, array $axes = [], array $controls = [], array $trims = []): array
    {
        $inputs = json_encode(
            [['axes' => (object) $axes, 'controls' => (object) $controls, 'trims' => (object) $trims]],
            JSON_THROW_ON_ERROR,
        );

        return InputsDecoder::list(Json::decode($inputs), $circuit->panel)[0];
    }

    /** @return list<string> what changed, in the trade's words */
    public static function differences(Program $old, Program $new): array
    {
        return Differences::between(
            ProgramSummary::of(
                $old,
                self::transmitter($old->transmitter),
                new CatalogueNames($old, self::catalogue()),
            ),
            ProgramSummary::of(
                $new,
                self::transmitter($new->transmitter),
                new CatalogueNames($new, self::catalogue()),
            ),
        );
    }

    /**
     * One roll function on one channel.
     *
     * @param  array<string, mixed>  $function
     * @param  array<string, mixed>  $output
     * @param  array<string, mixed>  $more
     */
    public static function roll(array $function = [], array $output = [], array $more = []): Circuit
    {
        return self::program(
            $more + [
                'functions' => [$function + ['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']]],
                'outputs' => [$output + ['channel' => 1, 'name' => 'Roll', 'feeds' => [['from' => 'roll']]]],
            ],
        );
    }
}
