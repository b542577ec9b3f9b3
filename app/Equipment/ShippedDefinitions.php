<?php

namespace DuskSwitch\App\Equipment;

/** The definitions that ship with the app: a document a file, a folder a kind. */
final readonly class ShippedDefinitions
{
    public function __construct(private string $folder) {}

    /** The text of a definition, or null. */
    public function text(DefinitionKind $kind, string $id): ?string
    {
        $file = "{$this->folder}/{$kind->value}/{$id}.json";

        return preg_match('/^[a-z][a-z0-9-]*$/D', $id) === 1 && is_file($file)
            ? (string) file_get_contents($file)
            : null;
    }

    /** @return array<string, string> texts by id */
    public function all(DefinitionKind $kind): array
    {
        $texts = [];
        foreach (glob("{$this->folder}/{$kind->value}/*.json") ?: [] as $file) {
            $texts[basename($file, '.json')] = (string) file_get_contents($file);
        }

        return $texts;
    }
}
