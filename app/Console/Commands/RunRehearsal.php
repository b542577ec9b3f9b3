<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Rehearser;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Rehearsal\Mishaps;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use Illuminate\Console\Command;

/** Flies a program through a script and writes what happened and what was said: JSON on standard output. */
final class RunRehearsal extends Command
{
    protected $signature = 'rehearsal:run
        {file : a program document}
        {--script= : the id of a script that its family flies, or a file of one; the first where it is missing}
        {--seed=1 : of all that is chance}
        {--wind=3 : m/s}
        {--from=250 : degrees that the wind blows from}
        {--pack= : the id of a pack, where it is not the one in the kit}
        {--charge=100 : per cent that the pack is full}
        {--power=10 : milliwatts that are sent}
        {--fault=* : what goes wrong and when, as antenna@60}';

    protected $description = 'Rehearse a flight: the real circuit, alarms and speech on a simulated flight';

    public function handle(Programs $programs, Bench $bench, Rehearser $rehearser): int
    {
        $read = $file = (string) $this->argument('file');
        try {
            $circuit = $bench->circuit($programs->read($file));
            $script = (string) $this->option('script');
            if (str_ends_with($script, '.json')) {
                $read = $script;
                $scenario = $rehearser->own($circuit, Source::read($script));
                $read = $file;
            } else {
                $scenario = $rehearser->scenario($circuit, $script);
            }
            $pack = (string) $this->option('pack');
            $setting = new RehearsalSettings(
                (int) $this->number('seed', 0, 2_000_000_000),
                $this->number('wind', 0, 15),
                $this->number('from', 0, 360),
                $this->mishaps(),
                $pack === '' ? null : $rehearser->pack($pack),
                $this->number('charge', 10, 100) / 100,
                $this->number('power', 1, 5000),
            );
        } catch (Refused $refused) {
            return CommandLine::refused($refused, $read);
        }
        fwrite(
            STDOUT,
            json_encode(
                $rehearser->rehearseWithTruth($circuit, $scenario, $setting),
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            )."\n",
        );

        return self::SUCCESS;
    }

    private function number(string $option, float $least, float $most): float
    {
        return CommandLine::number((string) $this->option($option), "--{$option}", $least, $most);
    }

    /** @return array<string, float> */
    private function mishaps(): array
    {
        $mishaps = [];
        foreach ((array) $this->option('fault') as $text) {
            if (
                preg_match('/^([a-z-]+)@(\d+(?:\.\d+)?)$/D', (string) $text, $found) !== 1 ||
                ! isset(Mishaps::all()[$found[1]])
            ) {
                throw Refused::because(
                    '--fault',
                    "\"{$text}\" is none; write it as antenna@60, one of ".
                        implode(', ', array_keys(Mishaps::all())),
                );
            }
            $mishaps[$found[1]] = (float) $found[2];
        }

        return $mishaps;
    }
}
