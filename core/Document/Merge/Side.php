<?php

namespace DuskSwitch\Core\Document\Merge;

/** Whose version of a part of a document it is. */
enum Side: string
{
    case Mine = 'mine';
    case Theirs = 'theirs';
    /** Both edits of it, where they touch other fields. */
    case Both = 'both';
    /** As it was before both. */
    case Base = 'base';
}
