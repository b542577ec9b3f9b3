<?php

namespace DuskSwitch\Tests\Core\Documents;

use BackedEnum;
use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Tests\Core\Given;
use stdClass;

/** What comes of reading a document: its canonical text, or its faults. In one form, so that it can be recorded. */
final class Reading
{
    /** Schemas, and how many documents of each are read, whole ones and spoilt ones. */
    public const AMOUNTS = [
        'program' => 10_000,
        'program.v1' => 2_000,
        'transmitter' => 1_500,
        'receiver' => 1_000,
        'controller' => 1_500,
        'pack' => 500,
        'speed-controller' => 500,
        'sensor' => 1_500,
        'scenario' => 1_000,
    ];

    public const BLOCK = 50;

    /** The document of a number, whole or spoilt; every third spoilt one is of the demo. */
    public static function document(string $schema, int $number, bool $isSpoilt): string
    {
        $known = $isSpoilt && $number % 3 === 0 ? self::known($schema) : [];
        $document =
            $known === []
                ? FromSchema::document($schema, $number)
                : json_decode((string) file_get_contents($known[intdiv($number, 3) % count($known)]));
        assert($document instanceof stdClass);

        return json_encode(
            $isSpoilt ? SpoiltDocument::of($document, $number) : $document,
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @return list<string> files of the demo */
    private static function known(string $schema): array
    {
        return glob(
            match ($schema) {
                'program' => Given::DEMO.'/*.json',
                'program.v1' => __DIR__.'/../version1/*.json',
                default => Given::DEMO."/stores/{$schema}s/*.json",
            },
        ) ?:
            [];
    }

    /** What comes of reading a text. */
    public static function of(string $schema, string $text): string
    {
        try {
            return str_starts_with($schema, 'program')
                ? ProgramEncoder::encode(ProgramDecoder::decode($text))
                : (string) json_encode(self::values(DefinitionKind::from("{$schema}s")->decode($text)));
        } catch (Refused $refused) {
            $faults = array_map(strval(...), $refused->faults);
            sort($faults);

            return implode("\n", $faults);
        }
    }

    /** One line for all that comes of a block of documents. */
    public static function block(string $schema, int $block, bool $isSpoilt): string
    {
        $all = '';
        for ($number = $block * self::BLOCK; $number < ($block + 1) * self::BLOCK; $number++) {
            $all .= self::of($schema, self::document($schema, $number, $isSpoilt))."\0";
        }

        return sprintf(
            '%s %s %d %s',
            $schema,
            $isSpoilt ? 'spoilt' : 'whole',
            $block,
            substr(hash('sha256', $all), 0, 16),
        );
    }

    /** A value by the names of what is in it, whatever its classes are called. */
    private static function values(mixed $of): mixed
    {
        if ($of instanceof BackedEnum) {
            return $of->value;
        }
        if (is_object($of)) {
            $of = get_object_vars($of);
            ksort($of);
        }

        return is_array($of) ? array_map(self::values(...), $of) : $of;
    }
}
