<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ConstantSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Source\Source;
use LogicException;

/** What a feed takes its signal from: the id of a function, the constant 1, or an object that says what else. */
final readonly class SourceForm implements Form
{
    public function read(JsonCursor $node, Forms $forms): Source
    {
        if ($node->isText()) {
            return new FunctionSource($node->id());
        }
        if ($node->isNumber()) {
            $node->number(1, 1);

            return new ConstantSource();
        }
        foreach (['control', 'axis', 'output'] as $key) {
            $inside = $node->at($key);
            if ($inside !== null) {
                $node->keys([$key]);

                return match ($key) {
                    'control' => new ControlSource($inside->id()),
                    'axis' => new AxisSource($inside->choice(Axis::class)),
                    'output' => new OutputSource($inside->whole(1, 32)),
                };
            }
        }
        $node->fault('must be the id of a function, {"control": …}, {"axis": …}, {"output": …} or the constant 1');

        return new ConstantSource();
    }

    /** @return string|int|array<string, string|int> */
    public function write(mixed $value, Forms $forms): string|int|array
    {
        return match (true) {
            $value instanceof FunctionSource => $value->function,
            $value instanceof ControlSource => ['control' => $value->control],
            $value instanceof AxisSource => ['axis' => $value->axis->value],
            $value instanceof OutputSource => ['output' => $value->channel],
            $value instanceof ConstantSource => 1,
            default => throw new LogicException('No such source'),
        };
    }

    public function schema(Schema $schema): array
    {
        $object = fn (string $key, array $of): array => [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => [$key],
            'properties' => [$key => $of],
        ];

        return [
            'description' => 'a function\'s id, a control, an axis, an output with a lower number, or the constant 1',
            'oneOf' => [
                $schema->of(new Id()),
                ['const' => 1],
                $object('control', $schema->of(new Id())),
                $object('axis', $schema->of(Axis::class)),
                $object('output', ['type' => 'integer', 'minimum' => 1, 'maximum' => 32]),
            ],
        ];
    }
}
