<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Every limit of the schemas is the reader's too: what is at it is taken, what is past it is refused there. */
final class SchemaLimitsTest extends TestCase
{
    private const SCHEMAS = [
        'program' => 'program',
        'transmitters' => 'transmitter',
        'receivers' => 'receiver',
        'controllers' => 'controller',
        'packs' => 'pack',
        'sensors' => 'sensor',
        'scenarios' => 'scenario',
        'speed-controllers' => 'speed-controller',
    ];

    /** What is said of a value that is past a limit. */
    private const SAID = '/^must be from|at most \d+ are possible|at least|say in which ranges|characters|at most \d+ .* here/';

    /** Where the reader knows more than a schema can say: a stage that isn't planned can't be stood on. */
    private const TIGHTER = ['ladder.at maximum'];

    /** @return iterable<string, array{string, string, callable(string): mixed}> */
    public static function documents(): iterable
    {
        foreach (SpoiltValuesTest::documents() as $name => [$text, $decode]) {
            yield $name => [self::SCHEMAS[strtok($name, '/')], $text, $decode];
        }
        $document = json_decode(Everything::text());
        $document->aboard->controller = json_decode((string) json_encode([
            'modes' => [['mode' => 'ruhig', 'channel' => 9, 'from' => 900, 'to' => 1300]],
            'none' => 'frei',
            'priority' => ['ruhig', 'frei'],
            'arming' => ['by' => 'range', 'ranges' => [['channel' => 10, 'from' => 1700, 'to' => 2100]]],
            'low' => 1075,
            'order' => ['throttle', 'none', 'roll'],
            'expects' => 'surfaces',
            'onLoss' => ['does' => 'land', 'channels' => [9]],
        ]));
        yield 'the set-up of a controller' => ['program', (string) json_encode($document), ProgramDecoder::decode(...)];
        yield 'telemetry' => ['program', self::telemetry(), ProgramDecoder::decode(...)];
        $definitions = [
            ['transmitters', 'lamplight-12', ['keying' => ['mixes' => 8]]],
            ['receivers', 'lantern-r6-climb', ['bindNumber' => 7]],
            ['controllers', 'keel-f4', [
                'none' => 'angle', 'priority' => ['angle'], 'wantsSticks' => [1000, 2000],
            ]],
            ['sensors', 'heron-block', []],
            ['scenarios', 'thermal', []],
        ];
        foreach ($definitions as [$kind, $file, $more]) {
            $document = json_decode((string) file_get_contents(Given::DEMO."/stores/{$kind}/{$file}.json"), true);
            $text = (string) json_encode(array_replace_recursive($document, $more), JSON_PRESERVE_ZERO_FRACTION);
            yield "{$file} and more" => [self::SCHEMAS[$kind], $text, DefinitionKind::from($kind)->decode(...)];
        }
    }

    /** Sensors, units, calls and a tone with all that can be said of them. */
    private static function telemetry(): string
    {
        $document = json_decode(Everything::text());
        $sense = $document->sense;
        $sense->chain[0]->address = 9;
        [$sense->system, $sense->units] = ['imperial', (object) ['height' => 'm']];
        $sense->values[0]->plus = 2.5;
        $sense->calls[0]->after = (object) ['sensor' => 'height', 'above' => 10];
        $sense->calls[0]->plays = 'knock';
        $sense->calls[0]->says = ['Cell', (object) ['value' => 'cell', 'places' => 2, 'unit' => false]];
        $sense->tone = (object) [
            'of' => 'climb', 'when' => (object) ['phase' => 'thermal'], 'quiet' => [-0.5, 0.5], 'full' => [-2.0, 3.0],
            'pitch' => [300, 600, 1200], 'beeps' => [2, 10],
        ];

        return (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @param  callable(string): mixed  $decode */
    #[DataProvider('documents')]
    public function test_the_schema_and_the_reader_have_the_same_limits(
        string $schema,
        string $text,
        callable $decode,
    ): void {
        $document = json_decode($text);
        self::assertInstanceOf(stdClass::class, $document);
        $wrong = [];
        foreach ((new SchemaLimits($schema))->of($document) as $limit => [$path, $at, $past]) {
            foreach ($this->faults($decode, $at, $path) as $fault) {
                if (! in_array($limit, self::TIGHTER, true)) {
                    $wrong[] = "{$limit} is refused at its limit: {$fault}";
                }
            }
            if ($this->faults($decode, $past, $path) === []) {
                $wrong[] = "{$limit} is taken past its limit at {$path}";
            }
        }

        self::assertSame([], $wrong);
    }

    /**
     * @param  callable(string): mixed  $decode
     * @return list<string> what is said of the limit at a path
     */
    private function faults(callable $decode, stdClass $document, string $path): array
    {
        try {
            $decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

            return [];
        } catch (Refused $refused) {
            $said = [];
            foreach ($refused->faults as $fault) {
                // An arming without ranges is told as a whole.
                $meets = $fault->path === $path || "{$fault->path}.ranges" === $path;
                if ($meets && preg_match(self::SAID, $fault->says) === 1) {
                    $said[] = $fault->says;
                }
            }

            return $said;
        }
    }
}
