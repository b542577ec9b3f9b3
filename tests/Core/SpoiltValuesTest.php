<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every value of a document of each kind is spoilt, one at a time: missing, of another type, far too large, misspelt;
 * and every object gets a key too many. What is said of it, and where, is kept.
 */
final class SpoiltValuesTest extends TestCase
{
    /** @return iterable<string, array{string, callable(string): mixed}> */
    public static function documents(): iterable
    {
        yield 'program' => [Everything::text(), ProgramDecoder::decode(...)];
        $definitions = [
            'transmitters' => ['transmitters/quayside-8', 'transmitters/lamplight-12'],
            'receivers' => ['receivers/lantern-r8'],
            'controllers' => ['controllers/keel-f4'],
            'packs' => ['packs/petrel-3s'],
            'sensors' => ['sensors/bittern-gps'],
            'scenarios' => ['scenarios/wind'],
            'speed-controllers' => ['speed-controllers/heron-45'],
        ];
        foreach ($definitions as $kind => $files) {
            foreach ($files as $file) {
                yield $file => [
                    (string) file_get_contents(Given::DEMO."/stores/{$file}.json"),
                    (DefinitionKind::tryFrom($kind) ?? self::fail($kind))->decode(...),
                ];
            }
        }
    }

    /** @param  callable(string): mixed  $decode */
    #[DataProvider('documents')]
    public function test_what_is_said_of_every_spoilt_value(string $text, callable $decode): void
    {
        $decode($text);
        $lines = [];
        foreach (self::spoilt(json_decode($text)) as [$where, $how, $spoilt]) {
            $line = preg_replace('/\[\d+\]/', '[]', $where)." {$how}";
            if (! isset($lines[$line])) {
                $lines[$line] = self::told($decode, (string) json_encode($spoilt, JSON_PRESERVE_ZERO_FRACTION));
            }
        }
        $page = '';
        foreach ($lines as $line => $says) {
            $page .= "{$line}: {$says}\n";
        }
        self::assertSame(KeptPages::page('faults', (string) $this->dataName(), $page), $page);
    }

    /** @param  callable(string): mixed  $decode */
    private static function told(callable $decode, string $text): string
    {
        try {
            $decode($text);

            return 'accepted';
        } catch (Refused $refused) {
            return implode(
                '; ',
                array_map(fn (Fault $one): string => "{$one->path} {$one->says}", array_slice($refused->faults, 0, 3)),
            );
        }
    }

    /** @return iterable<array{string, string, mixed}> path, what was done, the document with it */
    private static function spoilt(mixed $document, ?string $path = null, mixed $part = null): iterable
    {
        $part = $path === null ? $document : $part;
        if (! $part instanceof \stdClass && ! is_array($part)) {
            return;
        }
        if ($part instanceof \stdClass) {
            yield [(string) $path, 'with a key too many', self::with($document, $path ?? '', 'spare', 1)];
        }
        foreach ((array) $part as $key => $value) {
            $inside = $path.($part instanceof \stdClass ? ($path === null ? '' : '.').$key : "[{$key}]");
            foreach (self::instead($value) as $how => $other) {
                yield [$inside, $how, self::with($document, $path ?? '', $key, $other)];
            }
            if ($part instanceof \stdClass) {
                yield [$inside, 'missing', self::with($document, $path ?? '', $key, null, true)];
            }
            yield from self::spoilt($document, $inside, $value);
        }
    }

    /** @return array<string, mixed> */
    private static function instead(mixed $value): array
    {
        return match (true) {
            is_bool($value) => ['as text' => 'yes'],
            is_int($value), is_float($value) => [
                'as text' => 'much',
                'too large' => 1_000_000,
                'too small' => -1_000_000,
                'a bit' => 0.123,
            ],
            is_string($value) => ['as a number' => 7, 'misspelt' => "{$value}?!", 'empty' => ''],
            is_array($value) => ['as a number' => 7, 'empty' => []],
            default => ['as text' => 'thing', 'as a list' => []],
        };
    }

    private static function with(mixed $document, string $path, string|int $key, mixed $to, bool $gone = false): mixed
    {
        $copy = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $part = &$copy;
        preg_match_all('/[^.\[\]]+/', $path, $found);
        foreach ($found[0] as $one) {
            if ($part instanceof \stdClass) {
                $part = &$part->{$one};
            } else {
                $part = &$part[(int) $one];
            }
        }
        if ($gone) {
            unset($part->{$key});
        } elseif ($part instanceof \stdClass) {
            $part->{$key} = $to;
        } else {
            $part[$key] = $to;
        }

        return $copy;
    }
}
