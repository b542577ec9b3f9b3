<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Program\AppliedRecipe;
use DuskSwitch\Core\Program\Ring;
use DuskSwitch\Core\Program\TrainingPlan;
use DuskSwitch\Core\Program\TrainingStage;

/** Reads what a program may carry beside its signal path: its recipe, its ring, its ladder. */
final class ExtrasDecoder
{
    /** The recipe that stands at a node; its settings are judged where it's applied. */
    public static function recipe(JsonCursor $node): AppliedRecipe
    {
        $node->keys(['id'], ['settings']);
        $settings = $node->at('settings');

        return new AppliedRecipe($node->need('id')->id(), $settings === null ? [] : self::settings($settings));
    }

    /** @return array<string, float|bool|string> what was chosen in a recipe, as it stands at a node */
    public static function settings(JsonCursor $node): array
    {
        return array_map(
            fn (JsonCursor $value): float|bool|string => match (true) {
                $value->isNumber() => $value->number(-1e6, 1e6),
                $value->isText() => $value->text(),
                default => $value->flag(),
            },
            $node->entries(40),
        );
    }

    /** The ring that stands at a node. */
    public static function ring(JsonCursor $node): ?Ring
    {
        $node->keys(['of', 'limit']);
        $of = array_map(fn (JsonCursor $item): string => $item->id(), $node->need('of')->items(2, 2));
        $limit = $node->need('limit')->number(0.05, 1.5);
        if (count($of) !== 2) {
            return null;
        }
        if ($of[0] === $of[1]) {
            $node->at('of')?->fault('must name two different functions');
        }

        return new Ring(of: [$of[0], $of[1]], limit: $limit);
    }

    /** The ladder that stands at a node. */
    public static function ladder(JsonCursor $node): ?TrainingPlan
    {
        $node->keys(['rungs', 'phase'], ['style', 'at']);
        $rungs = [];
        foreach ($node->need('rungs')->items(12, 1) as $item) {
            $rungs[] = self::rung($item);
        }
        $at = $node->at('at')?->whole(0, max(0, count($rungs) - 1));
        if ($rungs === []) {
            return null;
        }
        $ladder = new TrainingPlan(
            rungs: $rungs,
            phase: $node->need('phase')->id(),
            style: $node->at('style')?->id(),
            at: $at,
        );
        $ladder->check($node->path(), $node->faults);

        return $ladder;
    }

    private static function rung(JsonCursor $node): TrainingStage
    {
        $node->keys(['name', 'expo', 'rate'], ['style', 'date', 'note']);
        $written = $node->at('date');
        $date = $written?->text(10);
        if ($written !== null && preg_match('/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/D', (string) $date) !== 1) {
            $written->fault('must be a date such as 2026-05-01');
        }

        return new TrainingStage(
            name: $node->need('name')->text(),
            expo: $node->need('expo')->number(0, 1),
            rate: $node->need('rate')->number(0.05, 1.5),
            style: $node->at('style')?->id(),
            date: $date,
            note: $node->at('note')?->text(400, true) ?? '',
        );
    }
}
