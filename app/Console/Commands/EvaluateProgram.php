<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\FrameEncoder;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ScriptDecoder;
use DuskSwitch\Core\Format\SeriesEncoder;
use DuskSwitch\Core\Format\TelemetryDecoder;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Script;
use Illuminate\Console\Command;

/** Runs a program on sets of inputs: JSON in, JSON out. */
final class EvaluateProgram extends Command
{
    /** The exit code for input that can't be taken. */
    private const BAD_INPUT = 2;

    protected $signature = 'program:evaluate
        {file : a program document}
        {--inputs=- : a JSON list of input sets or a timed script, a file or - for standard input}
        {--format=json : of a timed script\'s series, json or csv}
        {--explain : add to every frame why each output is where it is}';

    protected $description = 'Evaluate a program on a list of input sets, or through a timed script';

    public function handle(Programs $programs, Bench $bench): int
    {
        $what = (string) $this->argument('file');
        try {
            $circuit = $bench->circuit($programs->read($what));
            $what = (string) $this->option('inputs');
            $inputs = Json::decode(Source::read($what), Json::MAX_INPUT_BYTES);
            $script = ScriptDecoder::isScript($inputs)
                ? ScriptDecoder::read($inputs, $circuit->panel, $circuit->sensors())
                : null;
            $sets = $script === null ? InputsDecoder::list($inputs, $circuit->panel) : [];
            $telemetry = $script === null ? TelemetryDecoder::list($inputs, $circuit->sensors()) : [];
        } catch (Refused $refused) {
            foreach ($refused->faults as $fault) {
                fwrite(STDERR, ($what === '-' ? 'inputs' : $what).": {$fault}\n");
            }

            return self::BAD_INPUT;
        }
        if ($script !== null) {
            return $this->series($circuit, $script);
        }
        $frames = array_map(
            fn (array $inputs, array $known): array => $this->frame($circuit, $inputs, $known),
            $sets,
            $telemetry,
        );
        fwrite(STDOUT, json_encode($frames, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");

        return self::SUCCESS;
    }

    private function series(Circuit $circuit, Script $script): int
    {
        $format = $this->option('format');
        if (! in_array($format, ['json', 'csv'], true)) {
            fwrite(STDERR, "--format is json or csv\n");

            return self::BAD_INPUT;
        }
        $frames = $script->run($circuit);
        foreach (
            $format === 'csv' ? SeriesEncoder::csv($frames, $circuit->program) : SeriesEncoder::json($frames) as $piece
        ) {
            fwrite(STDOUT, $piece);
        }

        return self::SUCCESS;
    }

    /**
     * @param  list<float>  $inputs
     * @param  array<string, float>  $known  telemetry by id
     * @return array<string, mixed>
     */
    private function frame(Circuit $circuit, array $inputs, array $known): array
    {
        $frame = $known === [] ? $circuit->frame($inputs) : $circuit->tick($inputs, null, $known)->frame;
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
