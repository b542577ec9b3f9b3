<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Three;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Program\SurfaceThrow;
use DuskSwitch\Core\Program\ThrowUnit;

/** How far a surface moved: spelt by hand, as how far it can move hangs on the unit. */
final readonly class ThrowForm implements Form
{
    private const FURTHEST = 500;

    public function read(JsonCursor $node, Forms $forms): SurfaceThrow
    {
        $node->keys(['channel', 'unit', 'sent', 'moved'], ['chord']);
        $unit = $node->need('unit')->choice(ThrowUnit::class);
        $most = $unit->most();
        $sent = (new Three(500, 2500))->read($node->need('sent'), $forms);
        $moved = (new Three(-$most, $most))->read($node->need('moved'), $forms);
        if (! ($sent[0] < $sent[1] && $sent[1] < $sent[2])) {
            $node->at('sent')?->fault('must rise: low end, centre, high end');
        }
        $way = $moved[1] <=> $moved[0];
        if ($way === 0 || $way !== ($moved[2] <=> $moved[1])) {
            $node->at('moved')?->fault('must go one way from the low end to the high end, past the centre');
        }

        return new SurfaceThrow(
            channel: $node->need('channel')->whole(1, 32),
            unit: $unit,
            sent: $sent,
            moved: $moved,
            chord: $node->at('chord')?->number(1, 1000),
        );
    }

    /** @return array<string, mixed> */
    public function write(mixed $value, Forms $forms): array
    {
        assert($value instanceof SurfaceThrow);

        return [
            'channel' => $value->channel,
            'unit' => $value->unit->value,
            'sent' => $value->sent,
            'moved' => $value->moved,
            ...$value->chord === null ? [] : ['chord' => $value->chord],
        ];
    }

    public function schema(Schema $schema): array
    {
        $says = fn (string $what, Form $form): array => ['description' => $what, ...$schema->of($form)];

        return $schema->named('surfaceThrow', [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => ['channel', 'unit', 'sent', 'moved'],
            'properties' => [
                'channel' => $schema->of(new Whole(1, 32)),
                'unit' => ['description' => 'mm at the trailing edge, or degrees', ...$schema->of(ThrowUnit::class)],
                'sent' => $says('low end, centre, high end as sent, in µs, rising', new Three(500, 2500)),
                'moved' => $says(
                    'what was measured for each: down or right positive, 0 in line; all one way',
                    new Three(-self::FURTHEST, self::FURTHEST),
                ),
                'chord' => $says('mm from the hinge to the trailing edge', new Number(1, 1000)),
            ],
        ]);
    }
}
