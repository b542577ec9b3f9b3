<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Fault\Refused;
use JsonException;

/** Reads JSON text from outside: bounded in size and depth, with the place of what is wrong. */
final class Json
{
    /** A program with every channel in use is below 100 kB. */
    public const MAX_BYTES = 1_000_000;

    /** A request: a document with what is said about it. serve/nginx.conf takes as much. */
    public const MAX_BODY_BYTES = 2_000_000;

    /** A hundred thousand input sets. */
    public const MAX_INPUT_BYTES = 20_000_000;

    private const MAX_DEPTH = 40;

    /**
     * The decoded value; objects are stdClass.
     *
     * @param  int  $most  bytes that the text may have
     *
     * @throws Refused with line and column where it isn't JSON
     */
    public static function decode(string $text, int $most = self::MAX_BYTES): mixed
    {
        if (strlen($text) > $most) {
            throw Refused::because(
                '',
                sprintf(
                    'this is %.1f MB; a document is at most %.0f MB. Is it the right file?',
                    strlen($text) / 1e6,
                    $most / 1e6,
                ),
            );
        }
        $text = ByteOrderMark::cut($text);
        try {
            return json_decode($text, false, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw Refused::because('', self::explain($text, $problem));
        }
    }

    private static function explain(string $text, JsonException $problem): string
    {
        if (trim($text) === '') {
            return 'the document is empty';
        }
        if ($problem->getCode() === JSON_ERROR_DEPTH) {
            return 'this is nested more than '.self::MAX_DEPTH.' levels deep; no document needs that';
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            return 'this is not UTF-8 text: a byte that can\'t be read stands at '.
                self::place($text, self::firstBadByte($text)).
                '. Save the file as UTF-8';
        }
        $offset = JsonSyntax::firstFault($text);
        if ($offset === null) {
            return 'this is not JSON: '.$problem->getMessage();
        }
        $here =
            $offset < strlen($text)
                ? 'something unexpected: '.mb_strimwidth(strtok(substr($text, $offset, 80), "\r\n") ?: '', 0, 24, '…')
                : 'the end of the file, too early';

        return 'this is not JSON: at '.self::place($text, $offset)." stands {$here}";
    }

    private static function place(string $text, int $offset): string
    {
        $before = substr($text, 0, $offset);
        $lineStart = strrpos($before, "\n");
        $column = mb_strlen(mb_scrub(substr($before, $lineStart === false ? 0 : $lineStart + 1), 'UTF-8')) + 1;

        return 'line '.(substr_count($before, "\n") + 1).", column {$column}";
    }

    private static function firstBadByte(string $text): int
    {
        // Where the text and what is left of it once mended begin to differ.
        return strspn($text ^ mb_scrub($text, 'UTF-8'), "\0");
    }
}
