<?php

namespace DuskSwitch\App\Stores;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use stdClass;

/** Which aircraft need a definition: in their present program, in an earlier revision, or after they were deleted. */
final class Usages
{
    /** @return list<string> a sentence each */
    public static function of(Kind $kind, string $id): array
    {
        $used = [];
        // Found as text first; then looked at, as the same id may stand for something else.
        foreach (Revision::where('document', 'like', '%"'.$id.'"%')->select(['aircraft_id', 'number', 'document'])->lazyById(200, 'id') as $revision) {
            if (in_array($id, self::named($kind, (object) json_decode($revision->document)), true)) {
                $used[$revision->aircraft_id][] = $revision->number;
            }
        }
        $says = [];
        foreach (Aircraft::withTrashed()->findMany(array_keys($used)) as $aircraft) {
            $present = in_array($aircraft->head, $used[$aircraft->id], true);
            $earlier = count($used[$aircraft->id]) - ($present ? 1 : 0);
            $what = array_filter([$present ? 'its present program' : '', $earlier === 0 ? '' : ($earlier === 1 ? 'an earlier revision' : "{$earlier} earlier revisions")]);
            $says[] = $aircraft->name.($aircraft->trashed() ? ' (deleted)' : '').': '.implode(' and ', $what);
        }

        return $says;
    }

    /** @return list<string> the ids of that kind that a document names */
    private static function named(Kind $kind, stdClass $document): array
    {
        $ids = match ($kind) {
            Kind::Transmitters => [$document->transmitter ?? null],
            Kind::Receivers => [$document->receiver ?? null],
            Kind::Controllers => [$document->controller ?? null],
            Kind::Packs => [$document->aboard->kit->pack ?? null],
            Kind::SpeedControllers => [$document->aboard->kit->speedController ?? null],
            Kind::Sensors => array_map(fn (stdClass $one): mixed => $one->sensor ?? null, $document->sense->chain ?? []),
            Kind::Scenarios => [],
        };

        return array_values(array_filter($ids, is_string(...)));
    }
}
