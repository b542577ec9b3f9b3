<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\GlanceColumns;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\GlanceCell;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Program\Telemetry\GlancePage;
use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Telemetry\GlanceCheck;
use DuskSwitch\Core\Telemetry\ObviousPages;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a pilot looks at, page by page, with sensors and names of one's own. */
final class GlancePagesTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $pages */
    private static function program(array $pages, string $demo = 'petrel'): Program
    {
        $document = json_decode(Given::demo($demo));
        $document->sense->chain = [
            ['id' => 'ort', 'sensor' => 'curlew-gps'],
            ['id' => 'strom', 'sensor' => 'teal-current'],
        ];
        $document->sense->values = [
            ['id' => 'weg', 'name' => 'Weg', 'does' => 'distance', 'of' => ['ort-latitude', 'ort-longitude']],
            ['id' => 'zeig', 'name' => 'Richtung', 'does' => 'bearing', 'of' => ['ort-latitude', 'ort-longitude']],
            ['id' => 'zelle', 'name' => 'Zelle', 'does' => 'cell-average', 'of' => ['strom-volts']],
            ['id' => 'rang', 'name' => 'Rang', 'does' => 'scale', 'of' => ['strom-volts']],
        ];
        $document->sense->calls = [
            [
                'id' => 'leer',
                'name' => 'Leer',
                'when' => ['sensor' => 'zelle', 'below' => 3.5],
                'priority' => 'warning',
                'says' => ['leer'],
            ],
        ];
        $document->sense->pages = $pages;
        unset($document->conditions, $document->sense->tone);

        return ProgramDecoder::read(Json::decode((string) json_encode($document)));
    }

    /** @return list<string> */
    private static function told(array $pages): array
    {
        $program = self::program($pages);

        return array_map(
            fn (array $one): string => "{$one[0]} {$one[1]->level->value}: {$one[1]->says}",
            (new GlanceCheck($program, Values::of($program, Given::catalogue())))->points(),
        );
    }

    /** @return array<string, mixed> */
    private static function page(string ...$values): array
    {
        return [
            'id' => 'seite',
            'name' => 'Seite',
            'cells' => array_map(fn (string $one): array => ['value' => $one], array_values($values)),
        ];
    }

    public function test_a_page_of_four_that_shows_what_warns_is_fine(): void
    {
        self::assertSame([], self::told([self::page('zelle', 'weg', 'strom-used', 'ort-speed')]));
        self::assertSame([], self::told([]), 'without pages nothing is asked of them');
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function troubles(): array
    {
        return [
            'too many for a glance' => [
                self::page('zelle', 'weg', 'strom-used', 'ort-speed', 'zeig'),
                'page:seite look: Seite has 5 values: they are small and not read at a glance.',
            ],
            'nothing' => [self::page(), 'page:seite look: Seite shows nothing.'],
            'twice' => [self::page('zelle', 'zelle'), 'page:seite look: Seite shows Zelle twice.'],
            'nothing sends it' => [
                self::page('zelle', 'hoehe'),
                'page:seite wrong: Seite shows “hoehe”, which nothing sends.',
            ],
            'what warns is on none' => [self::page('weg'), 'pages look: Leer warns of Zelle, and no page shows it.'],
            'the pack is on none' => [self::page('weg'), 'pages look: No page shows how the pack stands.'],
            'the way home is on none' => [self::page('zelle'), 'pages look: No page shows the way home.'],
            'a bar without ends' => [
                [
                    'id' => 'seite',
                    'name' => 'Seite',
                    'cells' => [['value' => 'zelle'], ['value' => 'rang', 'look' => 'bar']],
                ],
                'page:seite wrong: Seite: nobody knows between which ends Rang stays, so no bar can be drawn.',
            ],
            'an arrow of no bearing' => [
                [
                    'id' => 'seite',
                    'name' => 'Seite',
                    'cells' => [['value' => 'zelle'], ['value' => 'weg', 'look' => 'arrow']],
                ],
                'page:seite wrong: Seite: Weg is no bearing from home, so no arrow can follow it.',
            ],
            'a phase that is gone' => [
                ['phase' => 'fort'] + self::page('zelle'),
                'page:seite wrong: Seite is for a phase “fort”, and there is none.',
            ],
        ];
    }

    /** @param  array<string, mixed>  $page */
    #[DataProvider('troubles')]
    public function test_what_is_wrong_with_a_page_is_told(array $page, string $wanted): void
    {
        self::assertContains($wanted, self::told([$page]));
    }

    public function test_the_obvious_pages_are_made_of_what_there_is_and_are_offered_once(): void
    {
        $program = self::program([]);
        $values = Values::of($program, Given::catalogue());
        $pages = ObviousPages::of($program, $values);

        self::assertSame(
            [
                'Flight' => ['zelle', 'strom-used', 'link-quality', 'ort-altitude'],
                'Way home' => ['zeig', 'weg', 'ort-altitude', 'ort-speed'],
            ],
            array_combine(
                array_column($pages, 'name'),
                array_map(fn (GlancePage $one): array => array_column($one->cells, 'value'), $pages),
            ),
        );
        self::assertSame(GlanceLook::Arrow, $pages[1]->cells[0]->look);
        $taken = $program->with(sense: $program->sense->with(pages: $pages));
        self::assertSame([], ObviousPages::of($taken, $values));
        self::assertSame([], (new GlanceCheck($taken, $values))->points());
    }

    public function test_a_multirotors_picture_keeps_its_middle_clear(): void
    {
        $program = ProgramDecoder::read(Json::decode(Given::demo('nightjar')));
        $picture = array_column(ObviousPages::of($program, Values::of($program, Given::catalogue())), null, 'name')[
            'Video picture'
        ];

        $places = array_column(array_column($picture->cells, 'place'), 'value');
        self::assertSame(array_unique($places), $places);
        self::assertSame('bottom-left', $places[0], 'the pack in a corner');
    }

    public function test_arrow_and_bar_are_worked_out_for_each_row(): void
    {
        $program = self::program([]);
        $columns = new GlanceColumns($program, Values::of($program, Given::catalogue()));
        $sample = fn (array $values): Sample => new Sample(0.0, $values, 'main', [], [], []);

        // North-east of home and flying east: home is south-west, 135° to the right.
        self::assertSame(
            [135.0, 0.0, 180.0, null],
            $columns->of(new GlanceCell(value: 'zeig', look: GlanceLook::Arrow), [
                $sample(['zeig' => 45.0, 'ort-course' => 90.0]),
                $sample(['zeig' => 45.0, 'ort-course' => 225.0]),
                $sample(['zeig' => 0.0, 'ort-course' => 0.0]),
                $sample(['zeig' => 45.0]),
            ]),
        );
        // A cell's average goes to 4.5 V.
        self::assertSame(
            [0.8, 1.0, null],
            $columns->of(new GlanceCell(value: 'zelle', look: GlanceLook::Bar), [
                $sample(['zelle' => 3.6]),
                $sample(['zelle' => 9.0]),
                $sample([]),
            ]),
        );
        self::assertNull($columns->of(new GlanceCell(value: 'zelle'), [$sample(['zelle' => 3.6])]));
    }

    public function test_pages_are_kept_and_stand_on_the_sheet_with_what_has_no_room(): void
    {
        $program = self::program([
            ['phase' => 'cruise'] + self::page('zelle', 'weg', 'ort-speed'),
            ['id' => 'zwei', 'name' => 'Zwei', 'cells' => [['value' => 'zeig', 'look' => 'arrow']]],
            [
                'id' => 'bild',
                'name' => 'Bild',
                'kind' => 'picture',
                'cells' => [['value' => 'weg', 'place' => 'top-left']],
            ],
        ]);
        self::assertEquals(
            $program->sense->pages,
            ProgramDecoder::read(Json::decode(ProgramEncoder::encode($program)))->sense->pages,
        );
        $definition = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        $definition->keying->telemetry->pages = 1;
        $definition->keying->telemetry->cells = 2;
        $transmitter = TransmitterDecoder::decode((string) json_encode($definition));
        $lines = array_filter(
            array_values(Sheet::of($program, $transmitter, Given::catalogue())->lines()),
            fn (Line $one): bool => preg_match('/^(Seite|Zwei|Bild)/', $one->what) === 1,
        );

        self::assertSame(
            [
                'Seite for Cruise, 1: Zelle',
                'Seite for Cruise, 2: Weg',
                'Seite for Cruise, 3: no room for it (Ground speed; Lamplight 12 shows 2 values on a page)',
                'Zwei, 1: no room for it (Richtung, as an arrow towards home; Lamplight 12 has room for 1 pages)',
                'Bild, top left: Weg',
            ],
            array_values(
                array_map(
                    fn (Line $one): string => "{$one->what}: {$one->value}".
                        ($one->lost === null ? '' : " ({$one->wanted}; {$one->lost})"),
                    $lines,
                ),
            ),
        );
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function misplaced(): array
    {
        return [
            'no place in the picture' => [['value' => 'weg'], 'say where in the picture it stands'],
            'a place that is taken' => [['value' => 'weg', 'place' => 'top'], 'is taken: something stands top already'],
            'the middle' => [['value' => 'weg', 'place' => 'middle'], 'must be one of'],
        ];
    }

    /** @param  array<string, mixed>  $cell */
    #[DataProvider('misplaced')]
    public function test_the_picture_says_where_each_value_stands(array $cell, string $wanted): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($wanted);
        self::program([
            [
                'id' => 'bild',
                'name' => 'Bild',
                'kind' => 'picture',
                'cells' => [['value' => 'zelle', 'place' => 'top'], $cell],
            ],
        ]);
    }
}
