<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Link\ChannelPage;
use DuskSwitch\Core\Solve\EndsCentre;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the stand-in controller reads on a channel, for practice. */
final readonly class ReadingController
{
    public function __construct(private Bench $bench, private ChannelPage $page) {}

    public function __invoke(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'channel']);
        $channel = $body->need('channel')->whole(1, 32);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $output = $circuit->program->output($channel) ?? throw Refused::because('channel', "there is no output on channel {$channel}");
        [$low, $centre, $high] = array_map(fn (float $pulse): array => $this->page->reads($channel, $pulse), EndsCentre::sent($output, $circuit->panel->transmitter));
        $middle = fn (array $read): float => round(array_sum($read) / 2, 1);

        return new JsonResponse([
            'low' => $middle($output->reverse ? $high : $low), 'centre' => $middle($centre), 'high' => $middle($output->reverse ? $low : $high),
            'least' => round($centre[0], 1), 'most' => round($centre[1], 1),
        ]);
    }
}
