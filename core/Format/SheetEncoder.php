<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Section;
use DuskSwitch\Core\Sheet\Sheet;

/** Writes a programming sheet: as plain values for JSON, as CSV (RFC 4180), as a page to print. */
final class SheetEncoder
{
    /** @return array<string, mixed> */
    public static function encode(Sheet $sheet): array
    {
        $keys = array_flip(array_map(spl_object_id(...), $sheet->lines()));

        return [
            'name' => $sheet->program->name,
            'transmitter' => $sheet->transmitter->id,
            'transmitterName' => $sheet->transmitter->name,
            'compromises' => $sheet->compromises(),
            'losses' => $sheet->losses,
            'sections' => array_map(
                fn (Section $section): array => [
                    'title' => $section->title,
                    'says' => $section->says,
                    'lines' => array_map(
                        fn (Line $line): array => [
                            'key' => $keys[spl_object_id($line)],
                            'what' => $line->what,
                            'value' => $line->value,
                            'wanted' => $line->wanted,
                            'lost' => $line->lost,
                        ],
                        $section->lines,
                    ),
                ],
                $sheet->sections,
            ),
        ];
    }

    /** Columns: section, what, value, wanted, lost. */
    public static function csv(Sheet $sheet): string
    {
        $rows = [['section', 'what', 'value', 'wanted', 'lost']];
        foreach ($sheet->sections as $section) {
            foreach ($section->lines as $line) {
                $rows[] = [$section->title, $line->what, $line->value, $line->wanted ?? '', $line->lost ?? ''];
            }
        }

        return implode('', array_map(Csv::row(...), $rows));
    }

    /**
     * A page of its own, for paper: boxes to tick, a section never torn in two.
     *
     * @param  string  $of  which revision, printed when, as a sentence; empty where neither is known
     */
    public static function html(Sheet $sheet, string $of = ''): string
    {
        $text = fn (string $raw): string => htmlspecialchars($raw, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
        $body = '';
        foreach ($sheet->sections as $section) {
            $rows = '';
            foreach ($section->lines as $line) {
                $lost =
                    $line->lost === null
                        ? ''
                        : '<small>▲ wanted '.$text($line->wanted ?? '').': '.$text($line->lost).'</small>';
                $rows .= "<tr><td class=\"box\">☐</td><th scope=\"row\">{$text($line->what)}</th><td>{$text(
                    $line->value,
                )}{$lost}</td></tr>\n";
            }
            $body .= "<section><h2>{$text($section->title)}</h2><p>{$text(
                $section->says,
            )}</p><table>{$rows}</table></section>\n";
        }
        $losses =
            $sheet->losses === []
                ? ''
                : '<section><h2>Can\'t come along</h2><ul>'.
                    implode('', array_map(fn (string $one): string => "<li>▲ {$text($one)}</li>", $sheet->losses)).
                    '</ul></section>';
        $title = $text("{$sheet->program->name} on {$sheet->transmitter->name}");

        return <<<HTML
        <!doctype html>
        <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{$title}</title>
        <style>
        body { font: 11pt/1.35 system-ui, sans-serif; color: #111; background: #fff; max-width: 190mm; margin: 8mm auto;
            padding: 0 4mm }
        h1 { font-size: 18pt; margin: 0 } h2 { font-size: 12.5pt; margin: 0 } p { margin: 0 0 1mm; color: #444 }
        section { margin-top: 5mm; break-inside: avoid } table { width: 100%; border-collapse: collapse }
        th, td { text-align: left; vertical-align: top; padding: .8mm 2mm .8mm 0; border-top: .2mm solid #bbb;
            font-weight: normal }
        th { width: 38% } td { font-variant-numeric: tabular-nums } .box { width: 7mm; font-size: 13pt; line-height: 1 }
        small { display: block; font-size: 9.5pt }
        tr { break-inside: avoid } section.long { break-inside: auto }
        </style></head><body>
        <h1>{$title}</h1><p>{$text($of)}</p><p>Key in from top to bottom and tick each box. Propellers off.</p>
        {$losses}{$body}</body></html>

        HTML;
    }
}
