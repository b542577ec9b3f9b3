<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\Core\Airframe\DerivedMeanings;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Kit\Transmitters;
use DuskSwitch\Core\Move\FormerNames;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProgramSummary;
use DuskSwitch\Core\Program\SummaryItem;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Telemetry\CatalogueNames;
use stdClass;

/** Where a document becomes a program with its transmitter, once, at the edge. */
final readonly class Bench
{
    public function __construct(
        private Transmitters $transmitters,
        private Catalogue $catalogue,
        private Equipment $equipment,
        private CircuitCache $cache,
    ) {}

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
        $named = fn (string $key): string => $document instanceof stdClass && is_string($document->{$key} ?? null)
            ? $document->{$key}
            : '';
        $definitions = [
            $this->equipment->text(DefinitionKind::Transmitters, $named('transmitter')),
            $this->equipment->text(DefinitionKind::Controllers, $named('controller')),
        ];

        return $this->cache->circuit($document, $definitions, fn (): Circuit => $this->compiled($document));
    }

    private function compiled(mixed $document): Circuit
    {
        $program = ProgramDecoder::read($document);
        $transmitter = $this->transmitter($program->transmitter);
        $program = FormerNames::controls($program, $transmitter);
        $controller = $this->catalogue->controller($program->controller ?? '');

        $program = $controller === null ? $program : FormerNames::modes($program, $controller);

        return Compiler::compile(DerivedMeanings::withModes($program, $controller), $transmitter);
    }

    /**
     * What to key in for a document's text.
     *
     * @param  string  $transmitter  the id of another transmitter than the program's; empty for its own
     *
     * @throws Refused
     */
    public function sheet(string $text, string $transmitter): Sheet
    {
        $circuit = $this->circuit($text);
        $own = $circuit->panel->transmitter;

        return Sheet::elsewhere(
            $circuit->program,
            $own,
            $transmitter === '' ? $own : $this->transmitter($transmitter),
            $this->catalogue,
        );
    }

    /** @return array<string, SummaryItem> what can be said of a program, ready to be compared with another */
    public function summary(Program $program): array
    {
        return ProgramSummary::of(
            $program,
            $this->transmitter($program->transmitter),
            new CatalogueNames($program, $this->catalogue),
        );
    }

    /**
     * A transmitter in Equipment.
     *
     * @throws Refused where there's no such one
     */
    public function transmitter(string $id): Transmitter
    {
        return $this->transmitters->find($id) ??
            throw Refused::because(
                'transmitter',
                "there is no transmitter \"{$id}\" in Equipment; there is ".implode(', ', $this->transmitters->ids()),
            );
    }
}
