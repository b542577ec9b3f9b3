<?php

namespace DuskSwitch\App\Jobs;

/**
 * The line before what is computed for an answer and takes long, such as a rehearsal: one at a time, in the order in
 * which they came, and each may ask for its place. Who stands in it holds a lock, so that one whose process is gone
 * stands in nobody's way.
 */
final class Line
{
    private const EVERY_US = 30_000;

    /** @var resource|null held while it's standing */
    private mixed $lock = null;

    private string $mine = '';

    public function __construct(private readonly string $folder) {}

    /**
     * Waits until it is its turn.
     *
     * @param  string  $ticket  by which its place is asked for
     * @param  callable(): void  $meanwhile  what to do now and then
     */
    public function stand(string $ticket, callable $meanwhile): void
    {
        is_dir($this->folder) || @mkdir($this->folder, 0o700, true);
        // Locked before others see it: what nobody holds is taken for left behind.
        $hidden = "{$this->folder}/.".bin2hex(random_bytes(8));
        $lock = @fopen($hidden, 'ce');
        $mine = sprintf('%s/%020d-%s', $this->folder, hrtime(true), self::plain($ticket));
        if ($lock === false || ! flock($lock, LOCK_EX) || ! @rename($hidden, $mine)) {
            // Nowhere to stand in line, as on a full disk: then all go at once.
            @unlink($hidden);

            return;
        }
        $this->mine = $mine;
        $this->lock = $lock;
        while ($this->before(basename($this->mine)) > 0) {
            $meanwhile();
            usleep(self::EVERY_US);
        }
    }

    public function leave(): void
    {
        if ($this->lock !== null) {
            @unlink($this->mine);
            fclose($this->lock);
            $this->lock = null;
        }
    }

    /** How many are before the one of a ticket; null where it isn't in the line. */
    public function place(string $ticket): ?int
    {
        foreach ($this->all() as $one) {
            if (substr($one, 21) === self::plain($ticket)) {
                return $this->before($one);
            }
        }

        return null;
    }

    private function before(string $mine): int
    {
        $before = 0;
        foreach ($this->all() as $one) {
            if ($one >= $mine) {
                break;
            }
            $before += $this->stands($one) ? 1 : 0;
        }

        return $before;
    }

    /** @return list<string> in the order in which they came */
    private function all(): array
    {
        return array_values(array_filter(@scandir($this->folder) ?: [], fn (string $one): bool => $one[0] !== '.'));
    }

    private function stands(string $one): bool
    {
        $file = @fopen("{$this->folder}/{$one}", 're');
        if ($file === false) {
            return false;
        }
        $isHeld = ! flock($file, LOCK_SH | LOCK_NB);
        $isHeld || @unlink("{$this->folder}/{$one}");
        fclose($file);

        return $isHeld;
    }

    private static function plain(string $ticket): string
    {
        return substr((string) preg_replace('/[^a-z0-9]/', '', strtolower($ticket)), 0, 40);
    }
}
