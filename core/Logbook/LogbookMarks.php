<?php

namespace DuskSwitch\Core\Logbook;

/** Marks of a flight in a cell of a table, a line each: "1:41.5 Loop". */
final class LogbookMarks
{
    /** Letters of what a mark says. */
    public const LETTERS = 80;

    /** @param  list<array{at: float|int, says: string}>  $marks */
    public static function write(array $marks): string
    {
        return implode(
            "\n",
            array_map(
                fn (array $one): string => intdiv((int) $one['at'], 60).
                    ':'.
                    rtrim(rtrim(sprintf('%06.3f', fmod((float) $one['at'], 60.0)), '0'), '.').
                    ' '.
                    $one['says'],
                $marks,
            ),
        );
    }

    /** @return list<array{at: float, says: string}>|null null where something else stands in the cell */
    public static function read(string $cell): ?array
    {
        $marks = [];
        foreach (
            array_filter(array_map(trim(...), explode("\n", $cell)), fn (string $one): bool => $one !== '') as $line
        ) {
            if (preg_match('/^(\d{1,4}):(\d{2}(?:\.\d+)?)\s+(.+)$/u', $line, $found) !== 1) {
                return null;
            }
            $marks[] = [
                'at' => (int) $found[1] * 60 + (float) $found[2],
                'says' => mb_substr($found[3], 0, self::LETTERS),
            ];
        }

        return $marks;
    }
}
