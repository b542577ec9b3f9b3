<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Field;
use DuskSwitch\App\Models\Paper;
use DuskSwitch\Core\Analysis\FieldLimits;
use DuskSwitch\Core\Format\JsonCursor;
use DuskSwitch\Core\Video\Intermodulation;
use DuskSwitch\Core\Video\VideoChannel;
use DuskSwitch\Core\Video\VideoChannels;
use DuskSwitch\Core\Video\VideoPilot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The places where one flies and the friends who fly there: outlines, heights, video channels. */
final readonly class FieldController
{
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
                        'shape' => $one->outline === []
                            ? []
                            : (new FieldLimits($one->outline))->around(...$one->outline[0]),
                        'height' => $one->height,
                    ],
                )
                ->all(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request, ['name'], ['height', 'outline']);
        $name = $body->need('name')->text(60);
        $height = $body->optional('height')?->number(1, 10_000);
        $text = $body->raw('outline');
        $body->done();
        $outline = is_string($text) && trim($text) !== '' ? FieldLimits::read($text) : null;
        $field =
            Field::where('name', $name)->first() ??
            new Field(['uuid' => (string) Str::uuid(), 'name' => $name, 'outline' => [], 'runway' => []]);
        $field->fill(['height' => $height, ...$outline === null ? [] : ['outline' => $outline]])->save();

        return $this->index();
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
