<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Move\MovedProgram;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Compiler;

/** A program whose transmitter is gone, or isn't what it was: what can be done so that it runs again. */
final readonly class Repair
{
    public function __construct(private Equipment $equipment) {}

    /**
     * The revisions of the program's transmitter with which it runs, the newest first.
     *
     * @return list<DefinitionRevision>
     */
    public function earlier(string $document): array
    {
        try {
            $program = ProgramDecoder::decode($document);
        } catch (Refused) {
            return [];
        }

        return array_values(
            array_filter(
                $this->equipment->revisions(DefinitionKind::Transmitters, $program->transmitter),
                fn (DefinitionRevision $one): bool => $this->with($program, $one) !== null,
            ),
        );
    }

    /**
     * The program on a transmitter as that is now, moved from the transmitter that it was made for.
     *
     * @param  array<string, string>  $wanted  new controls by old ones, where the pilot says so
     *
     * @throws Refused where nothing is known of the transmitter that it was made for
     */
    public function moved(string $document, Transmitter $to, array $wanted = []): MovedProgram
    {
        $program = ProgramDecoder::decode($document);
        foreach ($this->equipment->revisions(DefinitionKind::Transmitters, $program->transmitter) as $one) {
            $from = $this->with($program, $one);
            if ($from !== null) {
                return TransmitterMove::to($program, $from, $to, $wanted);
            }
        }
        throw Refused::because(
            'transmitter',
            "nothing is known of \"{$program->transmitter}\" as this program needs it. Import its definition into ".
                'Equipment, or go back to another revision',
        );
    }

    private function with(Program $program, DefinitionRevision $revision): ?Transmitter
    {
        try {
            $transmitter = DefinitionKind::Transmitters->decode($revision->document);
            if (! ($transmitter instanceof Transmitter)) {
                return null;
            }
            Compiler::compile($program, $transmitter);

            return $transmitter;
        } catch (Refused) {
            return null;
        }
    }
}
