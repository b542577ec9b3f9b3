<?php

namespace DuskSwitch\App\Program;

use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Throwable;

/** Spoken clips by espeak-ng, where it is installed; each text is spoken once and kept. */
final readonly class Clips
{
    /** Seconds after which a voice that doesn't end is given up. */
    private const PATIENCE = 10.0;

    public function __construct(private string $folder) {}

    /** True where there is a voice. */
    public function hasVoice(): bool
    {
        return $this->voice() !== null;
    }

    /** A WAV of the text; null where there is no voice, or it failed. */
    public function wav(string $text): ?string
    {
        $file = "{$this->folder}/".hash('xxh128', $text).'.wav';
        if (is_file($file)) {
            return (string) file_get_contents($file);
        }
        $voice = $this->voice();
        if ($voice === null || (! is_dir($this->folder) && ! @mkdir($this->folder, 0o775, true))) {
            return null;
        }
        try {
            $process = new Process([$voice, '-v', 'en-gb', '-s', '165', '--stdout', '--', $text], timeout: self::PATIENCE);
            $process->mustRun();
        } catch (Throwable) {
            return null;
        }
        $wav = self::sized($process->getOutput());
        @file_put_contents($file, $wav);

        return $wav;
    }

    private function voice(): ?string
    {
        return (new ExecutableFinder)->find('espeak-ng');
    }

    /** The same WAV with its sizes said: a stream's header can't know them. */
    private static function sized(string $wav): string
    {
        $data = strpos($wav, 'data');
        if (! str_starts_with($wav, 'RIFF') || $data === false) {
            return $wav;
        }

        return substr_replace(substr_replace($wav, pack('V', strlen($wav) - 8), 4, 4), pack('V', strlen($wav) - $data - 8), $data + 4, 4);
    }
}
