<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\FrameEncoder;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Signal\Circuit;
use Illuminate\Console\Command;

/** Runs a program on sets of inputs: JSON in, JSON out. */
final class EvaluateProgram extends Command
{
    /** The exit code for input that can't be taken. */
    private const BAD_INPUT = 2;

    protected $signature = 'program:evaluate
        {file : a program document}
        {--inputs=- : a JSON list of input sets, a file or - for standard input}
        {--explain : add to every frame why each output is where it is}';

    protected $description = 'Evaluate a program on a list of input sets';

    public function handle(Bench $bench): int
    {
        $what = (string) $this->argument('file');
        try {
            $circuit = $bench->circuit(Source::read($what));
            $what = (string) $this->option('inputs');
            $sets = InputsDecoder::list(Source::read($what), $circuit->panel);
        } catch (Refused $refused) {
            foreach ($refused->faults as $fault) {
                fwrite(STDERR, ($what === '-' ? 'inputs' : $what).": {$fault}\n");
            }

            return self::BAD_INPUT;
        }
        $frames = array_map(fn (array $inputs): array => $this->frame($circuit, $inputs), $sets);
        fwrite(STDOUT, json_encode($frames, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");

        return self::SUCCESS;
    }

    /**
     * @param  list<float>  $inputs
     * @return array<string, mixed>
     */
    private function frame(Circuit $circuit, array $inputs): array
    {
        $frame = $circuit->frame($inputs);
        if (! $this->option('explain')) {
            return FrameEncoder::frame($frame);
        }
        $why = [];
        foreach (array_keys($frame->outputs()) as $channel) {
            $explanation = $circuit->explain($channel, $frame);
            $why[$channel] = $explanation === null ? null : FrameEncoder::explanation($explanation);
        }

        return [...FrameEncoder::frame($frame), 'explanations' => (object) $why];
    }
}
