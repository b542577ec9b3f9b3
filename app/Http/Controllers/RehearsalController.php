<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Clips;
use DuskSwitch\App\Program\Rehearser;
use DuskSwitch\App\Program\VoicePack;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Nmea;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Rehearsal\Mishaps;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\TrackFacts;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A flight by ear: flown once, listened to as often as one likes. */
final readonly class RehearsalController
{
    public function __construct(private Bench $bench, private Rehearser $rehearser, private Clips $clips) {}

    public function fly(Request $request): JsonResponse
    {
        [$circuit, $scenario, $setting, $heardOnly] = $this->asked($request);

        return new JsonResponse($this->rehearser->rehearse($circuit, $scenario, $setting, ! $heardOnly));
    }

    /** What the simulated GPS of that flight said. */
    public function nmea(Request $request): Response
    {
        [$circuit, $scenario, $setting] = $this->asked($request);

        return new Response($this->rehearser->nmea($circuit, $scenario, $setting), 200, [
            'Content-Type' => 'text/plain; charset=us-ascii',
            'Content-Disposition' => 'attachment; filename="rehearsal.nmea"',
        ]);
    }

    /** A GPS's own words, read. */
    public function readNmea(Request $request): JsonResponse
    {
        $body = Body::of($request, ['text']);
        $body->done();
        // Lines end as they like: the reader takes them as they come.
        $text = $body->raw('text');
        $facts = TrackFacts::of(
            Nmea::read(
                is_string($text) ? $text : throw Refused::because('text', 'must be text: the sentences of a GPS'),
            ),
        );

        return new JsonResponse([
            'sentences' => $facts->sentences,
            'fixes' => $facts->fixes,
            'satellites' => $facts->satellites,
            'first' => $facts->first,
            'furthest' => round($facts->furthest, 1),
            'lowest' => $facts->lowest,
            'highest' => $facts->highest,
            'fastest' => round($facts->fastest, 1),
        ]);
    }

    /** @return array{Circuit, Scenario, RehearsalSettings, bool} */
    private function asked(Request $request): array
    {
        $body = Body::of(
            $request,
            ['document', 'script', 'seed'],
            ['wind', 'windUnit', 'from', 'mishaps', 'pack', 'charge', 'milliwatts', 'reset', 'heardOnly'],
        );
        [$script, $seed] = [$body->need('script')->id(), $body->need('seed')->whole(0, 2_000_000_000)];
        $mishaps = [];
        foreach ($body->node->at('mishaps')?->items(8) ?? [] as $item) {
            self::mishap($item, $mishaps);
        }
        $pack = $body->node->at('pack')?->id();
        $setting = new RehearsalSettings(
            $seed,
            self::wind($body->node->at('wind'), $body->node->at('windUnit')),
            $body->node->at('from')?->number(0, 360) ?? 250.0,
            $mishaps,
            $pack === null ? null : $this->rehearser->pack($pack),
            $body->node->at('charge')?->number(0.1, 1) ?? 1.0,
            $body->node->at('milliwatts')?->number(1, 5000) ?? 10.0,
            $body->node->at('reset')?->number(0, 3600),
        );
        $heardOnly = $body->node->at('heardOnly')?->flag() ?? false;
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return [$circuit, $this->rehearser->scenario($circuit, $script), $setting, $heardOnly];
    }

    /** m/s, from a wind in the pilot's unit. */
    private static function wind(?JsonCursor $wind, ?JsonCursor $in): float
    {
        $unit = $in?->choice(Unit::class) ?? Unit::MetrePerSecond;
        if ($unit->dimension() !== Dimension::Speed) {
            $in?->fault('must be a unit of speed');

            return RehearsalSettings::WIND;
        }
        $most = $unit->fromBase(RehearsalSettings::MOST_WIND);

        return $wind === null ? RehearsalSettings::WIND : $unit->toBase($wind->number(0, round($most, 1)));
    }

    /** A clip of a text, where there is a voice. */
    public function clip(Request $request): Response
    {
        $body = Body::of($request, ['text'], ['language']);
        $text = $body->need('text')->text(400);
        $language = $body->node->at('language')?->choice(SpokenLanguage::class) ?? SpokenLanguage::English;
        $body->done();

        return new Response($this->clips->spoken($text, $language), 200, [
            'Content-Type' => 'audio/wav',
            'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    /** All phrases of a document as a ZIP of clips with a table of names and texts. */
    public function voicePack(Request $request, Catalogue $catalogue): Response
    {
        $body = Body::of($request, ['document']);
        $body->done();
        $zip = (new VoicePack($this->clips, $catalogue))->zip($this->bench->read($body->raw('document')));

        return new Response($zip, 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="voice-pack.zip"',
        ]);
    }

    /** @param  array<string, float>  $mishaps */
    private static function mishap(JsonCursor $item, array &$mishaps): void
    {
        $item->keys(['kind', 'at']);
        $kind = $item->at('kind')?->oneOf(Mishaps::all());
        if ($kind !== null) {
            $mishaps[$kind->id()] = $item->at('at')?->number(0, 3600) ?? 0.0;
        }
    }
}
