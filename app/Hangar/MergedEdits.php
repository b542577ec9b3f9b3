<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Revision;
use DuskSwitch\Core\Document\Merge\Merged;
use DuskSwitch\Core\Document\Merge\MergedPart;
use DuskSwitch\Core\Document\Merge\Side;
use DuskSwitch\Core\Edits\EditedPart;
use DuskSwitch\Core\Edits\EditWords;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Proof\Finding;

/** Two edits of an aircraft, and what they become together. */
final readonly class MergedEdits
{
    private const NOTE = 120;

    private const TOLD = 3;

    private const TOGETHER = ', together with ';

    /**
     * @param  Revision  $edit  kept aside
     * @param  Revision  $current  what the aircraft is
     * @param  EditWords  $words  for the parts that differ between both
     * @param  list<Fault>  $faults  why both together can't run
     * @param  list<Finding>  $findings  of both together that neither had
     */
    public function __construct(
        public Revision $edit,
        public Revision $current,
        public Merged $merged,
        private EditWords $words,
        public array $faults,
        public array $findings,
    ) {}

    /** True where there is nothing to look at: each changed something else, and both together have nothing new. */
    public function isClean(): bool
    {
        $conflicts = array_filter($this->merged->parts, fn (MergedPart $one): bool => $one->isConflict());

        return $conflicts === [] && $this->faults === [] && $this->findings === [];
    }

    /** What the revision says of itself. */
    public function note(): string
    {
        $half = intdiv(self::NOTE, 2) - 10;
        // Of what was brought together itself, what was done last.
        $short = fn (string $note): string => mb_strimwidth(explode(self::TOGETHER, $note)[0], 0, $half, '…');

        return $short($this->edit->note).self::TOGETHER."“{$short($this->current->note)}”";
    }

    /**
     * What the pilot is told where both were kept without a question.
     *
     * @param  list<EditedPart>  $parts
     */
    private static function says(array $parts): string
    {
        $theirs = array_filter($parts, fn (EditedPart $one): bool => $one->theirs !== []);
        $titles = array_values(array_map(fn (EditedPart $one): string => $one->title, $theirs));
        $more = count($titles) - self::TOLD;
        $told = implode(', ', array_slice($titles, 0, self::TOLD)).($more > 0 ? " and {$more} more" : '');

        return "Saved together with what was changed elsewhere: {$told}.";
    }

    /** @return array<string, mixed> */
    public function answer(): array
    {
        $parts = array_map($this->words->of(...), $this->merged->parts);

        return [
            'base' => $this->current->number,
            'aside' => $this->edit->number,
            'says' => self::says($parts),
            'clean' => $this->isClean(),
            'decided' => $this->merged->isDecided(),
            'parts' => array_map(
                fn (EditedPart $one): array => [
                    'path' => $one->part->path,
                    'title' => $one->title,
                    'mine' => $one->mine,
                    'theirs' => $one->theirs,
                    'changed' => array_map(fn (Side $side): string => $side->value, $one->part->changed),
                    'joins' => $one->part->joins,
                    'taken' => $one->part->taken?->value,
                ],
                $parts,
            ),
            'faults' => array_map(
                fn (Fault $one): array => ['path' => $one->path, 'says' => $one->says],
                $this->faults,
            ),
            'findings' => array_map(
                fn (Finding $one): array => [
                    'key' => $one->key(),
                    'severity' => $one->severity->value,
                    'says' => $one->says,
                ],
                $this->findings,
            ),
        ];
    }
}
