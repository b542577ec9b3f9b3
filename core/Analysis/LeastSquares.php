<?php

namespace DuskSwitch\Core\Analysis;

/** Ordinary least squares with several unknowns, by the normal equations of scaled columns. */
final readonly class LeastSquares
{
    /**
     * @param  list<float>  $values  of the unknowns
     * @param  list<float>  $errors  their standard errors; infinite where nothing is left to tell them
     * @param  float  $spread  root mean square of what is left over
     */
    private function __construct(public array $values, public array $errors, public float $spread) {}

    /**
     * What fits best; null where the rows don't tell the unknowns apart.
     *
     * @param  list<list<float>>  $rows  what each unknown is multiplied with
     * @param  list<float>  $right  what the sums should be
     */
    public static function fit(array $rows, array $right): ?self
    {
        $count = count($rows);
        $unknowns = count($rows[0] ?? []);
        if ($unknowns === 0 || $count < $unknowns) {
            return null;
        }
        $scale = array_fill(0, $unknowns, 0.0);
        foreach ($rows as $row) {
            foreach ($row as $i => $value) {
                $scale[$i] = max($scale[$i], abs($value));
            }
        }
        if (in_array(0.0, $scale, true)) {
            return null;
        }
        $m = array_fill(0, $unknowns, array_fill(0, 2 * $unknowns + 1, 0.0));
        foreach ($rows as $at => $row) {
            for ($i = 0; $i < $unknowns; $i++) {
                $a = $row[$i] / $scale[$i];
                for ($j = $i; $j < $unknowns; $j++) {
                    $m[$i][$j] += ($a * $row[$j]) / $scale[$j];
                }
                $m[$i][2 * $unknowns] += $a * $right[$at];
            }
        }
        for ($i = 0; $i < $unknowns; $i++) {
            $m[$i][$unknowns + $i] = 1.0;
            for ($j = 0; $j < $i; $j++) {
                $m[$i][$j] = $m[$j][$i];
            }
        }
        $solved = self::eliminate($m, $unknowns);

        return $solved === null ? null : self::of($solved, $scale, $rows, $right);
    }

    /**
     * @param  array<int, array<int, float>>  $m  with the identity and the right side behind it
     * @return array<int, array<int, float>>|null the inverse and the solution behind the identity
     */
    private static function eliminate(array $m, int $unknowns): ?array
    {
        for ($column = 0; $column < $unknowns; $column++) {
            $best = $column;
            for ($row = $column + 1; $row < $unknowns; $row++) {
                $best = abs($m[$row][$column]) > abs($m[$best][$column]) ? $row : $best;
            }
            [$m[$column], $m[$best]] = [$m[$best], $m[$column]];
            $pivot = $m[$column][$column];
            if (abs($pivot) < 1e-12) {
                return null;
            }
            foreach ($m[$column] as $i => $value) {
                $m[$column][$i] = $value / $pivot;
            }
            for ($row = 0; $row < $unknowns; $row++) {
                $times = $m[$row][$column];
                if ($row !== $column && $times !== 0.0) {
                    foreach ($m[$column] as $i => $value) {
                        $m[$row][$i] -= $times * $value;
                    }
                }
            }
        }

        return $m;
    }

    /**
     * @param  array<int, array<int, float>>  $solved
     * @param  array<int, float>  $scale
     * @param  list<list<float>>  $rows
     * @param  list<float>  $right
     */
    private static function of(array $solved, array $scale, array $rows, array $right): self
    {
        $unknowns = count($scale);
        $values = [];
        for ($i = 0; $i < $unknowns; $i++) {
            $values[] = $solved[$i][2 * $unknowns] / $scale[$i];
        }
        $left = 0.0;
        foreach ($rows as $at => $row) {
            $is = 0.0;
            foreach ($row as $i => $value) {
                $is += $value * $values[$i];
            }
            $left += ($right[$at] - $is) ** 2;
        }
        $free = count($rows) - $unknowns;
        $errors = [];
        for ($i = 0; $i < $unknowns; $i++) {
            $errors[] =
                $free === 0 ? INF : sqrt(max(0.0, ($left / $free) * $solved[$i][$unknowns + $i])) / $scale[$i];
        }

        return new self($values, $errors, sqrt($left / count($rows)));
    }
}
