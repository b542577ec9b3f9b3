<?php

namespace DuskSwitch\App\Console\Commands;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Prover;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProofEncoder;
use DuskSwitch\Core\Proof\Proof;
use Illuminate\Console\Command;

/** Proves a program in every switch position; exit 1 where an error is found. */
final class ProveProgram extends Command
{
    protected $signature = 'program:prove
        {file : a program document}
        {--json : the same; JSON is what it writes}';

    protected $description = 'Prove a program safe in every switch position';

    public function handle(Programs $programs, Bench $bench, Prover $prover): int
    {
        try {
            $context = $prover->context($bench->circuit($programs->read((string) $this->argument('file'))));
            $proof = Proof::of($context);
        } catch (Refused $refused) {
            return CommandLine::refused($refused, (string) $this->argument('file'));
        }
        fwrite(
            STDOUT,
            json_encode(
                (new ProofEncoder($context))->proof($proof),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            )."\n",
        );

        return $proof->isSafe() ? self::SUCCESS : self::FAILURE;
    }
}
