<?php

declare(strict_types=1);

namespace App\Label;

use App\Wording\Words;
use Dompdf\Dompdf;
use Dompdf\Options;

/** Labels on paper: as many as wanted, side by side on A4, or one to a page. */
final readonly class LabelPdf
{
    private const POINTS_A_MM = 72 / 25.4;

    /** Where the first label stands on A4: what is left over is the same on both sides. */
    private const SHEET_LEFT_MM = 10.0;

    private const SHEET_TOP_MM = 12.5;

    public static function of(LabelAnswer $label, SheetWish $wish, Words $words): string
    {
        $size = LabelSize::for($label);
        $pdf = new Dompdf(new Options(['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'tempDir' => sys_get_temp_dir(), 'fontCache' => self::folder(), 'fontDir' => self::folder()]));
        $pdf->setPaper($wish->isSheet ? 'A4' : [0, 0, $size->wideMm() * self::POINTS_A_MM, $size->highMm() * self::POINTS_A_MM]);
        $pdf->loadHtml(self::page($label, $size, $wish, $words), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }

    private static function folder(): string
    {
        $folder = storage_path('fonts');
        if (! is_dir($folder)) {
            @mkdir($folder, 0o755, true);
        }

        return $folder;
    }

    private static function page(LabelAnswer $label, LabelSize $size, SheetWish $wish, Words $words): string
    {
        $one = self::label($label, $words);
        $edge = LabelSize::EDGE_MM;
        $inner = $size->wideMm() - 2 * $edge;
        $css = "@page{margin:0}body{margin:0;font-family:'DejaVu Sans';font-size:7pt;color:#000}.page{position:relative;height:1mm}.next{page-break-before:always}.label{position:absolute;width:{$inner}mm;line-height:1.1}.cut{position:absolute;border:0.15mm dotted #999}".
            '.name{font-size:10pt;font-weight:bold}p{margin:0 0 0.7mm;line-height:1.1}table{border-collapse:collapse;width:100%;border-top:0.3mm solid #000}td{padding:0 1mm 0 0;line-height:1.05}';
        $aPage = $wish->isSheet ? $size->aSheet() : 1;
        $pages = [];
        for ($left = $wish->count; $left > 0; $left -= $aPage) {
            $labels = implode('', array_map(static fn (int $at): string => self::placed($one, $size, $wish->isSheet, $at), range(0, min($left, $aPage) - 1)));
            $pages[] = '<div class="page'.($pages === [] ? '' : ' next').'">'.$labels.'</div>';
        }

        return "<!doctype html><html><head><meta charset=\"utf-8\"><title>Labels</title><style>$css</style></head><body>".implode('', $pages).'</body></html>';
    }

    private static function placed(string $label, LabelSize $size, bool $isSheet, int $at): string
    {
        [$left, $top] = $isSheet ? [self::SHEET_LEFT_MM + $at % $size->across() * $size->wideMm(), self::SHEET_TOP_MM + intdiv($at, $size->across()) * $size->highMm()] : [0.0, 0.0];
        $cut = $isSheet ? "<div class=\"cut\" style=\"left:{$left}mm;top:{$top}mm;width:{$size->wideMm()}mm;height:{$size->highMm()}mm\"></div>" : '';
        $edge = LabelSize::EDGE_MM;

        return $cut.'<div class="label" style="left:'.($left + $edge).'mm;top:'.($top + $edge).'mm">'.$label.'</div>';
    }

    private static function label(LabelAnswer $label, Words $words): string
    {
        $say = static fn (string $code): string => e($words->word('label', $code));
        $ingredients = implode('', array_map(static fn (LabelRun $one): string => $one->isBold ? '<b>'.e($one->text).'</b>' : e($one->text), $label->ingredients));
        $rows = implode('', array_map(static fn (NutrientRow $one): string => '<tr><td>'.e($one->name).'</td><td>'.e($one->of100g).'</td><td>'.e($one->ofPiece).'</td><td>'.e($one->range).'</td></tr>', $label->nutrients));

        return '<p class="name">'.e($label->name).'</p><p>'.$say('ingredients').": $ingredients.</p>".
            '<p><b>'.$say($label->soldAs->isBaked() ? 'use-by' : 'bake-by').' '.e(self::date($label->useBy)).'</b> · '.$say($label->soldAs->isBaked() ? 'baked-on' : 'made-on').' '.e(self::date($label->madeOn)).' · '.$label->pieceGrams.' g</p>'.
            '<p>'.e(implode(' ', $label->keep)).'</p><p>'.e(implode(' ', $label->eat)).'</p>'.
            '<table><tr><td></td><td>100 g</td><td>'.$say('piece').'</td><td>'.$say('eight-in-ten')."</td></tr>$rows</table><p>".$say('not-known').'</p>';
    }

    /** As it is said in the kitchen: Mon 30 Nov 2026. */
    private static function date(string $date): string
    {
        return (new \DateTimeImmutable($date))->format('D j M Y');
    }
}
