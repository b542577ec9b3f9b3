<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Kit\Transmitters;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;

/** Where a document becomes a program with its transmitter, once, at the edge. */
final readonly class Bench
{
    public function __construct(private Transmitters $transmitters) {}

    /**
     * The circuit of a document's text; its program is in it.
     *
     * @throws Refused
     */
    public function circuit(string $text): Circuit
    {
        return $this->read(Json::decode($text));
    }

    /**
     * The circuit of a document that {@see Json} decoded.
     *
     * @throws Refused
     */
    public function read(mixed $document): Circuit
    {
        $program = ProgramDecoder::read($document);

        return Compiler::compile($program, $this->transmitterOf($program));
    }

    /**
     * The transmitter that a program is for.
     *
     * @throws Refused
     */
    private function transmitterOf(Program $program): Transmitter
    {
        return $this->transmitters->find($program->transmitter) ?? throw Refused::because(
            'transmitter',
            "there is no transmitter \"{$program->transmitter}\" in Stores; there is ".implode(', ', $this->transmitters->ids()),
        );
    }
}
