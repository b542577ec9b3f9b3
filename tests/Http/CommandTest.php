<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Program\Clips;
use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The same core without the browser: JSON out, messages on standard error, exit codes as documented. */
final class CommandTest extends TestCase
{
    private function artisan(string $input, string ...$arguments): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', ...$arguments],
            dirname(__DIR__, 2),
            ['DUSK_DATABASE' => ':memory:'],
            $input,
            30,
        );
        $process->run();

        return $process;
    }

    public function test_what_sensors_say_stands_beside_the_hand_and_in_a_script(): void
    {
        $d = json_decode((string) file_get_contents(__DIR__.'/../../database/demo/tern.json'));
        foreach ($d->functions as $function) {
            if ($function->id === 'throttle') {
                $function->override = [
                    (object) ['when' => (object) ['sensor' => 'receiver-volts', 'below' => 4.8], 'value' => 0.25],
                ];
            }
        }
        file_put_contents($file = tempnam(sys_get_temp_dir(), 'tern').'.json', json_encode($d));
        try {
            $full = ['axes' => ['throttle' => 1]];
            $sets = [
                $full,
                [...$full, 'telemetry' => ['receiver-volts' => 4.7]],
                [...$full, 'telemetry' => ['receiver-volts' => 4.9]],
            ];
            $values = array_map(
                fn (array $one): float => (float) $one['functions']['throttle'],
                json_decode($this->artisan((string) json_encode($sets), 'program:evaluate', $file)->getOutput(), true),
            );
            self::assertSame([1.0, 0.25, 1.0], $values);

            $script = [
                'tick' => 0.5,
                'seconds' => 2,
                'at' => [
                    ['t' => 0, ...$full],
                    ['t' => 0.5, 'telemetry' => ['receiver-volts' => 4.7]],
                    ['t' => 1.5, 'telemetry' => ['receiver-volts' => null]],
                ],
            ];
            $series = json_decode(
                $this->artisan((string) json_encode($script), 'program:evaluate', $file)->getOutput(),
                true,
            )['series'];
            self::assertSame(
                [1.0, 0.25, 0.25, 1.0, 1.0],
                array_map(fn (array $one): float => (float) $one['functions']['throttle'], $series),
            );

            $wrong = $this->artisan('[{"telemetry": {"receiver-vots": 4.7}}]', 'program:evaluate', $file);
            self::assertSame(2, $wrong->getExitCode());
            self::assertStringContainsString(
                'inputs: [0].telemetry.receiver-vots: no condition that reaches a channel asks for "receiver-vots"; '.
                    'asked for: receiver-volts',
                $wrong->getErrorOutput(),
            );
        } finally {
            unlink($file);
        }
    }

    public function test_a_list_of_inputs_gives_a_list_of_frames(): void
    {
        $run = $this->artisan(
            '[{}, {"axes": {"roll": 0.5, "throttle": -1}, "controls": {"left-shoulder": "away", "dial-left": 0.2}, '.
                '"trims": {"roll": 0.1}}]',
            'program:evaluate',
            'database/demo/nightjar.json',
            '--inputs=-',
        );

        self::assertSame([0, ''], [$run->getExitCode(), $run->getErrorOutput()]);
        [$rest, $flying] = json_decode($run->getOutput(), true);
        self::assertSame(['phase', 'functions', 'steps', 'outputs'], array_keys($rest));
        self::assertSame([1000, 2000], [$rest['outputs']['5']['pulse'], $flying['outputs']['5']['pulse']]);
        self::assertSame('armed', $flying['steps']['arm']);
        self::assertSame(['signal', 'pulse', 'clipped'], array_keys($flying['outputs']['1']));
    }

    public function test_a_program_without_switches_still_gives_objects(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'dusk');
        file_put_contents($file, \DuskSwitch\Tests\Core\Given::text([]));
        $run = $this->artisan('[{}]', 'program:evaluate', $file);
        unlink($file);

        self::assertSame(
            '[{"phase":"main","functions":{},"steps":{},"outputs":{}}]',
            preg_replace('/\s+/', '', $run->getOutput()),
        );
    }

    public function test_on_request_every_output_says_why(): void
    {
        $run = $this->artisan(
            '[{"axes": {"roll": 1, "pitch": 1}}]',
            'program:evaluate',
            'database/demo/dunlin.json',
            '--explain',
        );
        $left = json_decode($run->getOutput(), true)[0]['explanations']['1'];

        self::assertSame(['Pitch', 'Roll'], array_column($left['contributions'], 'name'));
        self::assertEqualsWithDelta([0.6, 0.5], array_column($left['contributions'], 'amount'), 1e-12);
        self::assertEqualsWithDelta(1.1, $left['sum'], 1e-12);
    }

    public function test_a_timed_script_gives_a_series(): void
    {
        $script = '{"tick": 0.1, "seconds": 1, "at": [{"t": 0.5, "controls": {"left-shoulder": "away"}}]}';
        $json = json_decode(
            $this->artisan($script, 'program:evaluate', 'database/demo/nightjar.json')->getOutput(),
            true,
        )['series'];
        self::assertSame(
            [1000, 1000, 2000],
            [$json[0]['outputs']['5']['pulse'], $json[4]['outputs']['5']['pulse'], $json[5]['outputs']['5']['pulse']],
        );
        self::assertEqualsWithDelta(1.0, $json[10]['t'], 1e-12);

        $csv = $this->artisan($script, 'program:evaluate', 'database/demo/nightjar.json', '--format=csv');
        self::assertSame(0, $csv->getExitCode());
        self::assertCount(13, explode("\r\n", $csv->getOutput()));
        self::assertSame(
            2,
            $this->artisan($script, 'program:evaluate', 'database/demo/nightjar.json', '--format=xml')->getExitCode(),
        );
    }

    public function test_bad_input_ends_with_2_and_says_where(): void
    {
        $cases = [
            ['', 'there is no such file', 'nowhere.json', '--inputs=-'],
            [
                '[{"axes": {"roll": NaN}}]',
                'inputs: this is not JSON: at line 1, column 20',
                'database/demo/nightjar.json',
                '--inputs=-',
            ],
            [
                '[{"controls": {"flick-z": "away"}}]',
                'inputs: [0].controls.flick-z: Harbour 16 has no control',
                'database/demo/nightjar.json',
                '--inputs=-',
            ],
            ['', 'composer.json: format: this is missing', 'composer.json', '--inputs=-'],
            ['', 'artisan: this is not JSON', 'artisan', '--inputs=-'],
        ];
        foreach ($cases as [$input, $says, $file, $inputs]) {
            $run = $this->artisan($input, 'program:evaluate', $file, $inputs);
            self::assertSame(2, $run->getExitCode(), $says);
            self::assertSame('', $run->getOutput());
            self::assertStringContainsString($says, $run->getErrorOutput());
            self::assertStringNotContainsString('Stack trace', $run->getErrorOutput());
        }
    }

    public function test_the_sheet_for_another_transmitter(): void
    {
        $json = $this->artisan('', 'program:sheet', 'database/demo/nightjar.json', '--transmitter=quayside-8');
        self::assertSame([0, ''], [$json->getExitCode(), $json->getErrorOutput()]);
        self::assertSame('quayside-8', json_decode($json->getOutput(), true)['transmitter']);

        $csv = $this->artisan('', 'program:sheet', 'database/demo/rook.json', '--format=csv');
        self::assertStringStartsWith("section,what,value,wanted,lost\r\n", $csv->getOutput());
        self::assertStringContainsString(
            '<h1>Rook on Harbour 16</h1>',
            $this->artisan('', 'program:sheet', 'database/demo/rook.json', '--format=html')->getOutput(),
        );

        foreach (
            [
                ['database/demo/rook.json', '--transmitter=gone'],
                ['database/demo/rook.json', '--format=pdf'],
                ['gone.json'],
            ] as $bad
        ) {
            $run = $this->artisan('', 'program:sheet', ...$bad);
            self::assertSame([2, ''], [$run->getExitCode(), $run->getOutput()]);
            self::assertNotSame('', $run->getErrorOutput());
        }
    }

    public function test_a_proof_exits_with_1_where_it_finds_an_error(): void
    {
        $bad = $this->artisan('', 'program:prove', 'database/demo/nightjar.json', '--json');
        $said = json_decode($bad->getOutput(), true);
        self::assertSame([1, 144], [$bad->getExitCode(), $said['states']]);
        self::assertSame(
            [
                'one-mode-in-each-state',
                'error',
                'Left front middle, everything else at rest',
                'Put every position in the middle of its slot',
            ],
            [
                $said['findings'][0]['rule'],
                $said['findings'][0]['severity'],
                $said['findings'][0]['state'],
                $said['findings'][0]['mend'],
            ],
        );

        self::assertSame(0, $this->artisan('', 'program:prove', 'database/demo/tern.json')->getExitCode());
        self::assertSame(
            [2, ''],
            [($gone = $this->artisan('', 'program:prove', 'gone.json'))->getExitCode(), $gone->getOutput()],
        );
    }

    public function test_a_rehearsal_is_flown_and_the_same_seed_gives_the_same_bytes(): void
    {
        $fly = fn (string ...$more): Process => $this->artisan(
            '',
            'rehearsal:run',
            'database/demo/nightjar.json',
            '--script=out-and-back',
            '--fault=antenna@85',
            ...$more,
        );
        $first = $fly('--seed=3');

        self::assertSame([0, ''], [$first->getExitCode(), $first->getErrorOutput()]);
        $flown = json_decode($first->getOutput(), true);
        self::assertSame('dusk-switch/rehearsal', $flown['format']);
        self::assertContains('Signal lost', array_column($flown['said'], 'text'));
        self::assertSame($first->getOutput(), $fly('--seed=3')->getOutput());
        self::assertNotSame($first->getOutput(), $fly('--seed=4')->getOutput());
    }

    public function test_a_script_in_a_file_is_flown_and_a_bad_one_is_told(): void
    {
        $file = sys_get_temp_dir().'/script-'.bin2hex(random_bytes(4)).'.json';
        $script = json_decode(Given::demo('stores/scenarios/first-hover'));
        [$script->id, $script->families] = ['mine', ['tiny-multirotor']];
        $fly = function (string $demo) use ($file, $script): Process {
            file_put_contents($file, json_encode($script));

            return $this->artisan('', 'rehearsal:run', "database/demo/{$demo}.json", "--script={$file}");
        };
        try {
            self::assertSame('mine', json_decode($fly('midge')->getOutput(), true)['script']['id']);
            self::assertStringContainsString(
                'families: a Multirotor isn\'t among those that fly it; add "multirotor"',
                $fly('nightjar')->getErrorOutput(),
            );
            $script->legs[4] = ['says' => 'Down', 'seconds' => 30, 'climb' => -2];
            $bad = $fly('midge');
            self::assertSame([2, ''], [$bad->getExitCode(), $bad->getOutput()]);
            self::assertStringContainsString(
                "{$file}: legs[4]: goes 58.5 m below the ground",
                $bad->getErrorOutput(),
                'the file that is wrong is named',
            );
        } finally {
            @unlink($file);
        }
    }

    public function test_a_rehearsal_that_cannot_be_is_told_with_exit_2(): void
    {
        foreach (
            [
                '--script=thermal' => 'script: a Multirotor flies no "thermal"; it flies first-hover',
                '--fault=gremlins@3' => '"gremlins@3" is none; write it as antenna@60',
                '--wind=99' => '--wind: must be a number from 0 to 15, not "99"',
                '--seed=many' => '--seed: must be a number',
                '--pack=brick' => 'pack: there is no pack "brick" in Equipment',
                '--charge=0' => '--charge: must be a number from 10 to 100',
                '--power=9000' => '--power: must be a number from 1 to 5000',
            ] as $option => $says
        ) {
            $run = $this->artisan(
                '',
                'rehearsal:run',
                'database/demo/nightjar.json',
                ...array_unique(['--script=out-and-back', $option]),
            );
            self::assertSame([2, ''], [$run->getExitCode(), $run->getOutput()], $option);
            self::assertStringContainsString($says, $run->getErrorOutput());
        }
    }

    public function test_without_a_voice_there_is_no_clip_and_nothing_breaks(): void
    {
        $path = (string) getenv('PATH');
        putenv('PATH=/nowhere');
        $clips = new Clips(sys_get_temp_dir().'/no-clips-'.bin2hex(random_bytes(4)));
        try {
            self::assertFalse($clips->hasVoice());
            self::assertNull($clips->wav('Anything'));
        } finally {
            putenv("PATH={$path}");
        }
    }
}
