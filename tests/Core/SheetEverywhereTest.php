<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\SheetEncoder;
use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Section;
use DuskSwitch\Core\Sheet\Sheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever is flown with whatever transmitter: the sheet can be keyed in. */
final class SheetEverywhereTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function sheets(): iterable
    {
        foreach (array_keys(Given::demos()) as $demo) {
            foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $for) {
                yield "{$demo} on {$for}" => [$demo, $for];
            }
        }
    }

    #[DataProvider('sheets')]
    public function test_it_begins_with_an_empty_program_and_says_everything_once(string $demo, string $for): void
    {
        $sheet = self::sheet($demo, $for);
        self::assertSame(
            ['Begin', 'Look once more'],
            [$sheet->sections[0]->title ?? '', $sheet->sections[count($sheet->sections) - 1]->title],
        );
        self::assertSame('empty: inherit nothing', $sheet->sections[0]->lines[0]->value ?? '');
        foreach ($sheet->sections as $section) {
            $what = array_map(fn (Line $line): string => "{$line->what}: {$line->value}", $section->lines);
            self::assertSame($what, array_values(array_unique($what)), $section->title);
            self::assertNotSame([], $what, $section->title);
        }
    }

    #[DataProvider('sheets')]
    public function test_every_channel_that_comes_along_is_on_it(string $demo, string $for): void
    {
        $sheet = self::sheet($demo, $for);
        $channels = array_map(fn ($output): string => "{$output->channel} {$output->name}", $sheet->program->outputs);
        $lines = array_column(array_column($sheet->sections, null, 'title')['Channels']->lines ?? [], 'what');
        foreach ($channels as $channel) {
            self::assertNotSame(
                [],
                array_filter($lines, fn (string $what): bool => str_starts_with($what, $channel)),
                $channel,
            );
        }
    }

    #[DataProvider('sheets')]
    public function test_what_cannot_be_held_says_what_was_wanted_and_is_counted(string $demo, string $for): void
    {
        $sheet = self::sheet($demo, $for);
        $lost = array_filter(
            array_merge(...array_map(fn (Section $section): array => $section->lines, $sheet->sections)),
            fn (Line $line): bool => $line->lost !== null,
        );

        self::assertSame(count($lost), $sheet->compromises());
        foreach ($lost as $line) {
            self::assertNotNull($line->wanted);
            self::assertNotSame($line->wanted, $line->value, "{$line->what} lost nothing");
        }
    }

    #[DataProvider('sheets')]
    public function test_on_paper_and_in_a_table_stand_the_same_lines(string $demo, string $for): void
    {
        $sheet = self::sheet($demo, $for);
        $lines = array_sum(array_map(fn (Section $section): int => count($section->lines), $sheet->sections));
        $csv = SheetEncoder::csv($sheet);
        $file = fopen('php://memory', 'r+') ?: self::fail();
        fwrite($file, $csv);
        rewind($file);
        $rows = [];
        while (($row = fgetcsv($file, escape: '')) !== false) {
            $rows[] = $row;
        }

        self::assertSame(['section', 'what', 'value', 'wanted', 'lost'], $rows[0] ?? []);
        self::assertCount($lines + 1, $rows);
        self::assertSame([5], array_values(array_unique(array_map(count(...), $rows))));
    }

    private static function sheet(string $demo, string $for): Sheet
    {
        $circuit = Given::circuit(Given::demo($demo));

        return Sheet::elsewhere(
            $circuit->program,
            $circuit->panel->transmitter,
            Given::transmitter($for),
            Given::catalogue(),
        );
    }
}
