<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Tests\Core\Everything;
use DuskSwitch\Tests\Core\Given;
use DuskSwitch\Tests\Core\Schools;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Every limit that a published schema sets is the decoder's: what is on it is taken, and a step beyond is refused. */
final class LimitsOfTheSchemasTest extends TestCase
{
    private const SCHEMA = __DIR__.'/../../schema';

    /** @return iterable<string, array{string, string, callable(string): mixed}> */
    public static function documents(): iterable
    {
        yield 'program with everything' => ['program', Everything::text(), ProgramDecoder::decode(...)];
        foreach (array_keys(Given::demos()) as $demo) {
            yield "program {$demo}" => ['program', Given::demo($demo), ProgramDecoder::decode(...)];
        }
        foreach (array_keys(Schools::names()) as $school) {
            $text = (string) json_encode(Schools::document($school), JSON_PRESERVE_ZERO_FRACTION);
            yield "program {$school}" => ['program', $text, ProgramDecoder::decode(...)];
        }
        foreach (DefinitionKind::cases() as $kind) {
            $schema = $kind === DefinitionKind::Transmitters ? 'transmitter' : rtrim($kind->value, 's');
            foreach (glob(Given::DEMO."/stores/{$kind->value}/*.json") ?: [] as $file) {
                $text = (string) file_get_contents($file);
                yield "{$schema} ".basename($file, '.json') => [$schema, $text, $kind->decode(...)];
            }
        }
    }

    /** @param  callable(string): mixed  $decode */
    #[DataProvider('documents')]
    public function test_the_decoder_has_the_limits_of_the_schema(string $name, string $text, callable $decode): void
    {
        $schema = json_decode((string) file_get_contents(self::SCHEMA."/{$name}.schema.json"));
        $limits = SchemaLimits::of($schema, json_decode($text));
        self::assertNotSame([], $limits);
        foreach ($limits as $says => [$path, $keys, $value, $fits]) {
            $faults = self::faults($decode, self::with(json_decode($text), $keys, $value));
            $about = array_filter($faults, fn (Fault $one): bool => str_starts_with($one->path, $path));
            // How far a ladder goes is said by the document itself.
            if ($fits && $path !== 'ladder.at') {
                // It may contradict something else of the document, and is then told so in other words.
                $limit = array_filter($about, fn (Fault $one): bool => preg_match('/must be from|at most/', $one->says) === 1);
                self::assertSame([], array_map(strval(...), $limit), $says);
            } elseif (! $fits) {
                self::assertNotSame([], $faults, $says);
                self::assertNotSame([], $about, "{$says}: ".implode('; ', array_map(strval(...), $faults)));
            }
        }
    }

    /**
     * @param  callable(string): mixed  $decode
     * @return list<Fault>
     */
    private static function faults(callable $decode, stdClass $document): array
    {
        try {
            $decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

            return [];
        } catch (Refused $refused) {
            return $refused->faults;
        }
    }

    /** @param  list<int|string>  $keys */
    private static function with(mixed $node, array $keys, mixed $value): mixed
    {
        if ($keys === []) {
            return $value;
        }
        $key = array_shift($keys);
        if (is_array($node)) {
            $node[$key] = self::with($node[$key], $keys, $value);
        } else {
            $node->{$key} = self::with($node->{$key}, $keys, $value);
        }

        return $node;
    }
}
