<?php

/**
 * Measures how long the shipped voice takes for phrases and fits the lengths of words to it. Run with espeak-ng
 * installed: it writes `airtime.json`, phrases that the fit never saw with their measured seconds, which AirtimeTest
 * reads, and prints the table of {@see DuskSwitch\Core\Speech\WordLengths}.
 */

use DuskSwitch\Core\Speech\English;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';

const NAMES = [
    'Cell', 'Height', 'Height limit,', 'Signal low', 'Signal lost', 'Land,', 'Distance', 'Lift', 'used, land', 'Thermal',
    'Cruise', 'Landing', 'Armed', 'Safe', 'Self-level', 'Free', 'Motor cut', 'Ready', 'Link quality', 'Satellites',
    'home is set', 'Flight time', 'Speed', 'Rotor', 'Airspeed', 'Battery low', 'Return now', 'Camber', 'Flaps down',
    'Launch', 'Throttle hold', 'Wind from', 'Climb', 'Capacity', 'Current', 'Pack', 'Above limit,', 'Motor', 'Cut', 'Idle',
];
const UNITS = [
    'volts', 'metres', 'metres per second', 'kilometres per hour', 'percent', 'milliamp hours', 'amps', 'feet', 'knots',
    'seconds', 'degrees', 'turns', 'miles per hour', 'feet per minute', 'feet per second', 'watts', 'decibels',
];
/** A word that comes up more seldom is left to the general rule. */
const OFTEN = 6;
/** How much a word's own length is held to the general rule. */
const HOLD = 2.0;

$phrases = function (int $seed, int $count): array {
    $chance = new Randomizer(new Mt19937($seed));
    $english = new English();
    $all = [];
    for ($i = 0; $i < $count; $i++) {
        $places = $chance->getInt(0, 2);
        $most = [300, 3000, 150][$chance->getInt(0, 2)];
        $number = $chance->getInt(0, $most) / 10 ** $places * ($chance->getInt(0, 9) ? 1 : -1);
        $name = NAMES[$chance->getInt(0, count(NAMES) - 1)];
        $value = $english->number($number, $places).' '.UNITS[$chance->getInt(0, count(UNITS) - 1)];
        $all[] = match ($chance->getInt(0, 9)) {
            0 => rtrim($name, ','),
            1 => $value,
            2 => $english->time($chance->getInt(5, 900)),
            default => "{$name} {$value}",
        };
    }

    return array_values(array_unique($all));
};
$seconds = function (string $text): float {
    $wav = (string) shell_exec('espeak-ng -v en-gb -s 165 --stdout -- '.escapeshellarg($text));

    return round((strlen($wav) - 44) / 2 / unpack('V', substr($wav, 24, 4))[1], 3);
};
$words = fn (string $text): array => preg_split('/[^a-z]+/', strtolower($text), -1, PREG_SPLIT_NO_EMPTY);
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

$english = new English();
$train = array_map(fn (string $one): array => [$one, $seconds($one)], $phrases(1, 1500));
$general = fn (string $text): array => [
    1.0,
    (float) count($words($text)),
    (float) strlen(implode('', $words($text))),
    (float) array_sum(array_map(fn (string $one): int => $english->syllables($one), $words($text))),
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
        $rule[1] + $rule[2] * strlen($word) + $rule[3] * $english->syllables($word) + $own[$place],
        3,
    );
}
ksort($table);
printf("begin %.3f, word %.3f, letter %.4f, syllable %.4f, comma %.3f\n", ...$rule);
foreach ($table as $word => $length) {
    echo "        '{$word}' => {$length},\n";
}
$kept = array_map(fn (string $one): array => ['text' => $one, 'seconds' => $seconds($one)], $phrases(2, 240));
file_put_contents(__DIR__.'/airtime.json', json_encode($kept, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n");
