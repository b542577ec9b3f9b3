<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Equipment\NeededDefinitions;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Takes a whole export in: its definitions beside those that are there, then its program. */
final readonly class Import
{
    private const NOTE = 'Imported from a file';

    public function __construct(private Equipment $equipment, private Bench $bench, private Hangar $hangar) {}

    /**
     * The definitions that are here already, and different.
     *
     * @return list<array{kind: string, id: string, name: string, shipped: bool, here: stdClass, there: stdClass}>
     */
    public function differing(WholeExport $export): array
    {
        $differing = [];
        foreach ($export->definitions as [$kind, $id, $document]) {
            $here = $this->equipment->text($kind, $id);
            if ($here !== null && json_decode($here) != $document) {
                $name = is_string($document->name ?? null) ? $document->name : $id;
                $differing[] = [
                    'kind' => $kind->value,
                    'id' => $id,
                    'name' => $name,
                    'shipped' => $this->equipment->isShipped($kind, $id),
                    'here' => (object) json_decode($here),
                    'there' => $document,
                ];
            }
        }

        return $differing;
    }

    /**
     * Takes everything in, or nothing.
     *
     * @param  array<string, Decision>  $decisions  by kind and id, such as "packs winter", for those that differ
     */
    public function take(WholeExport $export, array $decisions): Aircraft
    {
        return DB::transaction(function () use ($export, $decisions): Aircraft {
            $renamed = [];
            foreach ($export->definitions as [$kind, $id, $document]) {
                $renamed += $this->keep($kind, $id, $document, $decisions["{$kind->value} {$id}"] ?? Decision::New);
            }
            $program = $this->bench->read(NeededDefinitions::renamed($export->program, $renamed))->program;

            return $this->hangar->add($program, self::NOTE);
        });
    }

    /** @return array<string, string> the new id where it is kept under one */
    private function keep(DefinitionKind $kind, string $id, stdClass $document, Decision $decision): array
    {
        $here = $this->equipment->text($kind, $id);
        if ($here !== null && (json_decode($here) == $document || $decision === Decision::Leave)) {
            return [];
        }
        $kept = clone $document;
        if ($here !== null && ($decision === Decision::New || $this->equipment->isShipped($kind, $id))) {
            $kept->id = $this->freeId($kind, $id);
            $kept->name = mb_substr(is_string($document->name ?? null) ? $document->name : $id, 0, 48).' (imported)';
        }
        $this->equipment->keep($kind, WholeExport::text($kept));

        return $kept->id === $id ? [] : ["{$kind->value} {$id}" => (string) $kept->id];
    }

    private function freeId(DefinitionKind $kind, string $id): string
    {
        for ($number = 2; ; $number++) {
            $free = substr($id, 0, 36)."-{$number}";
            if ($this->equipment->text($kind, $free) === null && $this->equipment->revisions($kind, $free) === []) {
                return $free;
            }
        }
    }
}
