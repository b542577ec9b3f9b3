<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Units\Ruler;

/** What a receiver does with a channel when the link is lost: a pulse, or a word. */
final readonly class FailsafeForm implements Form
{
    public function read(JsonCursor $node, Forms $forms): Failsafe
    {
        if ($node->isNumber()) {
            return Failsafe::at($node->whole(Ruler::FROM, Ruler::TO));
        }
        $word = $node->text();
        if (! in_array($word, ['hold', 'off'], true)) {
            $node->fault('must be a pulse in µs, "hold" or "off"');
        }

        return $word === 'hold' ? Failsafe::hold() : Failsafe::off();
    }

    public function write(mixed $value, Forms $forms): string|int
    {
        assert($value instanceof Failsafe);

        return $value->pulse ?? ($value->holds ? 'hold' : 'off');
    }

    public function schema(Schema $schema): array
    {
        return [
            'description' => 'a pulse in µs, hold (keeps the last) or off (no pulses)',
            'oneOf' => [
                ['type' => 'integer', 'minimum' => Ruler::FROM, 'maximum' => Ruler::TO],
                ['enum' => ['hold', 'off']],
            ],
        ];
    }
}
