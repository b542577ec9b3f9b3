<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Format\Kit\SlotDecoder;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Program\AcceptedFinding;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Installation;

/** What stood otherwise in program documents of version 1. */
final class FromVersion1
{
    /** What flies with the program: the controller's set-up was its ranges alone. */
    public static function aboard(JsonCursor $node): Installation
    {
        $node->keys([], ['kit', 'slots', 'failsafe', 'startCheck', 'accepted']);
        $slots = SlotDecoder::list($node->at('slots'));
        $aboard = AboardDecoder::with($node, new ControllerSetup(modes: $slots === [] ? null : $slots));

        return $aboard->with(
            accepted: array_map(
                fn (AcceptedFinding $one): AcceptedFinding => new AcceptedFinding(
                    self::key($one->finding),
                    $one->reason,
                ),
                $aboard->accepted,
            ),
        );
    }

    /** Notes a fault for each key that only came with version 2. */
    public static function refuseNewKeys(JsonCursor $document): void
    {
        $family = $document->at('family');
        if ($family?->isText() === true && $family->text() === Family::GroundVehicle->value) {
            $family->fault('ground vehicles came with version 2; say "version": 2');
        }
        self::refuse($document, 'trainer');
        foreach (['logging', 'reset', 'pages', 'language', 'blanked'] as $key) {
            self::refuse($document->at('sense'), $key);
        }
        foreach ($document->at('functions')?->items(64) ?? [] as $function) {
            self::refuse($function, 'purpose');
            self::refuse($function, 'dualRates');
            self::refuse($function->at('trim'), 'perPhase');
            foreach ($function->at('steps')?->items(16) ?? [] as $step) {
                self::refuse($step, 'means');
            }
        }
        foreach ($document->at('outputs')?->items(32) ?? [] as $output) {
            self::refuse($output, 'role');
        }
    }

    private static function refuse(?JsonCursor $node, string $key): void
    {
        if ($node?->isObject() === true && $node->has($key)) {
            $node->at($key)?->fault('came with version 2; say "version": 2, or take it away');
        }
    }

    /** An acceptance named the words of its finding, too, by a hash. */
    private static function key(string $finding): string
    {
        return (string) preg_replace('/ [0-9a-f]{12}$/', '', $finding);
    }
}
