<?php

namespace DuskSwitch\App\Backup;

/** How something in a backup stands to what is here. */
enum RestoreStatus: string
{
    /** It isn't here. */
    case New = 'new';
    /** It's here, and the same. */
    case Same = 'same';
    /** It's here, and the backup has later revisions of it. */
    case Newer = 'newer';
    /** It's here with later revisions than the backup has. */
    case Older = 'older';
    /** Both went on from the same, each in its own way. */
    case Conflict = 'conflict';

    /**
     * Of two histories.
     *
     * @param  array<int, string>  $mine  texts by number
     * @param  array<int, string>  $theirs
     * @param  bool  $alike  both stand at the same revision
     */
    public static function of(array $mine, array $theirs, bool $alike): self
    {
        $shared = array_intersect_key($mine, $theirs);
        if (array_intersect_key($theirs, $mine) != $shared) {
            return self::Conflict;
        }
        [$more, $less] = [array_diff_key($theirs, $mine) !== [], array_diff_key($mine, $theirs) !== []];

        return match (true) {
            $more && $less => self::Conflict,
            $more => self::Newer,
            $less => self::Older,
            default => $alike ? self::Same : self::Older,
        };
    }
}
