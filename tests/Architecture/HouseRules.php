<?php

namespace DuskSwitch\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The rules of the house, checked by PHPStan: imports run one way. */
final class HouseRules
{
    /** A folder of the core uses itself and those before it. */
    private const ORDER = [
        ['Kinds'],
        ['Units', 'Fault'],
        ['Document'],
        ['Kit'],
        ['Program'],
        ['Signal'],
        ['Space'],
        ['Airframe', 'Solve'],
        ['Proof', 'Link'],
        ['Telemetry', 'Bench'],
        ['Speech'],
        ['Flight'],
        ['Move', 'Rehearsal', 'Checklist'],
        ['Sheet'],
        ['Format'],
        ['Edits'],
        ['Log'],
        ['Analysis'],
        ['Logbook', 'Video'],
        ['Readiness'],
    ];

    public function testCoreKnowsNothingOfTheRest(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('DuskSwitch\Core'))
            ->canOnly()
            ->dependOn()
            ->classes(
                Selector::inNamespace('DuskSwitch\Core'),
                Selector::isStandardClass(),
                Selector::classname('BackedEnum'),
                Selector::classname('UnitEnum'),
            )
            ->because('the rules of the trade stand on their own');
    }

    public function testStandInsKnowTheCoreAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('DuskSwitch\StandIn'))
            ->canOnly()
            ->dependOn()
            ->classes(
                Selector::inNamespace('DuskSwitch\StandIn'),
                Selector::inNamespace('DuskSwitch\Core'),
                Selector::isStandardClass(),
            )
            ->because('they stand behind ports that the core defines');
    }

    public function testClassesAreFinal(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('DuskSwitch\Core'))
            ->excluding(Selector::isInterface(), Selector::isEnum())
            ->should()
            ->beFinal()
            ->because('they are composed, not extended');
    }

    public function testNamesSayWhatAThingIs(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname('/(Helper|Util|Utils|Manager|Service)$/', true))
            ->shouldNot()
            ->exist()
            ->because('such a name says nothing');
    }

    /** @return iterable<Rule> */
    #[\PHPat\Test\Attributes\TestRule]
    public function folders_of_the_core_run_one_way(): iterable
    {
        foreach (self::ORDER as $place => $group) {
            foreach ($group as $folder) {
                $later = array_merge([], ...array_slice(self::ORDER, $place + 1));
                $forbidden = [...$later, ...array_diff($group, [$folder])];
                if ($forbidden === []) {
                    continue;
                }
                yield PHPat::rule()
                    ->classes(Selector::inNamespace("DuskSwitch\\Core\\{$folder}"))
                    ->shouldNot()
                    ->dependOn()
                    ->classes(
                        ...array_map(fn (string $one) => Selector::inNamespace("DuskSwitch\\Core\\{$one}"), $forbidden),
                    )
                    ->because('inside the core data flows one way');
            }
        }
    }
}
