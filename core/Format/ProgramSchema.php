<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Document\SchemaText;
use DuskSwitch\Core\Program\Program;

/** The JSON Schema (2020-12) of a program document, made from its declarations. */
final class ProgramSchema
{
    /** As it stands in `schema/program.schema.json`. */
    public static function text(): string
    {
        $schema = new Schema(Spelling::forms());
        $program = $schema->part(Spelling::forms()->declaration(Program::class));
        $header = [
            'format' => ['const' => ProgramDecoder::FORMAT],
            'version' => ['const' => ProgramDecoder::VERSION],
        ];

        return SchemaText::of([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://dusk-switch.example/schema/program.schema.json',
            'title' => 'Program',
            'description' => 'A transmitter program: what the pilot means, by which control, on which channels. '.
                'Signals are numbers, 1.0 = 100 %.',
            ...$program,
            'required' => [...array_keys($header), ...(array) $program['required']],
            'properties' => [...$header, ...(array) $program['properties']],
            '$defs' => $schema->definitions(),
        ]);
    }
}
