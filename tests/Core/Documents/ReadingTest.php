<?php

namespace DuskSwitch\Tests\Core\Documents;

use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What comes of reading: recorded once, of documents made by chance from the schemas as they were, and of the same ones
 * spoilt. What reads them may change; what it says may not. `php tools/record-reading.php` records it anew.
 */
final class ReadingTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function schemas(): array
    {
        return array_combine(
            array_keys(Reading::AMOUNTS),
            array_map(fn (string $one): array => [$one], array_keys(Reading::AMOUNTS)),
        );
    }

    #[DataProvider('schemas')]
    public function test_reading_says_what_it_said(string $schema): void
    {
        $recorded = preg_grep('/^'.preg_quote($schema, '/').' /', self::recorded()) ?: self::fail('nothing recorded');
        self::assertCount(2 * intdiv(Reading::AMOUNTS[$schema], Reading::BLOCK), $recorded);
        foreach (array_values($recorded) as $at => $line) {
            if (! Long::is() && $at % 20 !== 0) {
                continue;
            }
            [, $how, $block] = explode(' ', $line);
            self::assertSame($line, Reading::block($schema, (int) $block, $how === 'spoilt'));
        }
    }

    /** @return list<string> */
    private static function recorded(): array
    {
        return file(__DIR__.'/reading.txt', FILE_IGNORE_NEW_LINES) ?: [];
    }
}
