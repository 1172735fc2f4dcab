<?php

declare(strict_types=1);

namespace App\Wording;

use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\Tin;

/** What a tin is called, and how its section is cut. */
final readonly class TinWords
{
    public static function label(Tin $tin): Statement
    {
        $deep = ['deepCm' => $tin->depthMm() / 10];

        return match (true) {
            $tin instanceof FlutedTin => new Statement('tin.fluted', ['wideCm' => $tin->rimDiameterMm / 10, ...$deep]),
            $tin instanceof SlopedTin => new Statement('tin.sloped', ['wideCm' => $tin->rimDiameterMm / 10, ...$deep]),
            $tin instanceof Springform => new Statement('tin.springform', ['wideCm' => $tin->diameterMm / 10, ...$deep]),
            $tin instanceof RectangularTin => self::rectangle($tin, $deep),
            $tin instanceof CupsTin => new Statement('tin.cups', ['cups' => $tin->cups, 'wideCm' => $tin->rimDiameterMm / 10, ...$deep]),
            $tin instanceof MeasuredDish => new Statement('tin.dish', ['waterMl' => $tin->waterMl, ...$deep]),
            $tin instanceof FoldedPieces => new Statement('tin.'.$tin->fold->value, ['discs' => $tin->pieces, 'longCm' => $tin->lengthMm / 10, 'wideCm' => $tin->wideMm() / 10]),
            default => new Statement('tin.straight', ['wideCm' => 2 * $tin->radiusMm($tin->depthMm()) / 10, ...$deep]),
        };
    }

    /** Which way its section is cut, where that is not plain; null for a round tin. */
    public static function cut(Tin $tin): ?Statement
    {
        return match (true) {
            $tin instanceof RectangularTin => new Statement('cut.short-side'),
            $tin instanceof CupsTin => new Statement('cut.one-cup'),
            $tin instanceof MeasuredDish => new Statement('cut.round-dish'),
            $tin instanceof FoldedPieces => new Statement('cut.fold'),
            default => null,
        };
    }

    /** @param  array{deepCm: float}  $deep */
    private static function rectangle(RectangularTin $tin, array $deep): Statement
    {
        [$long, $wide] = [($tin->lengthMm + $tin->flareMm) / 10, ($tin->widthMm + $tin->flareMm) / 10];

        return abs($long - $wide) < 0.05
            ? new Statement('tin.square', ['wideCm' => $long, ...$deep])
            : new Statement('tin.rectangular', ['longCm' => $long, 'wideCm' => $wide, ...$deep]);
    }
}
