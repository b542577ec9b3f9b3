<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\Program;

/** Writes a program as its document; what has its default is left out where the schema says so. */
final class ProgramEncoder
{
    /** The canonical text: decoding it and encoding it again gives the same bytes. */
    public static function encode(Program $program): string
    {
        return CanonicalText::of([
            'format' => ProgramDecoder::FORMAT,
            'version' => ProgramDecoder::VERSION,
            ...Spelling::of($program),
        ]);
    }
}
