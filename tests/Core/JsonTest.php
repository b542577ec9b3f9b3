<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\JsonSyntax;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where a text stops being JSON. */
final class JsonTest extends TestCase
{
    public function test_it_agrees_with_php_about_what_is_json(): void
    {
        $random = new Randomizer(new Mt19937(8259));
        $alphabet = [
            '{',
            '}',
            '[',
            ']',
            ':',
            ',',
            '"',
            '\\',
            '-',
            '.',
            'e',
            '0',
            '7',
            'true',
            'nul',
            ' ',
            "\n",
            "\t",
            '\\u00e9',
            'é',
            "\x01",
        ];
        $agreed = [true => 0, false => 0];
        for ($try = 0; $try < 6000; $try++) {
            $text = (string) json_encode(
                ['a' => [1, -2.5e3, true, null, 'é"\\'], 'b' => (object) [], '' => []],
                $try % 2 ? JSON_PRETTY_PRINT : 0,
            );
            for ($change = $random->getInt(0, 2); $change > 0; $change--) {
                $at = $random->getInt(0, strlen($text));
                $text =
                    substr($text, 0, $at).
                    $alphabet[$random->getInt(0, count($alphabet) - 1)].
                    substr($text, $at + $random->getInt(0, 1));
            }
            if (! mb_check_encoding($text, 'UTF-8')) {
                continue;
            }
            json_decode($text);
            // PHP objects to half of a character pair written as \u; to a syntax scanner that is well formed.
            $isJson = in_array(json_last_error(), [JSON_ERROR_NONE, JSON_ERROR_UTF16], true);
            self::assertSame($isJson, JsonSyntax::firstFault($text) === null, $text);
            $agreed[$isJson]++;
        }
        self::assertGreaterThan(500, min($agreed), 'both kinds were met');
    }

    /** A byte that is no UTF-8 is found among letters of one to four bytes, and counted in letters. */
    public function test_a_broken_letter_is_found_wherever_it_stands(): void
    {
        $letters = ['a', 'ü', '€', '😀', 'b', '😀', 'é', '–', 'z'];
        foreach (array_keys([...$letters, '']) as $place) {
            foreach (["\xFF", "\xC3", "\xE2\x82", "\xF0\x9F\x98"] as $broken) {
                $text = "{\n\"".implode('', array_slice($letters, 0, $place)).$broken.'"'.
                    implode('', array_slice($letters, $place)).'": 1}';
                try {
                    Json::decode($text);
                    self::fail($text);
                } catch (Refused $refused) {
                    self::assertStringContainsString('line 2, column '.($place + 2), $refused->getMessage(), bin2hex($text));
                }
            }
        }
    }

    public function test_the_fault_is_never_before_what_was_changed(): void
    {
        $text = Given::demo('nightjar');
        $random = new Randomizer(new Mt19937(1));
        for ($try = 0; $try < 200; $try++) {
            $at = $random->getInt(1, strlen($text) - 2);
            $fault = JsonSyntax::firstFault(substr($text, 0, $at)."\x02".substr($text, $at));
            // Inside a text the whole text is at fault: it begins a little earlier.
            self::assertNotNull($fault);
            self::assertLessThanOrEqual($at, $fault);
            self::assertGreaterThan($at - 120, $fault);
        }
    }

    #[DataProvider('places')]
    public function test_a_place_is_a_line_and_a_column(string $text, string $place): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($place);
        Json::decode($text);
    }

    /** @return list<array{string, string}> */
    public static function places(): array
    {
        return [
            ['{"a" 1}', 'line 1, column 6'],
            ["{\n  \"a\": 1,\n  \"b\" = 2\n}", 'line 3, column 7'],
            ['["né", x]', 'line 1, column 8'],
            ["{\"name\": \"né\n\"}", 'line 1, column 10'],
            ["[1,\r\n2,,3]", 'line 2, column 3'],
            ["\"a\xc3(\"", 'line 1, column 3'],
            [str_repeat("\n", 99).'!', 'line 100, column 1'],
        ];
    }
}
