<?php

namespace DuskSwitch\Core\Video;

use DuskSwitch\Core\Fault\Refused;

/**
 * Chooses a channel for each of several pilots: none disturbed by another or by a third-order product of others where
 * that can be, and the nearest two as far apart as they can be.
 */
final class VideoChannels
{
    /** Pilots in the air at once, and channels of each, at most. */
    public const MOST_PILOTS = 8;

    public const MOST_CHANNELS = 80;

    /** Steps after which the best so far is taken. */
    private const STEPS = 15_000;

    private int $steps = 0;

    /** @var array<int, int>|null places of channels by pilot */
    private ?array $best = null;

    private int $fewest = PHP_INT_MAX;

    private float $widest = -1.0;

    /** @var list<int> pilots, those with the fewest channels first */
    private readonly array $order;

    /** @param  list<VideoPilot>  $pilots */
    private function __construct(private readonly array $pilots)
    {
        $order = array_keys($pilots);
        usort($order, fn (int $a, int $b): int => count($pilots[$a]->channels) <=> count($pilots[$b]->channels));
        $this->order = $order;
    }

    /**
     * The best plan.
     *
     * @param  list<VideoPilot>  $pilots
     *
     * @throws Refused where there are none, or too many
     */
    public static function plan(array $pilots): VideoPlan
    {
        if ($pilots === [] || count($pilots) > self::MOST_PILOTS) {
            throw Refused::because(
                'pilots',
                'must be one to '.self::MOST_PILOTS.' pilots: more than that don\'t fly at once',
            );
        }
        foreach ($pilots as $index => $pilot) {
            if (count($pilot->channels) > self::MOST_CHANNELS) {
                throw Refused::because(
                    "pilots[{$index}].channels",
                    'must be at most '.self::MOST_CHANNELS.' channels',
                );
            }
        }
        $search = new self($pilots);
        $search->choose([], INF, 0);
        if ($search->steps > self::STEPS) {
            // Too many to look at all: what was found is made better one pilot at a time, from an even spread, too.
            $search->improve($search->best ?? []);
            $search->improve($search->spread());
        }
        $chosen = $search->best ?? [];
        ksort($chosen);
        $channels = array_map(
            fn (int $place, int $pilot): VideoChannel => $pilots[$pilot]->channels[$place],
            $chosen,
            array_keys($chosen),
        );
        $frequencies = array_map(fn (VideoChannel $one): float => $one->megahertz, $channels);

        $products = Intermodulation::products($frequencies);

        return new VideoPlan($channels, $search->widest, $products, $search->steps <= self::STEPS);
    }

    /**
     * @param  array<int, int>  $chosen  places of channels by pilot, so far
     */
    private function choose(array $chosen, float $apart, int $disturbed): void
    {
        if (++$this->steps > self::STEPS) {
            return;
        }
        if (count($chosen) === count($this->pilots)) {
            if ($disturbed < $this->fewest || ($disturbed === $this->fewest && $apart > $this->widest)) {
                [$this->best, $this->fewest, $this->widest] = [$chosen, $disturbed, $apart];
            }

            return;
        }
        $pilot = $this->order[count($chosen)];
        $used = array_map(
            fn (int $place, int $of): float => $this->pilots[$of]->channels[$place]->megahertz,
            $chosen,
            array_keys($chosen),
        );
        $ways = [];
        $twin = $this->twin($pilot, $chosen);
        foreach ($this->pilots[$pilot]->channels as $place => $channel) {
            // Two with the same channels may change places: one order of them is enough.
            if ($place <= $twin) {
                continue;
            }
            $ways[$place] = min([
                $apart,
                ...array_map(fn (float $one): float => abs($one - $channel->megahertz), $used),
            ]);
        }
        // What is farthest from the others first: then what is nearer needn't be looked at.
        arsort($ways);
        foreach ($ways as $place => $way) {
            // With nobody disturbed, and a plan that is as wide already, nothing narrower helps.
            if ($this->fewest === 0 && $way <= $this->widest) {
                break;
            }
            $more = $disturbed + Intermodulation::added($used, $this->pilots[$pilot]->channels[$place]->megahertz);
            if ($more < $this->fewest || ($more === $this->fewest && $way > $this->widest)) {
                $this->choose($chosen + [$pilot => $place], $way, $more);
            }
        }
    }

    /** @param  array<int, int>  $chosen */
    private function improve(array $chosen): void
    {
        $now = $this->judged($chosen);
        for ($better = true; $better;) {
            $better = false;
            foreach (array_keys($chosen) as $pilot) {
                foreach (array_keys($this->pilots[$pilot]->channels) as $place) {
                    $other = $this->judged([$pilot => $place] + $chosen);
                    if ($other < $now) {
                        [$now, $chosen, $better] = [$other, [$pilot => $place] + $chosen, true];
                    }
                }
            }
        }
        if ($now < [$this->fewest, -$this->widest]) {
            [$this->best, $this->fewest, $this->widest] = [$chosen, $now[0], -$now[1]];
        }
    }

    /**
     * @param  array<int, int>  $chosen
     * @return array{int, float} how many are disturbed, and MHz between the nearest two below 0
     */
    private function judged(array $chosen): array
    {
        $used = [];
        [$disturbed, $apart] = [0, INF];
        foreach ($chosen as $pilot => $place) {
            $new = $this->pilots[$pilot]->channels[$place]->megahertz;
            $disturbed += Intermodulation::added($used, $new);
            $apart = min([$apart, ...array_map(fn (float $one): float => abs($one - $new), $used)]);
            $used[] = $new;
        }

        return [$disturbed, -$apart];
    }

    /** @return array<int, int> each pilot on their channel that is nearest to an even spread over all of them */
    private function spread(): array
    {
        $all = [];
        foreach ($this->pilots as $pilot) {
            array_push($all, ...array_map(fn (VideoChannel $one): float => $one->megahertz, $pilot->channels));
        }
        [$low, $high, $steps] = [min($all ?: [0.0]), max($all ?: [0.0]), max(1, count($this->pilots) - 1)];
        $chosen = [];
        foreach ($this->order as $at => $pilot) {
            $wanted = $low + (($high - $low) * $at) / $steps;
            $off = array_map(
                fn (VideoChannel $one): float => abs($one->megahertz - $wanted),
                $this->pilots[$pilot]->channels,
            );
            $chosen[$pilot] = (int) array_search(min($off), $off, true);
        }

        return $chosen;
    }

    /**
     * The place that was chosen last for a pilot with the same channels; −1 where there is none.
     *
     * @param  array<int, int>  $chosen
     */
    private function twin(int $pilot, array $chosen): int
    {
        $place = -1;
        foreach ($chosen as $other => $at) {
            $place = $this->pilots[$other]->channels == $this->pilots[$pilot]->channels ? max($place, $at) : $place;
        }

        return $place;
    }
}
