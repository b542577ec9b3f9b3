<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Hangar\WholeExport;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;

/** Programs from files: documents, or whole exports, whose definitions then count before all others. */
final readonly class Programs
{
    public function __construct(private Equipment $equipment) {}

    /**
     * The text of the program in a file.
     *
     * @throws Refused where it can't be read
     */
    public function read(string $file): string
    {
        $text = Source::read($file);
        if (! str_contains($text, WholeExport::FORMAT)) {
            return $text;
        }
        $value = Json::decode($text, Json::MAX_BODY_BYTES);
        if (! WholeExport::is($value)) {
            return $text;
        }
        $export = WholeExport::read($value);
        foreach ($export->definitions as [$kind, $id, $document]) {
            $this->equipment->borrow($kind, $id, WholeExport::text($document));
        }

        return WholeExport::text($export->program);
    }
}
