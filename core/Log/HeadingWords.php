<?php

namespace DuskSwitch\Core\Log;

/**
 * The words by which columns are headed: the trade's general words and their usual abbreviations in four languages
 * (common practice).
 */
final class HeadingWords
{
    /** Phrases by quantity; the words of a phrase may stand in any order. */
    private const PHRASES = [
        'moment' => 'datetime|date time|timestamp|time stamp|moment|date and time|datum zeit|datum uhrzeit|fecha hora|'.
            'horodatage',
        'date' => 'date|day|datum|fecha|jour|utc date',
        'clock' => 'time|clock|time of day|utc|utc time|gps time|local time|zeit|uhrzeit|heure|hora|temps',
        'elapsed' => 'elapsed|elapsed time|seconds|second|secs|sec|millis|milliseconds|ms|us|micros|microseconds|ticks|'.
            'tick|runtime|run time|uptime|flight time|time s|time ms|time us|time since start|since start|t|'.
            'sekunden|sekunde|secondes|segundos|laufzeit|minutes|min',
        'position' => 'position|pos|coordinates|coordinate|coords|coord|gps|location|fix|lat lon|latlon|lat lng|'.
            'lat long|latitude longitude|koordinaten|standort|posición|coordonnées|gps position|ubicación',
        'latitude' => 'latitude|lat|breite|breitengrad|latitud',
        'longitude' => 'longitude|lon|lng|long|länge|laenge|längengrad|longitud',
        'altitude' => 'altitude|alt|elevation|elev|ele|msl|asl|amsl|altitude msl|gps alt|gps altitude|höhe nn|altitud'.
            'altitude|alt|elevation|elev|ele|msl|asl|amsl|altitude msl|gps alt|gps altitude|höhe nn|altitud',
        'height' => 'height|hgt|agl|relative altitude|rel alt|altitude agl|baro alt|baro altitude|barometric altitude|'.
            'barometer|baro height|höhe|hoehe|hauteur|altura|height above ground|vario alt|relative height',
        'climb' => 'climb|climb rate|vario|vsi|ascenso|variometer|vertical speed|vspeed|v speed|vspd|v spd|vert speed|'.
            'vertical velocity|rate of climb|roc|sink|sink rate|steigen|steigrate|steigt|sinken|'.
            'vitesse verticale|velocidad vertical|ascent|montée|vz|lift',
        'speed' => 'speed|ground speed|groundspeed|ground spd|g speed|spd|sog|velocity|vel|speed over ground|'.
            'gps speed|geschwindigkeit|vitesse|vitesse sol|velocidad|v|ground velocity|tempo|gs',
        'airspeed' => 'airspeed|air speed|ias|tas|pitot|indicated speed|true airspeed|aspd|fahrt|fluggeschwindigkeit|'.
            'vitesse air|vitesse indiquée|velocidad aire|velocidad indicada|air velocity',
        'course' => 'course|heading|hdg|cog|track|bearing|course over ground|track angle|kurs|cap|rumbo|richtung|'.
            'direction',
        'satellites' => 'satellites|sats|sat|nsat|num sat|numsat|num sats|satellite count|sv|sat count|satelliten|'.
            'satelites|satélites|satellites in view|sats used',
        'volts' => 'antriebsakku|fahrakku|flugakku|voltage|volts|volt|vbat|vbatt|batt|bat|battery|pack|pack voltage|'.
            'battery voltage|ubat|main voltage|flight pack|spannung|akku|akkuspannung|tension|tension pack|'.
            'tension batterie|tensión|voltaje|batería|batterie|batteriespannung|u',
        'cell' => 'cell|cells|cell voltage|lowest cell|min cell|cell min|vcell|volts per cell|cell average|avg cell|'.
            'cell avg|zelle|zellenspannung|niedrigste zelle|élément|celda|celda mínima|voltage cell|cell low',
        'amperes' => 'current|curr|cur|amps|amp|ampere|amperes|amperage|ibat|battery current|strom|stromstärke|courant|'.
            'corriente|intensité|intensidad|i|draw',
        'used' => 'used|mah|consumed|consumption|capacity|capa|cap used|used capacity|capacity used|'.
            'consumed capacity|charge used|used charge|drawn|mah used|mah drawn|verbraucht|verbrauch|'.
            'kapazität|consommé|consommation|capacité|consumo|capacidad|gastado|discharged|entnommen',
        'power' => 'power|watts|watt|pwr|leistung|puissance|potencia|p',
        'rotor' => 'rpm|rotor|head speed|headspeed|rotor speed|motor speed|motor rpm|rotor rpm|drehzahl|tours|régime|'.
            'revoluciones|vueltas|eng speed|engine speed|shaft speed',
        'temperature' => 'temperature|temp|tmp|esc temp|temperatur|température|temperatura|motor temp|'.
            'controller temperature',
        'regulator' => 'regulator|bec|regulator voltage|vbec|bec voltage|regler|régulateur|regulador|servo voltage',
        'link-quality' => 'link quality|lq|quality|signal quality|link|reception|frame rate|packet rate received|'.
            'frames received|link percent|empfang|empfangsqualität|verbindungsqualität|qualité lien|'.
            'qualité liaison|qualité|calidad|calidad enlace|uplink quality|qly',
        'link-level' => 'rssi|signal|signal level|signal strength|link level|level|rx level|rx power|rssi dbm|'.
            'received power|signalstärke|feldstärke|pegel|niveau|niveau signal|nivel|señal|nivel señal|'.
            'signal dbm|uplink rssi',
        'receiver-volts' => 'receiver voltage|receiver supply|rx voltage|rx volts|rx batt|rx bat|rx battery|receiver battery|'.
            'rx supply|vrx|urx|empfängerspannung|empfänger|tension récepteur|alim récepteur|tensión receptor|'.
            'rx v|receiver v|receiver volts',
        'milliwatts' => 'transmit power|tx power|output power|tx pwr|rf power|sendeleistung|puissance émission|'.
            'potencia emisión|transmitted power',
        'distance' => 'distance|dist|range|home distance|distance home|dist home|entfernung|distancia|distance maison|'.
            'distance from home|home dist',
        'throttle' => 'throttle|thr|thro|gas|gaz|motor stick|throttle stick|acelerador',
        'roll' => 'aileron|ail|roll stick|ailerons|querruder|quer|alerón|stick roll|roll command',
        'pitch' => 'elevator|elev stick|pitch stick|höhenruder|profondeur|elevador|profundidad|stick pitch|pitch command',
        'yaw' => 'rudder|rud|yaw stick|seitenruder|seite|dérive|timón|stick yaw|yaw command',
    ];

    /** Words that say nothing of what a column holds, but where it comes from. */
    private const NEUTRAL = [
        'gps', 'baro', 'sensor', 'rx', 'fc', 'air', 'the', 'of', 'in', 'my', 'model', 'aircraft', 'plane', 'value', 'raw', 'data',
        'tel', 'telemetry', 'main', 'flight', 'total', 'log', 'now', 'actual', 'measured', 'average', 'avg', 'mean', 'own', 'unit',
        'esc', 'motor', 'gnss', 'stick', 'channel', 'ch', 'over', 'ground', 'from', 'field',
    ];

    /** Words that make something else of it: what a logger worked out itself. */
    private const SPOILS = [
        'max', 'maximum', 'highest', 'peak', 'target', 'set', 'setpoint', 'limit', 'alarm', 'timer', 'tx', 'hdop', 'pdop',
        'accuracy', 'error', 'total',
    ];

    /** @var array<string, list<array{LogQuantity, list<string>}>>|null phrases by each of their words */
    private static ?array $byWord = null;

    /**
     * What words stand for, the best guess first.
     *
     * @param  list<string>  $words  in lower case
     * @return list<array{LogQuantity, float}> with how sure that is, 0 to 1
     */
    public static function guesses(array $words): array
    {
        $best = [];
        $spoilt = array_intersect($words, self::SPOILS);
        foreach ($words as $word) {
            foreach (self::byWord()[$word] ?? [] as [$quantity, $phrase]) {
                if (array_diff($phrase, $words) !== [] || array_diff($spoilt, $phrase) !== []) {
                    continue;
                }
                $left = array_diff($words, $phrase, self::NEUTRAL);
                $unused = count($left) + 0.2 * (count(array_diff($words, $phrase)) - count($left));
                $sure = count($phrase) / (count($phrase) + 0.6 * $unused);
                // A phrase of two words says more than one of them; a single letter says little.
                $sure = $sure * (strlen($phrase[0]) === 1 && count($phrase) === 1 ? 0.6 : 0.9) + 0.03 * count($phrase);
                $best[$quantity->value] = max($best[$quantity->value] ?? 0.0, min(1.0, $sure));
            }
        }
        arsort($best);

        return array_map(
            fn (string $id, float $sure): array => [LogQuantity::from($id), $sure],
            array_keys($best),
            array_values($best),
        );
    }

    /** @return array<string, list<array{LogQuantity, list<string>}>> */
    private static function byWord(): array
    {
        if (self::$byWord !== null) {
            return self::$byWord;
        }
        $all = [];
        foreach (self::PHRASES as $id => $phrases) {
            foreach (explode('|', $phrases) as $phrase) {
                $words = explode(' ', $phrase);
                foreach ($words as $word) {
                    $all[$word][] = [LogQuantity::from($id), $words];
                }
            }
        }

        return self::$byWord = $all;
    }
}
