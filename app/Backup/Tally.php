<?php

namespace DuskSwitch\App\Backup;

/** How rows of one kind in a backup stand to those that are here. */
final class Tally
{
    /** They aren't here. */
    public int $new = 0;

    /** They are here, and nothing of the backup is missing here. */
    public int $same = 0;

    /** They are here, and differ: what only one side has is taken, and where both have something both are kept. */
    public int $both = 0;

    /** They are only here: replacing takes them away. */
    public int $gone = 0;

    public function says(): string
    {
        $parts = array_filter([
            $this->new === 0 ? '' : "{$this->new} new",
            $this->same === 0 ? '' : "{$this->same} already here",
            $this->both === 0 ? '' : "{$this->both} differ, both kept",
            $this->gone === 0 ? '' : "{$this->gone} only here",
        ]);

        return $parts === [] ? 'none' : implode(', ', $parts);
    }
}
