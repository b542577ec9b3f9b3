<?php

namespace DuskSwitch\Tests\Core;

use stdClass;

/**
 * A sailplane that uses all that a program can say, with names, channels and orders of its own: what the demo has no
 * need of is here.
 */
final class Everything
{
    /** The document's text. */
    public static function text(): string
    {
        return json_encode(self::document(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    private static function document(): stdClass
    {
        $document = json_decode(Given::demo('petrel'));
        $document->name = 'Möwe mit allem';
        $document->conditions->flicked = self::of([
            'taps' => ['control' => 'face-right', 'at' => 'away'],
            'count' => 2,
            'within' => 0.8,
        ]);
        $document->conditions->{'lights-on'} = self::of(['toggle' => ['control' => 'face-right', 'at' => 'away']]);
        $document->conditions->sinking = self::of([
            'all' => [
                ['held' => ['sensor' => 'climb', 'below' => -2.0, 'hysteresis' => 0.5], 'seconds' => 1.5],
                ['not' => ['function' => 'throttle', 'above' => -0.8]],
            ],
        ]);
        $document->conditions->remembered = self::of([
            'latch' => [
                'set' => ['control' => 'dial-left', 'above' => 0.5],
                'reset' => ['control' => 'dial-left', 'below' => -0.5],
            ],
        ]);
        $roll = $document->functions[0];
        $roll->deadband = 0.035;
        $roll->trim = self::of(['authority' => 0.175, 'perPhase' => true]);
        $roll->dualRates = self::of([
            ['when' => ['control' => 'face-left', 'at' => 'away'], 'rate' => [0.55, 0.6], 'expo' => 0.45],
            ['when' => 'remembered', 'rate' => 0.7, 'curve' => 'gentle'],
        ]);
        $document->functions[3]->trim = self::of(['authority' => 0.15, 'idle' => true]);
        $document->functions[1]->override = [self::of(['when' => 'sinking', 'value' => 0.25])];
        $document->functions[] = self::of(['id' => 'nick', 'name' => 'Kamera', 'purpose' => 'camera-tilt']);
        $document->functions[] = self::of([
            'id' => 'licht',
            'name' => 'Licht',
            'purpose' => 'lights',
            'steps' => [['id' => 'aus', 'value' => -0.85], ['id' => 'an', 'name' => 'Ganz hell', 'value' => 0.9]],
            'drive' => ['cases' => [['when' => 'lights-on', 'step' => 'an'], ['when' => 'flicked', 'step' => 'aus']]],
        ]);
        $document->functions[] = self::of([
            'id' => 'fest',
            'name' => 'Immer gleich',
            'steps' => [['id' => 'so', 'value' => 0.333]],
        ]);
        $document->curves->gentle = self::of(['points' => [[-1.0, -0.7], [-0.25, -0.1], [0.4, 0.2], [1.0, 0.8]]]);
        $document->curves->{'five-even'} = self::of([
            'points' => [[-1.0, -1.0], [-0.5, -0.3], [0.0, 0.0], [0.5, 0.3], [1.0, 1.0]],
            'smooth' => true,
        ]);
        $document->outputs[6]->travel = [1.25, 1.111];
        array_push(
            $document->outputs,
            ...self::of([
                [
                    'channel' => 9,
                    'name' => 'Haken',
                    'role' => 'other',
                    'feeds' => [
                        ['from' => ['axis' => 'yaw'], 'weight' => [0.4, 0.75], 'offset' => -0.125],
                        ['from' => ['control' => 'dial-right'], 'weight' => 0.5, 'curve' => 'five-even'],
                        ['from' => 1, 'weight' => 0.2, 'when' => 'remembered', 'delay' => 0.5, 'slow' => [1.0, 2.5]],
                        ['from' => ['output' => 6], 'weight' => -0.3, 'combine' => 'scale'],
                        ['from' => 'brake', 'weight' => -1.2, 'combine' => 'replace', 'when' => ['phase' => 'landing']],
                    ],
                    'travel' => [0.9, 1.2],
                    'reverse' => true,
                    'subtrim' => -0.084,
                    'limit' => [-0.8, 0.95],
                ],
                ['channel' => 10, 'name' => 'Licht', 'role' => 'other', 'feeds' => [['from' => 'licht']]],
                ['channel' => 11, 'name' => 'Leer', 'role' => 'other'],
                ['channel' => 12, 'name' => 'Fest', 'role' => 'other', 'feeds' => [['from' => 'fest', 'slow' => 3.0]]],
            ]),
        );
        $document->ring = self::of(['of' => ['roll', 'pitch'], 'limit' => 1.1]);
        $document->ladder = self::of([
            'phase' => 'cruise',
            'rungs' => [
                ['name' => 'Sanft', 'expo' => 0.5, 'rate' => 0.5, 'date' => '2026-05-01', 'note' => 'windstill'],
                ['name' => 'Frei', 'expo' => 0.2, 'rate' => 1.0],
            ],
            'at' => 1,
        ]);

        $document->sense->chain[1]->scales = self::of(['amperes' => 1.07, 'used' => 1.064]);
        $document->aboard->kit->memory = 'Platz 12';
        $document->aboard->kit->match = 12;
        $document->aboard->kit->parts = self::of([
            [
                'id' => 'strom', 'name' => 'Zweiter Regler', 'kind' => 'regulator', 'supply' => [7, 13], 'fed' => 'pack',
                'volts' => 6, 'gives' => 8000, 'plug' => 'medium',
            ],
            ['id' => 'ruder', 'name' => 'Flächenservo', 'kind' => 'servo', 'count' => 4, 'supply' => [4.8, 8.4], 'draw' => 1900, 'fed' => 'strom'],
            [
                'id' => 'bild', 'name' => 'Bildsender', 'kind' => 'video', 'supply' => 5, 'draw' => 700, 'fed' => 'strom',
                'port' => 'usb', 'system' => 'Bild', 'generation' => 4,
            ],
            ['id' => 'schirm', 'name' => 'Bildschirm', 'kind' => 'display', 'fed' => 'own', 'system' => 'Bild', 'generation' => 3],
        ]);
        $document->aboard->kit->ports = self::of([['port' => 'usb', 'owner' => 'Rechner']]);
        $document->aboard->readings = self::of([
            ['channel' => 2, 'sent' => [1100, 1500, 1900], 'read' => [1012.5, 1493, 1988]],
        ]);
        $document->aboard->throws = self::of([
            ['channel' => 5, 'unit' => 'mm', 'sent' => [1100, 1500, 1900], 'moved' => [-14.5, 0, 12.25], 'chord' => 48],
            ['channel' => 6, 'unit' => 'deg', 'sent' => [1100, 1500, 1900], 'moved' => [30, 1, -28.5]],
        ]);
        $document->aboard->accepted = self::of([['finding' => 'clip output:6', 'reason' => 'Der Anschlag ist gewollt']]);

        return $document;
    }

    /**
     * @param  array<mixed>  $value
     * @return ($value is list<mixed> ? list<stdClass> : stdClass)
     */
    private static function of(array $value): mixed
    {
        return json_decode(json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }
}
