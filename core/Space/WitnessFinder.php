<?php

namespace DuskSwitch\Core\Space;

/** Picks the plainest hand of a region in which something is so everywhere, and lets the circuit confirm it. */
final readonly class WitnessFinder
{
    /** So far beyond a level a hand is sure to be beyond it. */
    public const BEYOND = 0.001;

    private CircuitCheck $confirmation;

    public function __construct(private Model $model, private Question $question)
    {
        $this->confirmation = new CircuitCheck($model, $question);
    }

    /** A hand that the circuit confirms; null where the way to its memory wasn't found. */
    public function in(Region $region, SplitPoints $splits): ?Witness
    {
        $inputs = [];
        foreach ($region->points as $input => $values) {
            $inputs[$input] = $values[0];
        }
        foreach ($region->spans as $input => [$low, $high]) {
            $inputs[$input] = $this->inside($input, $low, $high);
        }

        return $this->from($inputs, $splits);
    }

    /**
     * The same from a hand for which it's so.
     *
     * @param  array<int, float>  $inputs
     */
    public function from(array $inputs, SplitPoints $splits): ?Witness
    {
        foreach ($this->question->region->points as $input => $values) {
            $inputs[$input] ??= $values[0];
        }
        foreach ($this->question->region->spans as $input => [$low, $high]) {
            $inputs[$input] ??= max($low, min($high, 0.0));
        }
        $plain = $this->plain($inputs);
        $matters = array_values(
            array_unique([
                ...array_keys($splits->points),
                ...array_keys($splits->levels),
                ...array_keys($splits->read),
                ...array_map(fn (ControlMove $one): int => $one->input, $this->question->moves),
            ]),
        );

        return $this->confirmation->of($plain, $matters) ??
            ($plain === $inputs ? null : $this->confirmation->of($inputs, $matters));
    }

    /**
     * The same with as much at rest as may be, and the rest at its ends where that will do.
     *
     * @param  array<int, float>  $inputs
     * @return array<int, float>
     */
    private function plain(array $inputs): array
    {
        $rest = [...$this->model->panel->atRest()];
        foreach ($inputs as $input => $value) {
            $calm = $rest[$input] ?? 0.0;
            $may = isset($this->question->region->points[$input])
                ? in_array($calm, $this->question->region->points[$input], true)
                : ($this->question->region->spans[$input][0] ?? 0.0) <= $calm &&
                    $calm <= ($this->question->region->spans[$input][1] ?? 0.0);
            if ($value === $calm || ! $may) {
                continue;
            }
            if ($this->holds([$input => $calm] + $inputs)) {
                $inputs[$input] = $calm;
            }
        }
        foreach ($inputs as $input => $value) {
            [$low, $high] = $this->question->region->spans[$input] ?? [$value, $value];
            $end = $value > ($rest[$input] ?? 0.0) ? $high : $low;
            if (
                $value !== ($rest[$input] ?? 0.0) &&
                abs($end) === 1.0 &&
                $value !== $end &&
                $this->holds([$input => $end] + $inputs)
            ) {
                $inputs[$input] = $end;
            }
        }
        ksort($inputs);

        return $inputs;
    }

    /** @param  array<int, float>  $inputs */
    private function holds(array $inputs): bool
    {
        $points = $spans = [];
        foreach ($this->question->region->points as $input => $values) {
            $points[$input] = [$inputs[$input]];
        }
        foreach ($this->question->region->spans as $input => $span) {
            $spans[$input] = [$inputs[$input], $inputs[$input]];
        }

        return ($this->question->judge)($this->question->look($this->model, new Region($points, $spans))[0]) ===
            Truth::HOLDS;
    }

    /** The value nearest to rest, a hair inside of levels. */
    private function inside(int $input, float $low, float $high): float
    {
        [$least, $most] = $this->question->region->spans[$input] ?? [$low, $high];
        $hair = min(self::BEYOND, ($high - $low) / 2);
        $from = $low > $least ? $low + $hair : $low;
        $to = $high < $most ? $high - $hair : $high;
        $rest = $this->model->panel->atRest()[$input] ?? 0.0;

        return max($from, min($to, $rest));
    }
}
