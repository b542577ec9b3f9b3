<?php

namespace DuskSwitch\Tests\Core\Documents;

use DuskSwitch\Core\Document\Ids;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Arming;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Tests\Core\Everything;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a program names is found and renamed wherever it stands: in drives, feeds, conditions, checks and phrases. */
final class IdsTest extends TestCase
{
    private static function program(): Program
    {
        return ProgramDecoder::decode(Everything::text());
    }

    /** The id is gone wherever it named that kind of thing, and nothing else has changed. */
    #[TestWith([Names::Control, 'face-right', 2])]
    #[TestWith([Names::Control, 'dial-left', 2])]
    #[TestWith([Names::Curve, 'gentle', 1])]
    #[TestWith([Names::Function, 'throttle', 3])]
    #[TestWith([Names::Phase, 'landing', 3])]
    #[TestWith([Names::Value, 'climb', 2])]
    public function test_all_that_names_a_thing_names_it_otherwise(Names $kind, string $id, int $least): void
    {
        $program = self::program();
        self::assertContains($id, Ids::of($program, $kind));
        $count = 0;
        $to = function (Names $what, string $one) use ($kind, $id, &$count): string {
            $isMeant = $what === $kind && $one === $id;
            $count += $isMeant ? 1 : 0;

            return $isMeant ? 'renamed' : $one;
        };
        $renamed = Ids::map($program, $to);
        self::assertGreaterThanOrEqual($least, $count);
        self::assertNotContains($id, Ids::of($renamed, $kind));
        self::assertContains('renamed', Ids::of($renamed, $kind));
        $back = Ids::map($renamed, fn (Names $what, string $one): string => $one === 'renamed' ? $id : $one);
        self::assertSame(ProgramEncoder::encode($program), ProgramEncoder::encode($back));
    }

    public function test_nothing_is_copied_where_nothing_is_renamed(): void
    {
        $program = self::program();
        self::assertSame($program, Ids::map($program, fn (Names $what, string $id): string => $id));
    }

    /** The ranges that arm have no mode: a mode that was called "armed" once isn't theirs. */
    public function test_what_is_given_by_its_place_names_nothing(): void
    {
        $slot = fn (string $mode): Slot => new Slot(mode: $mode, channel: 5, from: 1700, to: 2100);
        $setup = new ControllerSetup(
            modes: [$slot('armed')],
            arming: new Arming(by: ArmedBy::Range, ranges: [$slot('armed')]),
        );
        $renamed = Ids::map($setup, fn (Names $what, string $id): string => 'horizon');
        self::assertSame('horizon', $renamed->modes[0]->mode ?? null);
        self::assertSame('armed', $renamed->arming->ranges[0]->mode ?? null);
    }
}
