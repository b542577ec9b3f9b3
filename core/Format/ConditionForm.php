<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Program\Condition\Condition;

/** A condition: the name of one, or one written out. */
final readonly class ConditionForm implements Form
{
    public function read(JsonCursor $node, Forms $forms): Condition
    {
        return ConditionDecoder::decode($node);
    }

    /** @return string|array<string, mixed> */
    public function write(mixed $value, Forms $forms): string|array
    {
        assert($value instanceof Condition);

        return ConditionEncoder::encode($value);
    }

    public function schema(Schema $schema): array
    {
        $id = $schema->of(new Id());
        $signal = $schema->of(new Number(-1.5, 1.5));
        $measure = $schema->of(new Number(-1e6, 1e6));
        $back = ['description' => 'how far it must be back before the condition lets go', ...$schema->of(new Number(0, 1e6))];
        $inside = ['$ref' => '#/$defs/condition'];
        $some = ['type' => 'array', 'minItems' => 1, 'maxItems' => 16, 'items' => $inside];
        $two = ['description' => '[function, step]', 'type' => 'array', 'minItems' => 2, 'maxItems' => 2, 'items' => $id];

        return $schema->named('condition', [
            '$comment' => 'at most '.ConditionDecoder::DEEPEST.' deep in one another, and '.
                ProgramDecoder::MOST_CONDITIONS.' in a whole program, those inside others counted',
            'oneOf' => [
                ['description' => 'the name of a condition', ...$id],
                self::all(['control' => $id, 'at' => $schema->of(new Text())]),
                self::all(['control' => $id, 'above' => $signal]),
                self::all(['control' => $id, 'below' => $signal]),
                self::all(['function' => $id, 'above' => $signal]),
                self::all(['function' => $id, 'below' => $signal]),
                self::all(
                    ['sensor' => $id, 'above' => $measure],
                    'a telemetry value, in the base unit of what it is (m, m/s, V, A, mAh, %, …)',
                    ['hysteresis' => $back],
                ),
                self::all(['sensor' => $id, 'below' => $measure], '', ['hysteresis' => $back]),
                self::all(['step' => $two]),
                self::all(['phase' => $id]),
                self::all(['all' => $some]),
                self::all(['any' => $some]),
                self::all(['not' => $inside]),
                self::all(['held' => $inside, 'seconds' => $schema->of(new Number(0, 60))], 'held without a break'),
                self::all(
                    ['latch' => self::all(['set' => $inside, 'reset' => $inside])],
                    'from set until reset; reset wins',
                ),
                self::all(['toggle' => $inside], 'each rising edge changes it over'),
                self::all(
                    ['taps' => $inside, 'count' => ['enum' => [1, 2]], 'within' => $schema->of(new Number(0.1, 2))],
                    'a single or a double press, for one tick',
                ),
            ],
        ]);
    }

    /**
     * An object that must have all of these keys.
     *
     * @param  array<string, mixed>  $needed
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function all(array $needed, string $says = '', array $more = []): array
    {
        return [
            ...$says === '' ? [] : ['description' => $says],
            'type' => 'object',
            'additionalProperties' => false,
            'required' => array_keys($needed),
            'properties' => [...$needed, ...$more],
        ];
    }
}
