<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;

/** The `format` and `version` with which every document begins. */
final class Header
{
    /**
     * Refuses at once a document of another kind: its other faults would only confuse.
     *
     * @return int the document's version
     *
     * @throws Refused
     */
    public static function check(JsonCursor $node, string $format, int $version): int
    {
        if (! $node->isObject()) {
            throw Refused::because('', "this is not a document of format \"{$format}\": it must be a JSON object");
        }
        $found = $node->at('format')?->text();
        if ($found !== $format) {
            throw Refused::because(
                'format',
                $found === null
                    ? "this is missing; it must be \"{$format}\""
                    : "must be \"{$format}\", not \"".mb_strimwidth($found, 0, 40, '…').'"',
            );
        }
        $found = $node->at('version')?->whole(1, 1_000_000) ?? 1;
        if ($found > $version) {
            throw Refused::because(
                'version',
                "this document is newer than this Dusk Switch, which reads up to version {$version}",
            );
        }

        return $found;
    }
}
