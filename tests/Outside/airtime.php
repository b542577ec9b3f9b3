<?php

/**
 * Measures how long the shipped voice takes for phrases and fits the lengths of words to it: `airtime.php [en|de|fr|es]`.
 * Run with espeak-ng installed: it writes `airtime-en.json`, phrases that the fit never saw with their measured seconds,
 * which AirtimeTest reads, and prints the table that stands in `core/Speech/Lengths`.
 */

use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Speech\Languages;
use DuskSwitch\Core\Speech\WordLengths;
use DuskSwitch\Core\Units\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';

$spoken = SpokenLanguage::from($argv[1] ?? 'en');
$language = Languages::in($spoken);
$names = explode('|', [
    'en' => 'Cell|Height|Height limit,|Signal low|Signal lost|Land,|Distance|Lift|used, land|Thermal|Cruise|Landing|Armed|'.
        'Safe|Self-level|Free|Motor cut|Ready|Link quality|Satellites|home is set|Flight time|Speed|Rotor|Airspeed|'.
        'Battery low|Return now|Camber|Flaps down|Launch|Throttle hold|Wind from|Climb|Capacity|Current|Pack|'.
        'Above limit,|Motor|Cut|Idle',
    'de' => 'Zelle|Höhe|Höhengrenze,|Signal schwach|Signal weg|Landen,|Entfernung|Steigen|verbraucht, landen|Thermik|'.
        'Reise|Landung|Scharf|Sicher|Selbststabil|Frei|Motor aus|Bereit|Linkqualität|Satelliten|Heimat gesetzt|'.
        'Flugzeit|Geschwindigkeit|Rotor|Fahrt|Akku schwach|Jetzt zurück|Wölbung|Klappen unten|Start|Gashalt|Wind aus|'.
        'Sinken|Kapazität|Strom|Akku|Über der Grenze,|Motor|Akku nicht voll|Zeit ist um',
    'fr' => 'Élément|Hauteur|Limite de hauteur,|Signal faible|Signal perdu|Atterrir,|Distance|Montée|utilisés, atterrir|'.
        'Thermique|Croisière|Atterrissage|Armé|Sûr|Stabilisé|Libre|Moteur coupé|Prêt|Qualité du lien|Satellites|'.
        'maison fixée|Temps de vol|Vitesse|Rotor|Vitesse air|Batterie faible|Revenez|Cambrure|Volets sortis|Lancement|'.
        'Gaz coupés|Vent de|Descente|Capacité|Courant|Batterie|Limite dépassée,|Moteur|Batterie pas pleine|Temps écoulé',
    'es' => 'Celda|Altura|Límite de altura,|Señal débil|Señal perdida|Aterrizar,|Distancia|Ascenso|usados, aterrizar|'.
        'Térmica|Crucero|Aterrizaje|Armado|Seguro|Nivelado|Libre|Motor cortado|Listo|Calidad del enlace|Satélites|'.
        'base fijada|Tiempo de vuelo|Velocidad|Rotor|Velocidad aire|Batería baja|Vuelva ya|Curvatura|Flaps abajo|'.
        'Lanzamiento|Gas cortado|Viento de|Descenso|Capacidad|Corriente|Batería|Límite superado,|Motor|'.
        'Batería no llena|Tiempo agotado',
][$spoken->value]);
$units = [
    Unit::Volt, Unit::Metre, Unit::MetrePerSecond, Unit::KilometrePerHour, Unit::Percent, Unit::MilliampereHour,
    Unit::Ampere, Unit::Foot, Unit::Knot, Unit::Second, Unit::Degree, Unit::Turn, Unit::MilePerHour,
    Unit::FootPerMinute, Unit::FootPerSecond, Unit::Watt, Unit::Decibel,
];
/** A word that comes up more seldom is left to the general rule. */
const OFTEN = 6;
/** How much a word's own length is held to the general rule. */
const HOLD = 2.0;

$phrases = function (int $seed, int $count) use ($language, $names, $units): array {
    $chance = new Randomizer(new Mt19937($seed));
    $all = [];
    for ($i = 0; $i < $count; $i++) {
        $places = $chance->getInt(0, 2);
        $most = [300, 3000, 150][$chance->getInt(0, 2)];
        $number = $chance->getInt(0, $most) / 10 ** $places * ($chance->getInt(0, 9) ? 1 : -1);
        $name = $names[$chance->getInt(0, count($names) - 1)];
        $value = $language->value($number, $places, $units[$chance->getInt(0, count($units) - 1)]);
        $all[] = match ($chance->getInt(0, 9)) {
            0 => rtrim($name, ','),
            1 => $value,
            2 => $language->time($chance->getInt(5, 900)),
            default => "{$name} {$value}",
        };
    }

    return array_values(array_unique($all));
};
$seconds = function (string $text) use ($spoken): float {
    $voice = $spoken === SpokenLanguage::English ? 'en-gb' : $spoken->value;
    $wav = (string) shell_exec("espeak-ng -v {$voice} -s 165 --stdout -- ".escapeshellarg($text));

    return round((strlen($wav) - 44) / 2 / unpack('V', substr($wav, 24, 4))[1], 3);
};
$words = WordLengths::words(...);
$solve = function (array $matrix, array $right): array {
    $n = count($right);
    for ($i = 0; $i < $n; $i++) {
        $best = $i;
        for ($row = $i; $row < $n; $row++) {
            $best = abs($matrix[$row][$i]) > abs($matrix[$best][$i]) ? $row : $best;
        }
        [$matrix[$i], $matrix[$best]] = [$matrix[$best], $matrix[$i]];
        [$right[$i], $right[$best]] = [$right[$best], $right[$i]];
        for ($row = 0; $row < $n; $row++) {
            if ($row !== $i && $matrix[$row][$i] != 0.0) {
                $share = $matrix[$row][$i] / $matrix[$i][$i];
                for ($column = $i; $column < $n; $column++) {
                    $matrix[$row][$column] -= $share * $matrix[$i][$column];
                }
                $right[$row] -= $share * $right[$i];
            }
        }
    }

    return array_map(fn (int $i): float => $right[$i] / $matrix[$i][$i], range(0, $n - 1));
};
/** Least squares of relative errors, each number held to zero by its own weight. */
$fit = function (array $rows, array $right, array $held) use ($solve): array {
    $n = count($held);
    $matrix = array_fill(0, $n, array_fill(0, $n, 0.0));
    $sum = array_fill(0, $n, 0.0);
    foreach ($rows as $i => [$row, $length]) {
        foreach ($row as $a => $x) {
            $sum[$a] += $x * $right[$i] / $length ** 2;
            foreach ($row as $b => $y) {
                $matrix[$a][$b] += $x * $y / $length ** 2;
            }
        }
    }
    foreach ($held as $a => $weight) {
        $matrix[$a][$a] += $weight;
    }

    return $solve($matrix, $sum);
};

$train = array_map(fn (string $one): array => [$one, $seconds($one)], $phrases(1, 1500));
$general = fn (string $text): array => [
    1.0,
    (float) count($words($text)),
    (float) mb_strlen(implode('', $words($text))),
    (float) array_sum(array_map(fn (string $one): int => $language->syllables($one), $words($text))),
    (float) substr_count(rtrim($text, ', '), ','),
];
$rows = array_map(fn (array $one): array => [$general($one[0]), $one[1]], $train);
$rule = $fit($rows, array_column($train, 1), array_fill(0, 5, 1e-6));
$counts = array_count_values(array_merge(...array_map(fn (array $one): array => $words($one[0]), $train)));
$known = array_flip(array_keys(array_filter($counts, fn (int $one): bool => $one >= OFTEN)));
$rest = array_map(
    fn (array $one): float => $one[1] -
        array_sum(array_map(fn (float $a, float $b): float => $a * $b, $rule, $general($one[0]))),
    $train,
);
$own = $fit(
    array_map(function (array $one) use ($words, $known): array {
        $row = [];
        foreach ($words($one[0]) as $word) {
            if (isset($known[$word])) {
                $row[$known[$word]] = ($row[$known[$word]] ?? 0.0) + 1.0;
            }
        }

        return [$row, $one[1]];
    }, $train),
    $rest,
    array_fill(0, count($known), HOLD),
);
$table = [];
foreach ($known as $word => $place) {
    $table[$word] = round(
        $rule[1] + $rule[2] * mb_strlen($word) + $rule[3] * $language->syllables($word) + $own[$place],
        3,
    );
}
ksort($table);
printf("begin %.3f, word %.3f, letter %.4f, syllable %.4f, comma %.3f\n", ...$rule);
foreach ($table as $word => $length) {
    echo "        '{$word}' => {$length},\n";
}
$kept = array_map(fn (string $one): array => ['text' => $one, 'seconds' => $seconds($one)], $phrases(2, 240));
file_put_contents(__DIR__."/airtime-{$spoken->value}.json", json_encode($kept, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n");
