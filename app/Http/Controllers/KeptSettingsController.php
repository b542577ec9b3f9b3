<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\KeptSettings;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Problems;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The controller's own settings text, kept with the aircraft. */
final readonly class KeptSettingsController
{
    /** Characters; a large controller's settings are a tenth of it. */
    private const MOST = 400_000;

    public function __construct(private KeptSettings $settings) {}

    public function index(Aircraft $aircraft): JsonResponse
    {
        return new JsonResponse(['kept' => $this->settings->of($aircraft)]);
    }

    public function keep(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['text'], ['note']);
        $text = $body->raw('text');
        $note = $body->node->at('note')?->text(120);
        $body->done();
        if (! is_string($text) || trim($text) === '' || mb_strlen($text) > self::MOST) {
            throw Refused::because(
                'text',
                'must be the controller\'s settings as text, at most '.number_format(self::MOST).' characters',
            );
        }
        $this->settings->keep($aircraft, $text, $note);

        return $this->index($aircraft);
    }

    public function text(Aircraft $aircraft, int $number): Response|JsonResponse
    {
        $text = $this->settings->text($aircraft, $number);
        if ($text === null) {
            return Problems::say(404, 'These settings are not there any more.');
        }
        $file = (Str::slug($aircraft->name) ?: 'controller')."-settings-{$number}.txt";

        return new Response("{$text}\n", 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$file}\"",
        ]);
    }
}
