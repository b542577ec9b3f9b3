<?php

namespace DuskSwitch\Core\Space;

/** What a finger does to one switch or button: the positions that it goes through, one after another. */
final readonly class ControlMove
{
    /** @param  non-empty-list<float>  $values  a button that is pressed is let go before and after */
    public function __construct(public int $input, public array $values) {}

    /**
     * Every move of the switches and buttons of a region.
     *
     * @param  list<int>  $inputs
     * @return list<self>
     */
    public static function all(Model $model, array $inputs): array
    {
        $moves = [];
        foreach ($inputs as $input) {
            $control = $model->control($input);
            if ($control === null || $control->detents === []) {
                continue;
            }
            foreach (Model::values($control) as $value) {
                $isPress = $control->valueOf('pressed') === $value && in_array('pressed', $control->detents, true);
                $moves[] = new self(
                    $input,
                    $isPress ? [$control->restValue(), $value, $control->restValue()] : [$value],
                );
            }
        }

        return $moves;
    }

    /** Where it ends. */
    public function last(): float
    {
        return $this->values[count($this->values) - 1];
    }
}
