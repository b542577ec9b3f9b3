<?php

namespace DuskSwitch\Core\Document;

/** Where in a document something is, and what may stand there as a key. */
final class JsonPath
{
    private const ID = '/^[a-z][a-z0-9-]{0,39}$/D';

    /** Says what an id is, where a text is none. */
    public const NO_ID = 'an id has small letters, digits and hyphens, starts with a letter and is at most 40 long';

    /** The path of a key below another; a key that isn't a plain word is quoted and cut to 40 characters. */
    public static function below(string $path, string $key): string
    {
        $shown =
            preg_match('/^[\w-]+$/D', $key) === 1
                ? $key
                : (string) json_encode(mb_strimwidth($key, 0, 40, '…'), JSON_UNESCAPED_UNICODE);

        return $path === '' ? $shown : "{$path}.{$shown}";
    }

    /** True for small letters, digits and hyphens, beginning with a letter, at most 40. */
    public static function isId(string $text): bool
    {
        return preg_match(self::ID, $text) === 1;
    }
}
