<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/**
 * The word for a base, 20 min out of the oven, by water to solids that are not fat, X, of its outer half: fat in a crust is not
 * wetness. Baked wheat is glassy and snaps up to a water activity of about 0.5 (published of crackers and crusts at room temperature,
 * from memory), which is X = 0.08 by the model's own activity; the words of the kitchen begin where bakes of practice fall apart (fitted, docs/model.md).
 */
enum BaseVerdict: string
{
    case Crisp = 'crisp';
    case Dry = 'dry';
    case Soft = 'soft';
    case Soggy = 'soggy';
    case Raw = 'raw';

    public const CRISP_TO_RATIO = 0.12;

    public const DRY_TO_RATIO = 0.22;

    public const SOFT_TO_RATIO = 0.385;

    /** A base less baked through than this is paste, however dry (judgement). */
    public const BAKED_FROM_SHARE = 0.5;

    /** A filling as hot as this melts the fat out of raw dough before it bakes; cooks let it cool first (common practice, no source). */
    public const MELTS_FROM_CELSIUS = 45.0;

    /** @return list<array{self, float|null}> each word and up to which ratio it holds, of a base that is baked through */
    public static function scale(): array
    {
        return [[self::Crisp, self::CRISP_TO_RATIO], [self::Dry, self::DRY_TO_RATIO], [self::Soft, self::SOFT_TO_RATIO], [self::Soggy, null]];
    }

    /** @param  float  $bakedShare  0 raw to 1 baked through */
    public static function of(float $ratio, float $bakedShare): self
    {
        return match (true) {
            $bakedShare < self::BAKED_FROM_SHARE => self::Raw,
            $ratio < self::CRISP_TO_RATIO => self::Crisp,
            $ratio <= self::DRY_TO_RATIO => self::Dry,
            $ratio <= self::SOFT_TO_RATIO => self::Soft,
            default => self::Soggy,
        };
    }
}
