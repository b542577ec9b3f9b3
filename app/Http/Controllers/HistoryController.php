<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\RevisionNames;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Edits\Differences;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\SummaryItem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The revisions of an aircraft's program, the newest first, with what each changed. */
final class HistoryController
{
    /** More than a pilot reads at once. */
    private const MOST = 60;

    /** Documents that are read for one list: some two seconds of work. */
    private const MOST_BYTES = 2_000_000;

    private int $bytes = 0;

    /** @var array<int, Revision> by number: those that were read already */
    private array $listed = [];

    /** @var array<int, array<string, SummaryItem>> */
    private array $facts = [];

    public function __construct(private readonly Bench $bench, private readonly RevisionNames $names) {}

    public function index(Aircraft $aircraft): JsonResponse
    {
        $revisions = $aircraft->revisions()->orderByDesc('number')->limit(self::MOST)->get();

        $this->listed = $revisions->keyBy('number')->all();
        $names = $this->names->of($aircraft);

        return new JsonResponse([
            'revisions' => $revisions
                ->map(
                    fn (Revision $one): array => [
                        'revision' => $one->number,
                        'parent' => $one->parent,
                        'note' => $one->note,
                        'name' => $names[$one->number] ?? null,
                        'savedAt' => $one->created_at->toIso8601ZuluString(),
                        'aside' => $one->aside,
                        'present' => $one->number === $aircraft->head,
                        'changes' => $one->parent === null ? [] : $this->changes($aircraft, $one),
                    ],
                )
                ->all(),
        ]);
    }

    /** Gives a revision a name, or takes it away. */
    public function name(Request $request, Aircraft $aircraft, int $number): JsonResponse
    {
        $body = Body::of($request, ['name']);
        $name = $body->raw('name') === null ? null : $body->need('name')->text();
        $body->done();
        $this->names->name($aircraft, $number, $name);

        return $this->index($aircraft);
    }

    /** @return list<string> what a revision changed; where that can't be said, why */
    private function changes(Aircraft $aircraft, Revision $revision): array
    {
        $this->bytes += strlen($revision->document);
        if ($this->bytes > self::MOST_BYTES) {
            return ['Not compared here: these programs are too large for a list. Compare two of them instead'];
        }
        try {
            return Differences::between(
                $this->of($aircraft, (int) $revision->parent),
                $this->of($aircraft, $revision->number),
            );
        } catch (Refused) {
            return ['Can\'t be compared: what it needs has changed, or is gone'];
        }
    }

    /** What changed between any two revisions. */
    public function compare(Aircraft $aircraft, int $from, int $to): JsonResponse
    {
        return new JsonResponse([
            'from' => $from,
            'to' => $to,
            'changes' => Differences::between($this->of($aircraft, $from), $this->of($aircraft, $to)),
        ]);
    }

    /** @return array<string, SummaryItem> */
    private function of(Aircraft $aircraft, int $number): array
    {
        return $this->facts[$number] ?? $this->read($this->listed[$number] ?? $aircraft->revision($number));
    }

    /** @return array<string, SummaryItem> */
    private function read(Revision $revision): array
    {
        $circuit = $this->bench->circuit($revision->document);

        return $this->facts[$revision->number] = $this->bench->summary($circuit->program);
    }
}
