<?php

namespace DuskSwitch\Tests\Core;

use PHPUnit\Framework\TestCase;

/** The worked example of docs/formats.md gives what the page says. */
final class FormatsPageTest extends TestCase
{
    public function test_the_worked_example_comes_out_as_written(): void
    {
        $page = (string) file_get_contents(__DIR__.'/../../docs/formats.md');
        self::assertSame(1, preg_match('/```json\n(.*?)```/s', $page, $match));
        $frame = Given::frame(Given::circuit($match[1]), ['roll' => 0.5, 'throttle' => 1], ['left-side' => 'away']);

        self::assertStringContainsString("**{$frame->pulse(1)} µs**", $page);
        self::assertSame(1000, $frame->pulse(3));
        self::assertSame('soft', $frame->phase());
    }
}
