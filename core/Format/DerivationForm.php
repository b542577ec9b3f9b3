<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Telemetry\Derivations;

/** How a value is calculated, by the id of the way. */
final readonly class DerivationForm implements Form
{
    public function read(JsonCursor $node, Forms $forms): Derivation
    {
        return $node->oneOf(Derivations::all());
    }

    public function write(mixed $value, Forms $forms): string
    {
        assert($value instanceof Derivation);

        return $value->id();
    }

    public function schema(Schema $schema): array
    {
        return ['enum' => array_keys(Derivations::all())];
    }
}
