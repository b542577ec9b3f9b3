<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Units\Dimension;

/** What was heard: of a lost link, too much, too late, never. */
final readonly class VoiceRemarks
{
    /** Share of the time after which a voice is no more listened to (from memory). */
    private const TALKATIVE = 0.25;

    /** @param  list<SpokenPhrase>  $said */
    public function __construct(
        private Recording $flight,
        private Program $program,
        private array $said,
        private Report $report,
        private Warnings $warnings,
    ) {}

    /** @return list<Remark> */
    public function remarks(): array
    {
        return [...$this->link(), ...$this->voice(), ...$this->never()];
    }

    /** @return list<Remark> */
    private function link(): array
    {
        if (! $this->flight->track->knows(TrackColumn::Linked)) {
            return [
                new Remark('Link', PointLevel::Open, 'The link is not checked: nothing in this recording tells of it.'),
            ];
        }
        $lost = $this->flight->spans(TrackColumn::Linked, fn (float $one): bool => $one === 0.0);
        if ($lost === []) {
            return [new Remark('Link', PointLevel::Fine, 'The link held all the way.')];
        }
        $at = $lost[0][0];
        $warned = $this->warnings->first(Dimension::Percent, Dimension::Level);
        $seconds = round(array_sum(array_map(fn (array $span): float => $span[1] - $span[0], $lost)), 1);

        return [
            $warned === null
                ? new Remark(
                    'Link',
                    PointLevel::Wrong,
                    "The link was gone for {$seconds} s, and nothing was said of it. Add an alarm on the link's ".
                        'quality: warn early, critical late.',
                    $at,
                )
                : new Remark(
                    'Link',
                    PointLevel::Look,
                    "The link was gone for {$seconds} s; the pilot was told ".
                        Remark::clock($warned).
                        '.',
                    $at,
                ),
        ];
    }

    /** @return list<Remark> */
    private function voice(): array
    {
        $remarks = [];
        $share = round($this->report->share * 100);
        if ($this->report->share > self::TALKATIVE) {
            $remarks[] = new Remark(
                'Voice',
                PointLevel::Look,
                "It speaks {$share} % of the time: what repeats too often is switched off, and then missed.",
            );
        }
        foreach ($this->report->talkedOver as $one) {
            $remarks[] = new Remark(
                'Voice',
                PointLevel::Look,
                "“{$one->offer->text}” had to wait ".round($one->late(), 1).' s for a callout to end.',
                $one->offer->at,
            );
        }
        $count = count($this->report->dropped);
        if ($count > 0) {
            $remarks[] = new Remark(
                'Voice',
                PointLevel::Look,
                $count === 1
                    ? "“{$this->report->dropped[0]->offer->text}” was dropped: {$this->report->dropped[0]->dropped}."
                    : "{$count} phrases were dropped, the first “{$this->report->dropped[0]->offer->text}”: {$this->report->dropped[0]->dropped}.",
                $this->report->dropped[0]->offer->at,
            );
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private function never(): array
    {
        $heard = array_map(fn (SpokenPhrase $one): string => $one->from === null ? '' : $one->offer->by, $this->said);
        $names = array_map(
            fn (Callout $one): string => $one->name,
            array_filter($this->program->sense->calls, fn (Callout $one): bool => ! in_array($one->id, $heard, true)),
        );

        return $names === []
            ? []
            : [
                new Remark(
                    'Not tried',
                    PointLevel::Open,
                    'In this flight nobody heard: '.
                        implode(', ', $names).
                        '. Try them with a mishap or another flight.',
                ),
            ];
    }
}
