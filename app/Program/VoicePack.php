<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\Core\Format\Csv;
use DuskSwitch\Core\Kit\Shelf;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Phrasebook;
use DuskSwitch\Core\Telemetry\Values;
use ZipArchive;

/** The phrases of a program as a ZIP: a WAV each, and a CSV of names and texts. */
final readonly class VoicePack
{
    public function __construct(private Clips $clips, private Shelf $shelf) {}

    /** The bytes of the ZIP; null where there is no voice. */
    public function zip(Circuit $circuit): ?string
    {
        if (! $this->clips->hasVoice()) {
            return null;
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'voice');
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::OVERWRITE);
        $table = "name,text\r\n";
        foreach ((new Phrasebook($circuit->program, Values::of($circuit->program, $this->shelf), new English))->pieces() as $name => $text) {
            $wav = $this->clips->wav($text);
            if ($wav !== null) {
                $zip->addFromString("{$name}.wav", $wav);
                $table .= Csv::row(["{$name}.wav", $text]);
            }
        }
        $zip->addFromString('clips.csv', $table);
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }
}
