<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Equipment\NeededDefinitions;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Header;
use DuskSwitch\Core\Format\Json;
use stdClass;

/**
 * A program with every definition that it uses, in one file (format `dusk-switch/export`): what another machine needs
 * for the same pulses, proof and rehearsal.
 */
final readonly class WholeExport
{
    public const FORMAT = 'dusk-switch/export';

    private const MOST_DEFINITIONS = 64;

    private const FLAGS =
        JSON_THROW_ON_ERROR |
        JSON_PRETTY_PRINT |
        JSON_UNESCAPED_SLASHES |
        JSON_UNESCAPED_UNICODE |
        JSON_PRESERVE_ZERO_FRACTION;

    /** @param  list<array{DefinitionKind, string, stdClass}>  $definitions  kind, id and document */
    private function __construct(public stdClass $program, public array $definitions) {}

    /** The file of a program's text. */
    public static function write(string $program, Equipment $equipment): string
    {
        $document = (object) json_decode($program);
        $definitions = [];
        foreach (NeededDefinitions::by($document) as [$kind, $id]) {
            $text = $equipment->text($kind, $id);
            if ($text !== null) {
                $definitions[] = ['kind' => $kind->value, 'document' => json_decode($text)];
            }
        }

        return json_encode(
            ['format' => self::FORMAT, 'version' => 1, 'program' => $document, 'definitions' => $definitions],
            self::FLAGS,
        )."\n";
    }

    /** True where a decoded text is such a file. */
    public static function is(mixed $value): bool
    {
        return $value instanceof stdClass && ($value->format ?? null) === self::FORMAT;
    }

    /**
     * What is in a file that {@see Json} decoded.
     *
     * @throws Refused with the path of everything that is wrong; a definition's faults stand below its own path
     */
    public static function read(mixed $value): self
    {
        $faults = new Faults();
        $node = new JsonCursor($value, '', $faults);
        Header::check($node, self::FORMAT, 1);
        $node->keys(['format', 'version', 'program', 'definitions']);
        $definitions = [];
        foreach ($node->at('definitions')?->items(self::MOST_DEFINITIONS) ?? [] as $index => $item) {
            $item->keys(['kind', 'document']);
            $kind = $item->at('kind')?->choice(DefinitionKind::class);
            $document = $value->definitions[$index]->document ?? null;
            if ($kind === null || ! ($document instanceof stdClass)) {
                continue;
            }
            try {
                $definitions[] = [$kind, $kind->decode(self::text($document))->id, $document];
            } catch (Refused $refused) {
                foreach ($refused->faults as $fault) {
                    $faults->add(
                        "definitions[{$index}].document".($fault->path === '' ? '' : ".{$fault->path}"),
                        $fault->says,
                    );
                }
            }
        }
        $program = $node->at('program');
        if ($program !== null && ! $program->isObject()) {
            $program->fault('must be a program document');
        }
        $faults->refuseAny();

        return new self($value->program, $definitions);
    }

    /** The text under which a definition is kept. */
    public static function text(stdClass $document): string
    {
        return json_encode($document, self::FLAGS);
    }
}
