<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;

/** The tin that a recipe tells of: "a 23 cm (9 inch) loose-bottomed tart tin, 4 cm deep", "a 1.5 litre dish", "12-hole muffin tin", "20 cm circles". */
final readonly class TinWords
{
    private const LENGTH = '(?<number>\d+(?:\.\d+)?(?:\s?½|[ -]1\/2)?)\s*-?\s*(?<unit>cm|mm|centimetres?|inch(?:es)?|in\b|″|”|"|\'\')';

    private const THING = '(?:tins?|tart|flan|quiche|pie|dish|pan|plate|springform|tray|ring|case|shell|skillet|mould|crust|ramekins?|sandwich|cake|round|circles?|discs?|rounds)';

    /** A tin's width, mm: what is smaller or larger is another length (judgement). */
    private const WIDTH = [70.0, 400.0];

    /** @param  list<string>  $places  of the design that were told and not assumed */
    private function __construct(public ?Tin $tin, public array $places)
    {
    }

    public static function of(string $text, PieKind $kind, ?int $pieces): self
    {
        if ($kind === PieKind::Pasty || $kind === PieKind::HandPie) {
            return self::folded($text, $kind, $pieces);
        }
        if (preg_match('/(\d{1,2})[ -]?(?:hole|cup|case)s?\b[^.]{0,20}(?:muffin|bun|tart|tin|tray|pan)|(\d{1,2}) (?:individual|small|mini) (?:tart|quiche)/iu', $text, $m) === 1) {
            return new self(new CupsTin(min(48, (int) ($m[1] !== '' ? $m[1] : $m[2])), 50, 70, 32), ['/tin/cups']);
        }
        $rectangle = '~(\d+(?:\.\d+)?)\s*(?:cm|mm|inch|in|")?\s*(?:x|×|by)\s*(\d+(?:\.\d+)?)\s*-?(cm|mm|inch|in|")(?:es)?~iu';
        if (preg_match($rectangle, $text, $m) === 1) {
            $each = str_starts_with(mb_strtolower($m[3]), 'm') ? 1.0 : (str_starts_with(mb_strtolower($m[3]), 'c') ? 10.0 : 25.4);
            [$a, $b] = [(float) $m[1] * $each, (float) $m[2] * $each];
            if (min($a, $b) >= self::WIDTH[0] && max($a, $b) <= Tin::MOST_MM) {
                return new self(new RectangularTin(max($a, $b), min($a, $b), self::depth($text) ?? ($kind === PieKind::PuffTart ? 20 : 35), 0), ['/tin', '/tin/lengthMm', '/tin/widthMm', ...(self::depth($text) === null ? [] : ['/tin/depthMm'])]);
            }
        }
        $width = self::width($text);
        $litres = $width === null && preg_match('~(\d+(?:[.,]\d+)?)\s*-?\s*(l\b|litres?|liters?|quarts?|pints?)[^.]{0,30}(?:dish|pie|pan|casserole)~iu', $text, $m) === 1
            ? (float) str_replace(',', '.', $m[1]) * (str_starts_with(mb_strtolower($m[2]), 'l') ? 1000 : (str_starts_with(mb_strtolower($m[2]), 'q') ? 946 : 568)) : null;
        if ($litres !== null && $litres >= 300 && $litres <= 20000) {
            return new self(new MeasuredDish($litres, self::depth($text) ?? 50), ['/tin', '/tin/waterMl', ...(self::depth($text) === null ? [] : ['/tin/depthMm'])]);
        }

        return $width === null ? new self(null, []) : self::round($text, $kind, $width);
    }

    private static function round(string $text, PieKind $kind, float $widthMm): self
    {
        $depth = self::depth($text);
        $isDeep = preg_match('/\bdeep\b(?! freez)/iu', $text) === 1;
        $places = ['/tin', '/tin/width', ...($depth === null ? [] : ['/tin/depthMm'])];

        return new self(match (true) {
            preg_match('/spring-?form|\bcake tin\b|\bcake pan\b|clip[- ]sided/iu', $text) === 1 => new Springform($widthMm, $depth ?? 65),
            preg_match('/\bflut(?:ed|es)\b/iu', $text) === 1 => new FlutedTin($widthMm - 10, $widthMm, $depth ?? ($isDeep ? 40 : 30), 32, 4),
            preg_match('/\b(?:pie (?:dish|plate|pan|tin|crust|shell)|sloped|skillet|enamel|deep-dish)\b/iu', $text) === 1 && $kind !== PieKind::DeepPie => new SlopedTin($widthMm - 35, $widthMm, $depth ?? ($isDeep ? 45 : 35)),
            $kind === PieKind::PotPie => new SlopedTin($widthMm - 20, $widthMm, $depth ?? 50),
            $kind === PieKind::DoubleCrust => new SlopedTin($widthMm - 35, $widthMm, $depth ?? 38),
            $kind === PieKind::DeepPie => new Springform($widthMm, $depth ?? 62),
            default => new StraightTin($widthMm, $depth ?? ($isDeep ? 40 : 32)),
        }, $places);
    }

    private static function folded(string $text, PieKind $kind, ?int $pieces): self
    {
        $usual = $kind === PieKind::Pasty ? [4, 200.0] : [8, 120.0];
        $width = self::widths($text, '(?:circles?|discs?|rounds?|saucers?|plate|cutter|squares?|diameter|across|side)');
        $width = $width === [] ? (preg_match('/\bside plate\b/iu', $text) === 1 ? 180.0 : (preg_match('/\bsaucer\b/iu', $text) === 1 ? 150.0 : null)) : $width[0];
        $count = preg_match('~\b(?:cut|stamp|make|divide|into)\b[^.]{0,40}?\b(\d{1,2}|four|six|eight|ten|twelve|two)\s+(?:x\s+)?(?:equal |even )?(?:\d+\s?(?:cm|inch|in)[ -]?)?(?:circles|discs|rounds|pieces|balls|squares|portions|pasties)~iu', $text, $m) === 1
            ? (['two' => 2, 'four' => 4, 'six' => 6, 'eight' => 8, 'ten' => 10, 'twelve' => 12][mb_strtolower($m[1])] ?? (int) $m[1]) : $pieces;
        $width = $width !== null && $width >= 80 && $width <= 300 ? $width : null;

        return new self(
            FoldedPieces::halfMoons(max(1, min(60, $count ?? $usual[0])), $width ?? $usual[1]),
            [...($count === null && $width === null ? [] : ['/tin']), ...($count === null ? [] : ['/tin/pieces']), ...($width === null ? [] : ['/tin/lengthMm'])],
        );
    }

    private static function width(string $text): ?float
    {
        return self::widths($text, self::THING)[0] ?? null;
    }

    /** @return list<float> lengths that stand before such a thing, mm */
    private static function widths(string $text, string $thing): array
    {
        $text = str_replace(['½', '¼', '¾'], [' 1/2', ' 1/4', ' 3/4'], $text);
        preg_match_all('~'.self::LENGTH.'(?![^.]{0,3}\b(?:deep|thick|dice|cubes|pieces|slices|strips|gap|border|rim|overhang))(?=(?:[^.\d]|\d+(?:\.\d+)?\s*-?\s*(?:cm|inch(?:es)?|in\b|")){0,45}?\b'.$thing.'\b)~iu', $text, $before, PREG_SET_ORDER);
        preg_match_all('~\b'.$thing.'\b[^.\d]{0,25}?'.self::LENGTH.'(?![^.]{0,3}\b(?:deep|thick))~iu', $text, $behind, PREG_SET_ORDER);
        $widths = [];
        foreach ([...$before, ...$behind] as $one) {
            try {
                $mm = QuantityParser::length(trim($one['number']).' '.strtr($one['unit'], ['″' => '"', '”' => '"', "''" => '"']))->value;
            } catch (Refused) {
                continue;
            }
            if ($mm >= self::WIDTH[0] && $mm <= self::WIDTH[1]) {
                $widths[] = $mm;
            }
        }

        return $widths;
    }

    private static function depth(string $text): ?float
    {
        $text = str_replace(['½', '¼', '¾'], ['.5', '.25', '.75'], $text);
        if (preg_match('~(\d+(?:\.\d+)?)\s*-?\s*(cm|mm|inch(?:es)?|in|")[ -]*deep~iu', $text, $m) !== 1 && preg_match('~\bdepth(?: of)? (\d+(?:\.\d+)?)\s*(cm|mm|inch(?:es)?|in|")~iu', $text, $m) !== 1) {
            return null;
        }
        try {
            $mm = QuantityParser::length("$m[1] $m[2]")->value;
        } catch (Refused) {
            return null;
        }

        return $mm >= 12 && $mm <= 120 ? $mm : null;
    }
}
