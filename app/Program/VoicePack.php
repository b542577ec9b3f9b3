<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\Core\Format\Csv;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Speech\Languages;
use DuskSwitch\Core\Speech\Phrasebook;
use DuskSwitch\Core\Telemetry\Values;
use ZipArchive;

/** The phrases of a program as a ZIP: a WAV each, and a CSV of names and texts. */
final readonly class VoicePack
{
    /** For all clips of one answer. */
    private const SECONDS = 6.0;

    public function __construct(private Clips $clips, private Catalogue $catalogue) {}

    /**
     * The bytes of the ZIP.
     *
     * @throws NoVoice where nothing can be spoken, or not everything in the time of one answer; what was made is kept
     */
    public function zip(Circuit $circuit): string
    {
        $pieces = (new Phrasebook(
            $circuit->program,
            Values::of($circuit->program, $this->catalogue),
            Languages::of($circuit->program),
        ))->pieces();
        $end = microtime(true) + self::SECONDS;
        $wavs = [];
        foreach ($pieces as $name => $text) {
            if (microtime(true) > $end) {
                throw new NoVoice(
                    count($wavs).' of '.count($pieces).' clips are made. Ask again to go on from there.',
                );
            }
            $wavs[$name] = $this->clips->spoken($text, $circuit->program->sense->language);
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'voice');
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::OVERWRITE);
        $table = Csv::row(['name', 'text']);
        foreach ($wavs as $name => $wav) {
            $zip->addFromString("{$name}.wav", $wav);
            $table .= Csv::row(["{$name}.wav", $pieces[$name]]);
        }
        $zip->addFromString('clips.csv', $table);
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }
}
