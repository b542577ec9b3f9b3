<?php

namespace DuskSwitch\Core\Rehearsal;

/** Moves the aircraft as a leg asks, as far as its motor and the air let it. */
final readonly class Motion
{
    /** Degrees a second at full stick. */
    private const FULL_TURN = 60.0;

    /** Share of full power that a speed takes, by its square in m/s (from memory). */
    private const DRAG = 0.0004;

    /** The same on the ground (from memory). */
    private const ROLLING = 0.005;

    /** Below so many m/s it has stopped. */
    private const STANDS = 0.05;

    public function __construct(private FlightModel $model, private RehearsalSettings $setting) {}

    /**
     * One step. The body is moved.
     *
     * @param  bool  $motor  it runs
     * @param  float  $gust  m/s more wind
     * @param  float  $lift  m/s that the air rises
     * @param  float  $seconds  that the step takes
     * @param  bool  $lost  it flies without a link, towards home, if its controller can
     */
    public function step(
        Body $body,
        Leg $leg,
        bool $motor,
        float $gust,
        float $lift,
        float $seconds,
        bool $lost = false,
    ): void {
        if ($this->model->drives) {
            $this->drive($body, $leg, $motor && $leg->motor && ! $lost, $seconds);

            return;
        }
        $wind = $this->setting->wind + $gust;
        [$windEast, $windNorth] = [
            -$wind * sin(deg2rad($this->setting->from)),
            -$wind * cos(deg2rad($this->setting->from)),
        ];
        $soon = min(1.0, $seconds / $this->model->nimble);
        $wanted = $leg->climb;
        if (
            $leg->until !== null &&
            (($leg->climb > 0 && $body->height >= $leg->until) || ($leg->climb < 0 && $body->height <= $leg->until))
        ) {
            $wanted = 0.0;
        }
        $gliding = ! $motor || ! $leg->motor;
        if ($gliding) {
            // Brakes sink faster; without motor nothing climbs by itself.
            $wanted = min($wanted, 0.0) - $this->model->sink;
        }
        if (! $body->flies) {
            $body->flies = ! $gliding && $wanted > 0.05;
            // What has wings is thrown, or has rolled, before it flies.
            $body->airspeed = $body->flies ? $this->model->stall * 1.1 : 0.0;
        }
        if (! $body->flies) {
            [$body->climb, $body->turn, $body->groundEast, $body->groundNorth] = [0.0, 0.0, 0.0, 0.0];

            return;
        }
        $towards = $lost ? SteeringTarget::Home : $leg->towards;
        $turn = $towards === null ? $leg->turn : $this->steer($body, $towards);
        $body->turn += ($turn - $body->turn) * $soon;
        $body->heading = fmod($body->heading + $body->turn * $seconds + 360.0, 360.0);
        $speed = $lost
            ? max(8.0, $this->model->stall * 1.3)
            : ($this->model->hovers
                ? $leg->speed
                : max($leg->speed, $this->model->stall * 1.05));
        $body->airspeed += ($speed - $body->airspeed) * min(1.0, $seconds / ($this->model->nimble * 2));
        $body->climb += ($wanted + $lift - $body->climb) * $soon;
        [$east, $north] = [sin(deg2rad($body->heading)), cos(deg2rad($body->heading))];
        // What hovers is held against the wind by its pilot; what has wings is carried along.
        $drift = $this->model->hovers ? 0.0 : 1.0;
        $body->groundEast = $body->airspeed * $east + $windEast * $drift;
        $body->groundNorth = $body->airspeed * $north + $windNorth * $drift;
        $body->east += $body->groundEast * $seconds;
        $body->north += $body->groundNorth * $seconds;
        $body->height += $body->climb * $seconds;
        if ($body->height <= 0.0) {
            [$body->height, $body->airspeed, $body->flies] = [0.0, 0.0, false];
        }
    }

    /** On the ground: it rolls out where its motor stops, and turns only while it rolls. */
    private function drive(Body $body, Leg $leg, bool $motor, float $seconds): void
    {
        $soon = min(1.0, $seconds / $this->model->nimble);
        $body->airspeed += ((($motor ? $leg->speed : 0.0) - $body->airspeed) * $soon) / 2;
        $body->flies = $body->airspeed > self::STANDS;
        $body->airspeed = $body->flies ? $body->airspeed : 0.0;
        $turn = $leg->towards === null ? $leg->turn : $this->steer($body, $leg->towards);
        $body->turn += (($body->flies ? $turn : 0.0) - $body->turn) * $soon;
        $body->heading = fmod($body->heading + $body->turn * $seconds + 360.0, 360.0);
        [$body->groundEast, $body->groundNorth] = [
            $body->airspeed * sin(deg2rad($body->heading)),
            $body->airspeed * cos(deg2rad($body->heading)),
        ];
        $body->east += $body->groundEast * $seconds;
        $body->north += $body->groundNorth * $seconds;
    }

    /** Share of full power that a leg takes. */
    public function power(Body $body, Leg $leg): float
    {
        if ($this->model->drives) {
            return $leg->speed > 0.0 ? min(1.0, $this->model->level + self::ROLLING * $leg->speed ** 2) : 0.0;
        }
        $share =
            $this->model->level + $this->model->aMetre * max(0.0, $body->climb) + self::DRAG * $body->airspeed ** 2;

        return max(0.08, min(1.0, $body->flies ? $share : 0.1 + ($leg->climb > 0 ? $share : 0.0)));
    }

    /**
     * Sticks that go with the motion: roll, pitch, throttle, yaw.
     *
     * @param  bool  $ready  the pilot has begun
     * @param  float  $power  share of full power that is wanted
     * @return array{float, float, float, float}
     */
    public function sticks(Body $body, Leg $leg, bool $ready, float $power): array
    {
        $throttle = match (true) {
            $this->model->drives => $ready && $leg->motor && $leg->speed > 0.0 ? $power : 0.0,
            $ready && $leg->motor && ($body->flies || $leg->climb > 0) => 2 * $power - 1,
            default => -1.0,
        };

        return [
            max(-1.0, min(1.0, $body->turn / self::FULL_TURN)),
            max(-1.0, min(1.0, -$body->climb / 12 + ($this->model->hovers ? $body->airspeed / 40 : 0.0))),
            $throttle,
            max(-1.0, min(1.0, $body->turn / self::FULL_TURN / 3)),
        ];
    }

    private function steer(Body $body, SteeringTarget $towards): float
    {
        // The way out leads across the wind.
        $bearing =
            $towards === SteeringTarget::Home
                ? rad2deg(atan2(-$body->east, -$body->north))
                : $this->setting->from + 90.0;
        $off = fmod($bearing - $body->heading + 900.0, 360.0) - 180.0;

        return max(-30.0, min(30.0, $off));
    }
}
