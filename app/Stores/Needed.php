<?php

namespace DuskSwitch\App\Stores;

use stdClass;

/** The definitions that a program document names, and the document with other names for them. */
final class Needed
{
    /** @return list<array{Kind, string}> kind and id, each once */
    public static function by(stdClass $document): array
    {
        $needed = [];
        self::each($document, function (Kind $kind, string $id) use (&$needed): string {
            $needed["{$kind->value} {$id}"] = [$kind, $id];

            return $id;
        });

        return array_values($needed);
    }

    /** @param  array<string, string>  $ids  new ids by kind and old id, such as "packs winter" */
    public static function renamed(stdClass $document, array $ids): stdClass
    {
        $copy = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $copy instanceof stdClass && self::each($copy, fn (Kind $kind, string $id): string => $ids["{$kind->value} {$id}"] ?? $id);

        return $copy instanceof stdClass ? $copy : $document;
    }

    /** @param  callable(Kind, string): string  $with  gets each id, and gives what stands there afterwards */
    private static function each(stdClass $document, callable $with): void
    {
        $kit = $document->aboard->kit ?? null;
        $places = [
            [$document, 'transmitter', Kind::Transmitters], [$document, 'receiver', Kind::Receivers], [$document, 'controller', Kind::Controllers],
            [$kit, 'pack', Kind::Packs], [$kit, 'speedController', Kind::SpeedControllers],
        ];
        $chain = $document->sense->chain ?? [];
        foreach (is_array($chain) ? $chain : [] as $fitted) {
            $places[] = [$fitted, 'sensor', Kind::Sensors];
        }
        foreach ($places as [$part, $key, $kind]) {
            if ($part instanceof stdClass && is_string($part->{$key} ?? null)) {
                $part->{$key} = $with($kind, $part->{$key});
            }
        }
    }
}
