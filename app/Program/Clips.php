<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Throwable;

/** Spoken clips by espeak-ng, where it is installed; each text is spoken once and kept. */
final readonly class Clips
{
    /** Seconds after which a voice that doesn't end is given up. */
    private const PATIENCE = 3.0;

    public function __construct(private string $folder) {}

    /** True where there is a voice. */
    public function hasVoice(): bool
    {
        return $this->voice() !== null;
    }

    /** A WAV of the text; null where nothing can be spoken. */
    public function wav(string $text, SpokenLanguage $language = SpokenLanguage::English): ?string
    {
        try {
            return $this->spoken($text, $language);
        } catch (NoVoice) {
            return null;
        }
    }

    /**
     * A WAV of the text.
     *
     * @throws NoVoice where there is no voice, or it failed, or didn't end in time
     */
    public function spoken(string $text, SpokenLanguage $language = SpokenLanguage::English): string
    {
        $file = "{$this->folder}/".hash('xxh128', $language === SpokenLanguage::English ? $text : "{$language->value} {$text}").'.wav';
        if (is_file($file)) {
            return (string) file_get_contents($file);
        }
        $voice =
            $this->voice() ??
            throw new NoVoice(
                'There is no voice here: espeak-ng isn\'t installed. The browser\'s own voice is taken where it has '.
                    'one, else the text is shown.',
            );
        $speaker = $language === SpokenLanguage::English ? 'en-gb' : $language->value;
        $command = [$voice, '-v', $speaker, '-s', '165', '--stdout', '--', $text];
        $process = new Process($command, timeout: self::PATIENCE);
        try {
            $process->mustRun();
        } catch (ProcessTimedOutException) {
            throw new NoVoice(
                'The voice, espeak-ng, didn\'t answer within '.
                    self::PATIENCE.
                    ' s and was given up. The text is shown instead.',
            );
        } catch (Throwable) {
            throw new NoVoice(
                'The voice, espeak-ng, failed: '.
                    mb_strimwidth(trim($process->getErrorOutput()), 0, 120, '…').
                    ' The text is shown instead.',
            );
        }
        $wav = self::sized($process->getOutput());
        if ($wav === '') {
            throw new NoVoice('The voice, espeak-ng, gave no sound. The text is shown instead.');
        }
        // A clip that can't be kept is made again.
        (is_dir($this->folder) || @mkdir($this->folder, 0o775, true)) && @file_put_contents($file, $wav);

        return $wav;
    }

    private function voice(): ?string
    {
        return (new ExecutableFinder())->find('espeak-ng');
    }

    /** The same WAV with its sizes said: a stream's header can't know them. */
    private static function sized(string $wav): string
    {
        $data = strpos($wav, 'data');
        if (! str_starts_with($wav, 'RIFF') || $data === false) {
            return $wav;
        }

        return substr_replace(
            substr_replace($wav, pack('V', strlen($wav) - 8), 4, 4),
            pack('V', strlen($wav) - $data - 8),
            $data + 4,
            4,
        );
    }
}
