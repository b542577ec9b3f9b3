<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\AcceptedFinding;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Installation;
use LogicException;

/** What stood otherwise in program documents of version 1. */
final readonly class FromVersion1 implements Form
{
    /** What flies with the program: the controller's set-up was its ranges alone. */
    public function read(JsonCursor $node, Forms $forms): Installation
    {
        $node->keys([], ['kit', 'slots', 'failsafe', 'startCheck', 'accepted']);
        if (! $node->isObject()) {
            return new Installation();
        }
        $modes = array_map(
            fn (JsonCursor $slot): Slot => Spelling::read(Slot::class, $slot),
            $node->at('slots')?->items(64) ?? [],
        );
        $aboard = Spelling::forms()
            ->declaration(Installation::class)
            ->readWith(
                $node->only('kit', 'failsafe', 'startCheck', 'accepted'),
                $forms,
                ['controller' => new ControllerSetup(modes: $modes === [] ? null : $modes)],
            );

        return $aboard->with(
            accepted: array_map(
                fn (AcceptedFinding $one): AcceptedFinding => new AcceptedFinding(
                    finding: self::key($one->finding),
                    reason: $one->reason,
                ),
                $aboard->accepted,
            ),
        );
    }

    public function write(mixed $value, Forms $forms): never
    {
        throw new LogicException('Nothing is written as it stood in version 1');
    }

    public function schema(Schema $schema): never
    {
        throw new LogicException('The schema of version 1 is kept as it was');
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
