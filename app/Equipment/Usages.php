<?php

namespace DuskSwitch\App\Equipment;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;

/** Which aircraft need a definition: in their present program, in an earlier revision, or after they were deleted. */
final class Usages
{
    /** @return list<string> a sentence each */
    public static function of(DefinitionKind $kind, string $id): array
    {
        $used = [];
        // Found as text first; then looked at, as the same id may stand for something else.
        foreach (
            Revision::where('document', 'like', '%"'.$id.'"%')
                ->select(['id', 'aircraft_id', 'number', 'document'])
                ->lazyById(200, 'id') as $revision
        ) {
            if (in_array([$kind, $id], NeededDefinitions::by((object) json_decode($revision->document)), true)) {
                $used[$revision->aircraft_id][] = $revision->number;
            }
        }
        $says = [];
        foreach (Aircraft::withTrashed()->findMany(array_keys($used)) as $aircraft) {
            $present = in_array($aircraft->head, $used[$aircraft->id], true);
            $earlier = count($used[$aircraft->id]) - ($present ? 1 : 0);
            $what = array_filter([
                $present ? 'its present program' : '',
                $earlier === 0 ? '' : ($earlier === 1 ? 'an earlier revision' : "{$earlier} earlier revisions"),
            ]);
            $says[] = $aircraft->name.($aircraft->trashed() ? ' (deleted)' : '').': '.implode(' and ', $what);
        }

        return $says;
    }
}
