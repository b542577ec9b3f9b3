<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Prover;
use DuskSwitch\Core\Document\JsonPath;
use DuskSwitch\Core\Document\Merge\Merge;
use DuskSwitch\Core\Document\Merge\MergedPart;
use DuskSwitch\Core\Document\Merge\Side;
use DuskSwitch\Core\Edits\EditWords;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\NewFindings;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Signal\Circuit;

/** Brings an edit that was kept aside together with what the aircraft became meanwhile. */
final readonly class Merging
{
    public function __construct(private Bench $bench, private Prover $prover, private Hangar $hangar) {}

    /**
     * What both become together.
     *
     * @param  int  $base  the revision that the aircraft is at
     * @param  int  $aside  the revision with the edit
     * @param  array<string, Side>  $choices  by path
     *
     * @throws Conflict where the aircraft has moved on once more
     * @throws Refused where one of the three can't be read any more, or there's nothing at a path
     */
    public function of(Aircraft $aircraft, int $base, int $aside, array $choices): MergedEdits
    {
        if ($base !== $aircraft->head) {
            throw new Conflict($base, $aircraft->current());
        }
        $edit = $aircraft->revision($aside);
        if ($edit->parent === null) {
            throw Refused::because('aside', "revision {$aside} is the first one: it isn't an edit of another");
        }
        $before = $this->circuit($aircraft->revision($edit->parent));
        $mine = $this->circuit($edit);
        $theirs = $this->circuit($aircraft->current());
        $merged = Merge::of($before->program, $mine->program, $theirs->program, Spelling::forms(), $choices);
        $paths = array_map(fn (MergedPart $one): string => $one->path, $merged->parts);
        foreach (array_diff(array_keys($choices), $paths) as $path) {
            throw Refused::because(JsonPath::below('choices', $path), 'nothing differs there; look at both edits again');
        }
        assert($merged->document instanceof Program);
        $words = new EditWords($before->program, $mine->program, $theirs->program, $this->bench->summary(...));
        $faults = $findings = [];
        try {
            $circuit = $this->bench->read(json_decode(ProgramEncoder::encode($merged->document)));
            $findings = NewFindings::of($this->proof($circuit), $this->proof($mine), $this->proof($theirs));
        } catch (Refused $refused) {
            $faults = $refused->faults;
        }

        return new MergedEdits($edit, $aircraft->current(), $merged, $words, $faults, $findings);
    }

    /**
     * Keeps what both become as a revision of its own.
     *
     * @param  list<string>  $seen  keys of the findings that neither had and that the pilot was shown
     *
     * @throws Refused where it isn't decided, can't run, or was found to have what nobody saw
     */
    public function keep(Aircraft $aircraft, MergedEdits $edits, array $seen): Aircraft
    {
        if (! $edits->merged->isDecided()) {
            $paths = implode(', ', array_map(fn (MergedPart $one): string => $one->path, $edits->merged->open()));
            throw Refused::because('choices', "both changed {$paths}: say whose is to be kept");
        }
        if ($edits->faults !== []) {
            throw new Refused($edits->faults);
        }
        $unseen = array_diff(array_map(fn (Finding $one): string => $one->key(), $edits->findings), $seen);
        if ($unseen !== []) {
            throw Refused::because('seen', 'both together have findings that neither had: look at them first');
        }
        $program = $edits->merged->document;
        assert($program instanceof Program);

        return $this->hangar->save($aircraft, $edits->current->number, $program, $edits->note());
    }

    private function circuit(Revision $revision): Circuit
    {
        try {
            return $this->bench->circuit($revision->document);
        } catch (Refused) {
            throw Refused::because(
                '',
                "revision {$revision->number} can't be read any more: what it needs has changed, or is gone. Choose ".
                    'one of both versions as a whole',
            );
        }
    }

    private function proof(Circuit $circuit): Proof
    {
        return Proof::of($this->prover->context($circuit));
    }
}
