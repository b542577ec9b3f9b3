<?php

namespace DuskSwitch\Core\Kit;

/** A motor in a controller's drawing. */
final readonly class Motor
{
    /**
     * @param  string  $place  "front left"
     * @param  bool  $clockwise  as seen from above
     * @param  Place|null  $at  in the drawing, from the left and from the front, in %
     */
    public function __construct(
        public int $number,
        public string $place,
        public bool $clockwise,
        public ?Place $at = null,
    ) {}

    /**
     * Where each motor is in the drawing: where its definition has it, else evenly on a circle from the front left on,
     * clockwise.
     *
     * @param  list<self>  $motors
     * @return list<Place>
     */
    public static function drawn(array $motors): array
    {
        $places = [];
        foreach ($motors as $index => $one) {
            $angle = -M_PI / 4 + (2 * M_PI * $index) / count($motors);
            $places[] = $one->at ?? new Place(50 + 35 * sin($angle), 50 - 35 * cos($angle));
        }

        return $places;
    }
}
