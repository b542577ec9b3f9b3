<?php

namespace DuskSwitch\App\Equipment;

use stdClass;

/** The definitions that a program document names, and the document with other names for them. */
final class NeededDefinitions
{
    /** @return list<array{DefinitionKind, string}> kind and id, each once */
    public static function by(stdClass $document): array
    {
        $needed = [];
        self::each($document, function (DefinitionKind $kind, string $id) use (&$needed): string {
            $needed["{$kind->value} {$id}"] = [$kind, $id];

            return $id;
        });

        return array_values($needed);
    }

    /** @param  array<string, string>  $ids  new ids by kind and old id, such as "packs winter" */
    public static function renamed(stdClass $document, array $ids): stdClass
    {
        $copy = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $copy instanceof stdClass &&
            self::each($copy, fn (DefinitionKind $kind, string $id): string => $ids["{$kind->value} {$id}"] ?? $id);

        return $copy instanceof stdClass ? $copy : $document;
    }

    /** @param  callable(DefinitionKind, string): string  $with  gets each id, and gives what stands there afterwards */
    private static function each(stdClass $document, callable $with): void
    {
        $kit = $document->aboard->kit ?? null;
        $places = [
            [$document, 'transmitter', DefinitionKind::Transmitters],
            [$document, 'receiver', DefinitionKind::Receivers],
            [$document, 'controller', DefinitionKind::Controllers],
            [$kit, 'pack', DefinitionKind::Packs],
            [$kit, 'speedController', DefinitionKind::SpeedControllers],
        ];
        $chain = $document->sense->chain ?? [];
        foreach (is_array($chain) ? $chain : [] as $fitted) {
            $places[] = [$fitted, 'sensor', DefinitionKind::Sensors];
        }
        foreach ($places as [$part, $key, $kind]) {
            if ($part instanceof stdClass && is_string($part->{$key} ?? null)) {
                $part->{$key} = $with($kind, $part->{$key});
            }
        }
    }
}
