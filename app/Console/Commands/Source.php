<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;

/** Text from a file or from standard input. */
final class Source
{
    /**
     * At most a little more than a document may hold: the core says that it's too much.
     *
     * @throws Refused where the file can't be read
     */
    public static function read(string $name): string
    {
        if ($name !== '-' && ! is_file($name)) {
            throw Refused::because('', 'there is no such file');
        }
        $text = @file_get_contents(
            $name === '-' ? 'php://stdin' : $name,
            length: $name === '-' ? null : Json::MAX_INPUT_BYTES + 1,
        );
        if ($text === false) {
            throw Refused::because('', 'this file can\'t be read');
        }

        return $text;
    }
}
