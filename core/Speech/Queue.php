<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Telemetry\Priority;

/** One voice: what is more urgent comes first, what is stale is dropped, and what is critical cuts a note short. */
final readonly class Queue
{
    /** Seconds after which a phrase is stale (from memory). */
    private const STALE = ['critical' => 30.0, 'warning' => 10.0, 'note' => 4.0];

    public function __construct(private Airtime $airtime) {}

    /**
     * What becomes of the offers.
     *
     * @param  list<QueuedPhrase>  $offers  in the order of time
     * @return list<SpokenPhrase> in the order in which they were said or dropped
     */
    public function speak(array $offers): array
    {
        $said = [];
        $waiting = [];
        $free = 0.0;
        $now = 0.0;
        while ($offers !== [] || $waiting !== []) {
            $now = max($free, $waiting === [] ? $offers[0]->at : $now);
            while ($offers !== [] && $offers[0]->at <= $now + 1e-9) {
                $waiting[] = array_shift($offers);
            }
            [$waiting, $stale] = $this->fresh($waiting, $now);
            $said = [...$said, ...$stale];
            if ($waiting === []) {
                continue;
            }
            usort(
                $waiting,
                fn (QueuedPhrase $a, QueuedPhrase $b): int => [$a->priority->rank(), $a->at] <=> [
                    $b->priority->rank(),
                    $b->at,
                ],
            );
            $next = array_shift($waiting);
            $end = $now + $this->airtime->of($next->text, $next->plays);
            $cut = $next->priority === Priority::Note ? $this->cut($offers, $end) : null;
            $said[] =
                $cut === null
                    ? SpokenPhrase::from($next, $now, $end)
                    : SpokenPhrase::not($next, 'cut short by something critical');
            $free = $cut ?? $end;
            $now = $free;
        }

        return $said;
    }

    /**
     * @param  list<QueuedPhrase>  $waiting
     * @return array{list<QueuedPhrase>, list<SpokenPhrase>}
     */
    private function fresh(array $waiting, float $now): array
    {
        $fresh = $stale = [];
        foreach ($waiting as $one) {
            if ($now - $one->at > self::STALE[$one->priority->value]) {
                $stale[] = SpokenPhrase::not(
                    $one,
                    'stale: it waited longer than '.self::STALE[$one->priority->value].' s',
                );
            } else {
                $fresh[] = $one;
            }
        }

        return [$fresh, $stale];
    }

    /**
     * When something critical comes before the end.
     *
     * @param  list<QueuedPhrase>  $offers
     */
    private function cut(array $offers, float $end): ?float
    {
        foreach ($offers as $one) {
            if ($one->at >= $end) {
                return null;
            }
            if ($one->priority === Priority::Critical) {
                return $one->at;
            }
        }

        return null;
    }
}
