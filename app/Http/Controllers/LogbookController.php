<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Query;
use DuskSwitch\App\Log\FlightPage;
use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Log\SearchJson;
use DuskSwitch\App\Log\UnreadRecordings;
use DuskSwitch\App\Logbook\LogbookJson;
use DuskSwitch\App\Logbook\TimeLine;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pack;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\Write\LogWriters;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The logbook: flights, recorded or typed in. */
final readonly class LogbookController
{
    /** What a pilot may write of a flight, and how long. */
    private const TEXTS = ['site' => 60, 'pilot' => 60, 'weather' => 120, 'note' => 2000];

    /** Bytes of a recording that is read while its page waits. */
    private const AT_ONCE = 6_000_000;

    public function __construct(
        private Imports $imports,
        private FlightPage $page,
        private Bench $bench,
        private UnreadRecordings $unread,
    ) {}

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse((new LogbookJson())->list(Query::whole($request, 'aircraft'), Query::whole($request, 'first')));
    }

    /** Everything that happened, in the order of time. */
    public function line(Request $request): JsonResponse
    {
        return new JsonResponse(['entries' => (new TimeLine(Query::whole($request, 'aircraft')))->json()]);
    }

    public function show(Flight $flight): JsonResponse
    {
        $this->read($flight);

        return new JsonResponse($this->page->json($flight->load(['recording', 'pack', 'aircraft'])));
    }

    /** A flight's columns, where it came with a backup and nothing has read them yet. */
    private function read(Flight $flight): void
    {
        if ($flight->recording !== null && $this->unread->read($flight->recording, self::AT_ONCE) === false) {
            throw new HttpException(
                503,
                'This recording came with a backup and is still to be read; that takes a moment.',
            );
        }
    }

    /** A flight that is typed in. */
    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request, ['aircraft'], ['flownAt', 'seconds', 'pack', 'charged', ...array_keys(self::TEXTS)]);
        $flight = new Flight([
            'uuid' => (string) Str::uuid(),
            'note' => '',
            'facts' => [],
            'marks' => [],
            'aircraft_name' => '',
        ]);
        $this->fill($flight, $body);

        return new JsonResponse((new LogbookJson())->row($flight->refresh()->load('pack')), 201);
    }

    public function change(Request $request, Flight $flight): JsonResponse
    {
        $body = Body::of(
            $request,
            [],
            ['aircraft', 'flownAt', 'seconds', 'pack', 'charged', 'marks', ...array_keys(self::TEXTS)],
        );
        $this->fill($flight, $body);
        if ($flight->recording_id !== null && ($body->node->has('aircraft') || $body->node->has('pack'))) {
            $this->imports->look($flight->load(['recording', 'pack', 'aircraft']));
        }

        return new JsonResponse((new LogbookJson())->row($flight->refresh()->load('pack')));
    }

    public function destroy(Flight $flight): JsonResponse
    {
        $recording = $flight->recording;
        $flight->delete();
        if ($recording instanceof Recording && $recording->flights()->doesntExist()) {
            $this->imports->forget($recording);
        }

        return new JsonResponse(['id' => $flight->id]);
    }

    /** Another flight, to be laid over this one. */
    public function over(Flight $flight, Flight $other): JsonResponse
    {
        $with = ['recording', 'pack', 'aircraft'];
        array_map($this->read(...), [$flight, $other]);

        return new JsonResponse($this->page->over($flight->load($with), $other->load($with)));
    }

    /** What the alarms of a program would have said: a document that needn't be saved. */
    public function heard(Request $request, Flight $flight): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();

        return new JsonResponse(
            $this->page->heard(
                $flight->load(['recording', 'pack', 'aircraft']),
                $this->bench->read($body->raw('document')),
            ),
        );
    }

    /** How far it is to a place from where one stands. */
    public function way(Request $request): JsonResponse
    {
        $body = Body::of($request, ['from', 'to']);
        $place = fn (JsonCursor $one): array => [
            $one->need('latitude')->number(-90, 90),
            $one->need('longitude')->number(-180, 180),
        ];
        $body->need('from')->keys(['latitude', 'longitude']);
        $body->need('to')->keys(['latitude', 'longitude']);
        $body->done();
        [$from, $to] = [$place($body->need('from')), $place($body->need('to'))];
        $body->done();

        return new JsonResponse((new SearchJson(Pilot::here()->units))->way($from, $to));
    }

    /** The flight in an open format. */
    public function export(Flight $flight, string $ending): Response
    {
        $name = $flight->aircraft_name === '' ? 'flight' : $flight->aircraft_name;
        $pieces = LogWriters::write($ending, [$this->page->log($flight->load('recording'))], $name);
        $file =
            (Str::slug($name) ?: 'flight').
            ($flight->flown_at === null ? '' : '-'.$flight->flown_at->format('Y-m-d-Hi')).
            ".{$ending}";

        return new Response(implode('', [...$pieces]), 200, [
            'Content-Type' => LogWriters::all()[$ending]->media().'; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$file}\"",
        ]);
    }

    private function aircraft(JsonCursor $node): ?Aircraft
    {
        if ($node->isNull()) {
            return null;
        }
        $aircraft = Aircraft::find($node->whole(1, 2_000_000_000));
        $aircraft === null && $node->fault('there is no such aircraft');

        return $aircraft;
    }

    private function own(Flight $flight, ?Aircraft $aircraft): void
    {
        $flight->fill([
            'aircraft_id' => $aircraft?->id,
            'aircraft_name' => $aircraft->name ?? '',
            'revision' => $aircraft?->revisionAt($flight->flown_at),
        ]);
    }

    /** @throws Refused where something of it can't be taken; nothing is changed then */
    private function fill(Flight $flight, Body $body): void
    {
        foreach (self::TEXTS as $key => $most) {
            if ($body->node->has($key)) {
                $flight->{$key} = $body->need($key)->text($most, true);
            }
        }
        if ($body->node->has('flownAt')) {
            $flight->flown_at = self::time($body->need('flownAt'));
        }
        if ($body->node->has('aircraft')) {
            $this->own($flight, $this->aircraft($body->need('aircraft')));
        }
        foreach (['seconds' => 86_400.0, 'charged' => 100_000.0] as $key => $most) {
            if ($body->node->has($key)) {
                $flight->{$key} = $body->optional($key)?->number(0, $most);
            }
        }
        if ($body->node->has('pack')) {
            $node = $body->optional('pack');
            $pack = $node === null ? null : Pack::find($node->whole(1, 2_000_000_000));
            $pack === null && $node?->fault('there is no such pack');
            $flight->pack_id = $pack?->id;
        }
        if ($body->node->has('marks')) {
            $flight->marks = array_map(
                fn (JsonCursor $one): array => self::mark($one),
                $body->need('marks')->items(100),
            );
        }
        $body->done();
        $flight->save();
    }

    /** @return array{at: float, says: string} */
    private static function mark(JsonCursor $one): array
    {
        $one->keys(['at', 'says']);

        return ['at' => $one->need('at')->number(0, 86_400), 'says' => $one->need('says')->text(60, true)];
    }

    private static function time(JsonCursor $node): ?Carbon
    {
        if ($node->isNull()) {
            return null;
        }
        $text = $node->text(40);
        if (
            preg_match('/^\d{4}-\d{2}-\d{2}(T\d{2}:\d{2}(:\d{2})?(\.\d+)?Z?)?$/D', $text) !== 1 ||
            strtotime($text) === false
        ) {
            $node->fault('must be a time as 2026-05-09T14:30');

            return null;
        }

        return Carbon::parse($text, 'UTC');
    }
}
