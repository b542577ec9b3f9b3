<?php

namespace DuskSwitch\Core\Format;

/** The three bytes that some editors put before UTF-8 text. */
final class ByteOrderMark
{
    private const BYTES = "\xEF\xBB\xBF";

    /** The text without it. */
    public static function cut(string $text): string
    {
        return str_starts_with($text, self::BYTES) ? substr($text, strlen(self::BYTES)) : $text;
    }
}
