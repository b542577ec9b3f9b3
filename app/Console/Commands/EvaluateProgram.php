<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\FrameEncoder;
use DuskSwitch\Core\Format\InputsDecoder;
use Illuminate\Console\Command;

/** Runs a program on sets of inputs: JSON in, JSON out. */
final class EvaluateProgram extends Command
{
    /** The exit code for input that can't be taken. */
    private const BAD_INPUT = 2;

    protected $signature = 'program:evaluate
        {file : a program document}
        {--inputs=- : a JSON list of input sets, a file or - for standard input}';

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
        $frames = array_map(fn (array $inputs): array => FrameEncoder::frame($circuit->frame($inputs)), $sets);
        fwrite(STDOUT, json_encode($frames, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");

        return self::SUCCESS;
    }
}
