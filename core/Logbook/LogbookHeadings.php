<?php

namespace DuskSwitch\Core\Logbook;

use DuskSwitch\Core\Units\Unit;

/** What the headings of a logbook stand for, in the words that pilots use, in four languages. */
final class LogbookHeadings
{
    private const WORDS = [
        'at' => ['flown at', 'date and time', 'datetime', 'takeoff', 'take off', 'flown', 'when'],
        'day' => ['date', 'day', 'datum', 'tag', 'jour', 'fecha', 'dia'],
        'clock' => ['time', 'start', 'time of day', 'start time', 'uhrzeit', 'startzeit', 'zeit', 'heure', 'hora'],
        'aircraft' => [
            'aircraft',
            'aircraft name',
            'model',
            'model name',
            'plane',
            'airframe',
            'modell',
            'flugzeug',
            'avion',
            'modele',
            'modelo',
        ],
        'seconds' => [
            'seconds',
            'seconds in the air',
            'in the air',
            'duration',
            'flight time',
            'flown time',
            'minutes',
            'hours',
            'stunden',
            'heures',
            'horas',
            'airtime',
            'air time',
            'dauer',
            'flugzeit',
            'flugdauer',
            'duree',
            'temps de vol',
            'duracion',
            'tiempo de vuelo',
        ],
        'site' => [
            'place',
            'site',
            'field',
            'location',
            'airfield',
            'ort',
            'platz',
            'flugplatz',
            'lieu',
            'terrain',
            'lugar',
            'campo',
        ],
        'pilot' => ['pilot', 'pilote', 'piloto', 'flown by'],
        'pack' => ['pack', 'pack label', 'battery', 'akku', 'batterie', 'bateria', 'accu'],
        'charged' => [
            'charged',
            'charged mah',
            'charge',
            'put back',
            'geladen',
            'nachgeladen',
            'ladung',
            'charge rendue',
            'cargado',
        ],
        'weather' => ['weather', 'conditions', 'wetter', 'meteo', 'temps', 'tiempo'],
        'marks' => ['marks', 'marken', 'marques', 'marcas'],
        'note' => [
            'note',
            'notes',
            'remark',
            'remarks',
            'comment',
            'comments',
            'bemerkung',
            'bemerkungen',
            'notiz',
            'notizen',
            'remarque',
            'remarques',
            'nota',
            'notas',
        ],
    ];

    /** What a duration is counted in, by words in its heading: seconds of each. */
    private const COUNTS = [
        '/\b(s|sec|secs|seconds?|sekunden?|secondes?|segundos?)\b/' => 1.0,
        '/\b(min|mins|minutes?|minuten?|minutos?)\b/' => 60.0,
        '/\b(h|hrs?|hours?|stunden?|std|heures?|horas?)\b/' => 3600.0,
    ];

    /** What a heading stands for: a key of an entry, "fact:…"; null for what no logbook of ours has. */
    public static function key(string $heading): ?string
    {
        $plain = self::plain($heading);
        $bare = trim((string) preg_replace('/\([^)]*\)|\[[^]]*\]/', ' ', $plain));
        foreach (
            [
                $plain,
                $bare,
                trim((string) preg_replace('/[,]?\s+(s|sec|min|h|mah|utc|h?h:mm(:ss)?|m?m:ss)$/', '', $bare)),
            ] as $words
        ) {
            foreach (self::WORDS as $key => $known) {
                if (in_array(trim((string) preg_replace('/\s+/', ' ', $words)), $known, true)) {
                    return $key;
                }
            }
        }

        return self::unit($heading) === null ? null : 'fact:'.self::fact($heading);
    }

    /** How many seconds one of a duration's count is, as its heading says; null where it doesn't. */
    public static function count(string $heading): ?float
    {
        foreach (self::COUNTS as $words => $seconds) {
            if (preg_match($words, self::plain($heading)) === 1) {
                return $seconds;
            }
        }

        return null;
    }

    /** The unit of a fact, as "Highest m" tells it; null for what is no fact, or is in none of its units. */
    public static function unit(string $heading): ?Unit
    {
        $fact = self::fact($heading);
        if ($fact === null) {
            return null;
        }
        [$name, $dimension] = LoggedFacts::ALL[$fact];
        $unit = Unit::tryFrom(trim(substr(trim($heading), strlen($name)), " ,()[]\t"));

        return $unit?->dimension() === $dimension ? $unit : null;
    }

    private static function fact(string $heading): ?string
    {
        $names = array_filter(
            array_map(fn (array $one): string => $one[0], LoggedFacts::ALL),
            fn (string $name): bool => stripos(trim($heading), "{$name} ") === 0,
        );
        // "Lowest link at m" isn't "Lowest link".
        uasort($names, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return array_key_first($names);
    }

    /** In small letters without marks; words of a joined name apart. */
    private static function plain(string $heading): string
    {
        $text = trim($heading, " \t\"'\u{FEFF}");
        $apart = (string) preg_replace(preg_match('/\s/', $text) === 1 ? '/_/' : '/(?<=[a-z])(?=[A-Z])|_/', ' ', $text);
        $small = strtr(mb_strtolower($apart), [
            'é' => 'e',
            'è' => 'e',
            'ê' => 'e',
            'ó' => 'o',
            'í' => 'i',
            'á' => 'a',
            'ú' => 'u',
            'ñ' => 'n',
        ]);

        return trim((string) preg_replace('/\s+/', ' ', $small), ' :.');
    }
}
