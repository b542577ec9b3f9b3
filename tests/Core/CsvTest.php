<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ByteOrderMark;
use DuskSwitch\Core\Format\Csv;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\Nmea;
use PHPUnit\Framework\TestCase;

/** What goes into a spreadsheet is shown there, never run; what comes out of an editor is read. */
final class CsvTest extends TestCase
{
    public function test_a_cell_that_a_spreadsheet_would_run_is_shown_as_text(): void
    {
        foreach (['=1+1', '+49 40', '-roll', '@SUM(A1)', "\t=1", "\r=1"] as $text) {
            self::assertStringStartsWith("'", ltrim(Csv::row([$text]), '"'), $text);
        }
        self::assertSame(
            "-5,-0.5,1,plain,a-b,-12.5\r\n",
            Csv::row([-5, -0.5, 1.0, 'plain', 'a-b', '-12.5']),
            'numbers stay numbers',
        );
    }

    public function test_cells_are_quoted_as_rfc_4180_says(): void
    {
        self::assertSame(
            "\"a,b\",\"say \"\"hi\"\"\",\"two\nlines\",\r\n",
            Csv::row(['a,b', 'say "hi"', "two\nlines", '']),
        );
    }

    public function test_a_byte_order_mark_is_no_part_of_a_text(): void
    {
        self::assertSame('a', ByteOrderMark::cut("\xEF\xBB\xBFa"));
        self::assertSame("a\xEF\xBB\xBF", ByteOrderMark::cut("a\xEF\xBB\xBF"));
        self::assertEquals((object) ['a' => 1], Json::decode("\xEF\xBB\xBF{\"a\": 1}"));
        $body = 'GPRMC,120000.00,A,5407.2000,N,00818.6000,E,0.00,,010126,,,A';
        self::assertCount(1, Nmea::read("\xEF\xBB\xBF\${$body}*".Nmea::checksum($body)."\r\n"));
    }
}
