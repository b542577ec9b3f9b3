<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Models\Field;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Paper;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\Core\Analysis\DrawnField;
use DuskSwitch\Core\Analysis\FieldFile;
use DuskSwitch\Core\Analysis\FieldLimits;
use DuskSwitch\Core\Analysis\FieldVerdict;
use DuskSwitch\Core\Analysis\FlightSeries;
use DuskSwitch\Core\Analysis\MeasuredWords;
use DuskSwitch\Core\Analysis\Runway;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Video\Intermodulation;
use DuskSwitch\Core\Video\VideoChannel;
use DuskSwitch\Core\Video\VideoChannels;
use DuskSwitch\Core\Video\VideoPilot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** The places where one flies and the friends who fly there: outlines, heights, video channels. */
final readonly class FieldController
{
    public function __construct(private RecordingFiles $files) {}

    public function index(): JsonResponse
    {
        return new JsonResponse([
            'fields' => Field::orderBy('name')
                ->get()
                ->map(
                    fn (Field $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'corners' => count($one->outline),
                        'outline' => $one->outline,
                        'shape' => $one->outline === [] ? [] : (new FieldLimits($one->outline))->around(...$one->outline[0]),
                        'runway' => Runway::of($one->runway)?->says(Pilot::here()->units),
                        'height' => $one->height,
                    ],
                )
                ->all(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request, ['name'], ['height', 'outline', 'drawn']);
        $name = $body->need('name')->text(60);
        $height = $body->optional('height')?->number(1, 10_000);
        $text = $body->raw('outline');
        $there = Field::where('name', $name)->first();
        $drawn = $this->drawn($body->optional('drawn'), $body, $there);
        $file = is_string($text) && trim($text) !== '' ? $text : null;
        [$outline, $runway] = $file === null ? [null, []] : [FieldLimits::read($file), FieldFile::runway($file)];
        $field =
            $there ?? new Field(['uuid' => (string) Str::uuid(), 'name' => $name, 'outline' => [], 'runway' => []]);
        $field
            ->fill([
                'height' => $height,
                ...$outline === null ? [] : ['outline' => $outline],
                // What was drawn before stays where a file has none.
                ...$runway === [] ? [] : ['runway' => $runway],
                ...$drawn === null ? [] : ['outline' => $drawn->outline, 'runway' => $drawn->runway],
            ])
            ->save();

        return $this->index();
    }

    /** @throws Refused where the flight that it was drawn over has no place, or the rest of the body is wrong */
    private function drawn(?JsonCursor $node, Body $body, ?Field $there): ?DrawnField
    {
        $node?->keys(['flight', 'outline', 'runway']);
        $reach = DrawnField::FARTHEST;
        $place = fn (JsonCursor $one): array => array_map(
            fn (JsonCursor $is): float => $is->number(-$reach, $reach),
            $one->items(2, 2),
        );
        $places = fn (string $key, int $most): array => array_map($place, $node?->at($key)?->items($most) ?? []);
        [$outline, $runway] = [$places('outline', FieldLimits::MOST), $places('runway', 2)];
        $flight = $node?->need('flight')->whole(1, 2_000_000_000);
        $body->done();
        if ($node === null) {
            return null;
        }
        $log = $this->files->flight(Flight::with('recording')->find($flight) ?? new Flight());
        $home = $log === null ? null : (new FlightSeries($log))->home();

        if ($home === null) {
            throw Refused::because(
                'drawn.flight',
                'this flight doesn\'t say where it was: draw over one with positions',
            );
        }
        $away = (new FieldLimits($there->outline ?? []))->away(...$home);
        if ($away > FieldVerdict::ELSEWHERE) {
            $far = (new MeasuredWords(Pilot::here()->units))->distance($away);
            throw Refused::because('name', "{$there?->name} lies {$far} from this flight: give its field another name");
        }

        return DrawnField::of($home, $outline, $runway);
    }

    /** A field as a file. */
    public function show(Field $field): Response
    {
        $file = Str::slug($field->name) ?: 'field';

        return new Response(FieldFile::write($field->name, $field->outline, $field->runway, $field->height), 200, [
            'Content-Type' => 'application/geo+json',
            'Content-Disposition' => "attachment; filename=\"{$file}.geojson\"",
        ]);
    }

    public function destroy(Field $field): JsonResponse
    {
        $field->delete();

        return $this->index();
    }

    /** Who flew together last. */
    public function friends(): JsonResponse
    {
        return new JsonResponse(['pilots' => Paper::read('video', 'friends') ?? []]);
    }

    /** A channel for each. */
    public function plan(Request $request): JsonResponse
    {
        $body = Body::of($request, ['pilots', 'allowed']);
        $allowed = $body->need('allowed')->number(0.1, 5000);
        $pilots = array_map(self::pilot(...), $body->need('pilots')->items(VideoChannels::MOST_PILOTS, 1));
        $body->done();
        Paper::keep(
            'video',
            'friends',
            array_map(
                fn (VideoPilot $one): array => [
                    'name' => $one->name,
                    'channels' => array_map(
                        fn (VideoChannel $is): array => ['name' => $is->name, 'megahertz' => $is->megahertz],
                        $one->channels,
                    ),
                    'powers' => $one->powers,
                ],
                $pilots,
            ),
        );
        $plan = VideoChannels::plan($pilots);

        return new JsonResponse([
            'pilots' => array_map(
                fn (VideoPilot $one, VideoChannel $is): array => [
                    'name' => $one->name,
                    'channel' => $is->name,
                    'megahertz' => $is->megahertz,
                    'milliwatts' => $one->power($allowed),
                    'isTooMuch' => ($one->power($allowed) ?? 0.0) > $allowed,
                ],
                $pilots,
                $plan->channels,
            ),
            'apart' => is_finite($plan->apart) ? $plan->apart : null,
            'isBest' => $plan->isBest,
            'products' => $plan->products,
            'near' => Intermodulation::NEAR,
        ]);
    }

    private static function pilot(JsonCursor $one): VideoPilot
    {
        $one->keys(['name', 'channels'], ['powers']);
        $channels = array_map(self::channel(...), $one->need('channels')->items(VideoChannels::MOST_CHANNELS, 1));
        $powers = array_map(fn (JsonCursor $is): float => $is->number(0.1, 5000), $one->at('powers')?->items(12) ?? []);
        sort($powers);

        return new VideoPilot(
            $one->at('name')?->text(40) ?? '',
            $channels === [] ? [new VideoChannel('', 1.0)] : $channels,
            $powers,
        );
    }

    private static function channel(JsonCursor $one): VideoChannel
    {
        $one->keys(['name', 'megahertz']);

        return new VideoChannel(
            $one->at('name')?->text(20, true) ?? '',
            $one->at('megahertz')?->number(100, 100_000) ?? 1.0,
        );
    }
}
